<?php

declare(strict_types=1);

namespace Tests\core\Statistics;

use Kontrast\Statistics\Cholesky;
use Kontrast\Statistics\CountCells;
use Kontrast\Statistics\PoissonFit;
use Kontrast\Statistics\QuasiPoisson;
use PHPUnit\Framework\TestCase;
use Tests\core\Reference\Frozen;

/** The regression beside R's glm and mgcv, frozen by tests/reference/poisson.R. */
final class QuasiPoissonTest extends TestCase
{
    private const FACTORS = ['finish', 'skirt', 'style'];

    /** Contrasts with the first level, and their errors, as glm(family = quasipoisson) has them: to six digits. */
    public function testUnshrunkItIsWhatGlmSays(): void
    {
        $free = self::frozen()['free'];
        [$cells, $groups, $columns] = self::stints();
        $fit = QuasiPoisson::free($cells, $groups, $free['dispersion']);
        self::assertCount(10, $free['effects']);
        foreach ($free['effects'] as $name => $effect) {
            $first = $columns[substr($name, 0, -1).'a'];
            [$value, $variance] = $fit->sum([$columns[$name] => 1.0, $first => -1.0]);
            self::assertEqualsWithDelta($effect, $value, 1e-6 * max(1.0, abs($effect)), $name);
            self::assertEqualsWithDelta($free['errors'][$name], sqrt($variance), 1e-6, $name);
        }
    }

    /** Random effects by REML: mgcv's to within a twentieth of each one's error, with the variances that it finds. */
    public function testShrunkItIsWhatMgcvSays(): void
    {
        $shrunk = self::frozen()['shrunk'];
        [$cells, $groups, $columns] = self::stints();
        $fit = QuasiPoisson::shrunk($cells, $groups, 0.0, 0.3, precision: 1e-6, given: $shrunk['dispersion']);
        foreach ($shrunk['effects'] as $name => $effect) {
            $error = $shrunk['errors'][$name];
            [$value, $variance] = $fit->sum([$columns[$name] => 1.0]);
            self::assertEqualsWithDelta($effect, $value, 0.05 * $error, $name);
            self::assertEqualsWithDelta($error, sqrt($variance), 0.05 * $error, "the error of $name");
        }
        foreach ($shrunk['spreads'] as $group => $spread) {
            self::assertEqualsWithDelta($spread, sqrt($fit->variances[$group]), 0.05 * $spread);
        }
    }

    /** Pearson's statistic over its degrees of freedom is the dispersion that glm prints, where blocks tell no more than stints. */
    public function testTheDispersionIsPearsons(): void
    {
        $free = self::frozen()['free'];
        [$cells, $groups] = self::stints();
        // Nothing in a group but its last level is free of the others: as many effects less as there are groups.
        $used = \count($groups) - \count(self::FACTORS);
        self::assertEqualsWithDelta($free['dispersion'], QuasiPoisson::free($cells, $groups)->dispersion, 2e-3 * $used);
    }

    public function testFromWhatWasMuchAlikeItIsThereAtOnce(): void
    {
        [$cells, $groups] = self::stints();
        $cold = QuasiPoisson::shrunk($cells, $groups, 2.0, 0.17);
        $warm = QuasiPoisson::shrunk($cells, $groups, 2.0, 0.17, $cold);
        self::assertLessThan($cold->rounds, $warm->rounds);
        self::assertEqualsWithDelta($cold->effects, $warm->effects, 2e-3);
    }

    /** Bites that come at one time of a stint tell of flurries that the stints by themselves hide. */
    public function testFlurriesWithinStintsAreSeenInTheirBlocks(): void
    {
        $steady = self::evenly([600, 2400, 4200, 6000]);
        $flurries = self::evenly([600, 620, 640, 660]);
        self::assertSame(1.0, $steady->dispersion);
        self::assertEqualsWithDelta(3.2, $flurries->dispersion, 0.1);
    }

    public function testWithNothingNotedThereIsNothing(): void
    {
        $fit = QuasiPoisson::shrunk(new CountCells(), [], 2.0, 0.17);
        self::assertSame([[], 1.0], [$fit->effects, $fit->dispersion]);
    }

    /** A matrix by hand: 4x + 2y = 10, 2x + 3y = 9. */
    public function testATriangleSolvesAndInverts(): void
    {
        $triangle = Cholesky::of([[4.0], [2.0, 3.0]]);
        self::assertEqualsWithDelta([1.5, 2.0], $triangle->solve([10.0, 9.0]), 1e-12);
        self::assertEqualsWithDelta([[0.375, -0.25], [-0.25, 0.5]], $triangle->inverse(), 1e-12);
        self::assertEqualsWithDelta([0.375, 0.5], $triangle->inverseDiagonal(), 1e-12);
    }

    /**
     * @return array{
     *     stints: list<array{string, string, string, string, float, int}>,
     *     free: array{effects: array<string, float>, errors: array<string, float>, dispersion: float},
     *     shrunk: array{effects: array<string, float>, errors: array<string, float>, dispersion: float, spreads: list<float>},
     * }
     */
    private static function frozen(): array
    {
        /* @phpstan-ignore return.type (tests/reference/poisson.R writes it so) */
        return Frozen::data('poisson');
    }

    /** @return array{CountCells, list<int>, array<string, int>} with the column of each level */
    private static function stints(): array
    {
        $columns = $groups = [];
        foreach (self::frozen()['stints'] as $stint) {
            foreach (self::FACTORS as $group => $factor) {
                $columns["$factor{$stint[1 + $group]}"] = $group;
            }
        }
        ksort($columns);
        $groups = array_values($columns);
        $columns = array_flip(array_keys($columns));
        $cells = new CountCells();
        foreach (self::frozen()['stints'] as $i => [$day, $finish, $skirt, $style, $hours, $bites]) {
            $cells->patterns[] = [$columns["finish$finish"], $columns["skirt$skirt"], $columns["style$style"]];
            $cells->add("day $day", $i, $hours, $bites, (float) $bites ** 2, 1);
        }

        return [$cells, $groups, $columns];
    }

    /** @param list<int> $at seconds at which something bit, in every one of 40 stints of two hours */
    private static function evenly(array $at): PoissonFit
    {
        $cells = new CountCells();
        $cells->patterns = [[0], [1]];
        for ($i = 0; $i < 40; ++$i) {
            $cells->add(intdiv($i, 4), $i % 2, 2.0, \count($at), ...CountCells::uneven(0, 7200, $at));
        }

        return QuasiPoisson::shrunk($cells, [0, 0], 2.0, 0.17);
    }
}

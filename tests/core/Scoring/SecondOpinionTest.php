<?php

declare(strict_types=1);

namespace Tests\core\Scoring;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Adviser;
use Kontrast\Scoring\Candidate;
use Kontrast\Scoring\Opinion;
use Kontrast\Scoring\SecondOpinion;
use Kontrast\Scoring\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Fits;
use Tests\core\Readings;

final class SecondOpinionTest extends TestCase
{
    public function testTheAdvisedPickComesFirstAndTheRulesOwnRunnersUpNext(): void
    {
        $finish = self::on(Readings::of(LureKind::BladedJig, 27))[0];
        self::assertSame('blades.finish', $finish->pick);
        self::assertSame(
            ['gold', 'copper'],
            array_map(static fn (Candidate $candidate): string => $candidate->value, \array_slice($finish->candidates, 0, 2)),
        );
        self::assertCount(3, $finish->candidates);
    }

    public function testAnActualMatchIsAgreedToReadAsOne(): void
    {
        $pairing = self::on(Readings::of(LureKind::BladedJig, 12, schools: new Schools(pairing: PairingSchool::OneTone)))[1];
        self::assertSame(Verdict::Agrees, $pairing->verdict);
        self::assertSame(0.0, $pairing->candidates[0]->figure);
        self::assertSame('one', $pairing->candidates[0]->reads);
    }

    /**
     * Worked by hand from the three distances: to be found, or dark against the sky, the advised finish must be made out from at least nine
     * tenths of the farthest; to be quiet it must be lost within a tenth of the soonest; all within a tenth of each other is no difference.
     *
     * @param list<float> $inches
     */
    #[DataProvider('finishes')]
    public function testTheVerdictFollowsFromTheDistances(int $visibility, Tint $tint, Sky $sky, array $inches, Verdict $verdict): void
    {
        $finish = self::on(Readings::of(LureKind::BladedJig, $visibility, $tint, $sky, Wind::Chop))[0];
        foreach ($inches as $i => $expected) {
            self::assertEqualsWithDelta(
                $expected,
                $finish->candidates[$i]->figure,
                0.02 * $expected + 0.02,
                $finish->candidates[$i]->value,
            );
        }
        self::assertSame($verdict, $finish->verdict);
    }

    /** @return iterable<string, array{int, Tint, Sky, list<float>, Verdict}> */
    public static function finishes(): iterable
    {
        yield 'found: 7.7 of 7.9' => [12, Tint::Clay, Sky::Sun, [7.71, 7.87, 1.99], Verdict::Agrees];
        yield 'found: nothing of 2.1' => [12, Tint::Clay, Sky::Overcast, [0.0, 0.92, 2.13], Verdict::AboutEven];
        yield 'dark: 4.5 of 4.5' => [12, Tint::Clay, Sky::Night, [4.51, 0.0, 1.69], Verdict::Agrees];
        yield 'dark: 15 of 26' => [27, Tint::Tannic, Sky::Night, [15.24, 25.62, 25.84], Verdict::Disagrees];
        yield 'quiet: 50.9 is least' => [48, Tint::Tannic, Sky::Overcast, [50.91, 51.36, 58.89], Verdict::Agrees];
        yield 'quiet: 33 where 16 is least' => [48, Tint::Clay, Sky::Sun, [33.17, 33.89, 15.83], Verdict::Disagrees];
    }

    public function testAJigWithoutBladesIsAskedAboutItsPairingAlone(): void
    {
        self::assertSame(
            ['pairing'],
            array_map(static fn (Opinion $opinion): string => $opinion->pick, self::on(Readings::of(LureKind::Jig))),
        );
    }

    public function testItNeverOverrulesTheTrade(): void
    {
        foreach (Readings::random(40, 9) as $reading) {
            $advice = Adviser::standard()->advise($reading);
            foreach (SecondOpinion::form($reading, $advice, Fits::shared()) as $opinion) {
                if ('blades.finish' === $opinion->pick) {
                    $blades = $advice->build->blades;
                    self::assertSame(($blades[1] ?? $blades[0])->finish->value, $opinion->candidates[0]->value);
                }
                self::assertNotSame('', $opinion->because);
            }
        }
    }

    /** @return list<Opinion> */
    private static function on(Reading $reading): array
    {
        return SecondOpinion::form($reading, Adviser::standard()->advise($reading), Fits::shared());
    }
}

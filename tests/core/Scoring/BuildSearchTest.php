<?php

declare(strict_types=1);

namespace Tests\core\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryPart;
use Kontrast\Lure\Arm;
use Kontrast\Lure\Colour;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\BuildSearch;
use Kontrast\Scoring\PartFit;
use Kontrast\Scoring\RankedBuild;
use Kontrast\Scoring\SharedScores;
use Kontrast\Scoring\TopK;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\core\Bins;
use Tests\core\Fits;
use Tests\core\Readings;
use Tests\core\Simulation;

/** The best of the bin: exact, whatever the bin. */
final class BuildSearchTest extends TestCase
{
    /** What many readings have in common is worked out once: the search finds the same builds as each reading by itself. */
    #[Group(Simulation::GROUP)]
    public function testReadingsScoredTogetherAreScoredAlike(): void
    {
        $bin = Bins::random(12, 8, 10, 12, 12, 3);
        $shared = new SharedScores();
        foreach (Readings::random(Simulation::size(60, 20), 4) as $reading) {
            $brief = Adviser::standard()->brief($reading);
            $together = new BuildScorer($reading, $brief, Fits::shared(), $shared);
            $found = (new BuildSearch($bin, $together))->bestByPoints();
            $alone = (new BuildSearch($bin, self::scorer($reading)))->best();
            self::assertSame(
                array_map(static fn (RankedBuild $one): array => [$one->scores->points, $one->build->parts()], $alone),
                array_map(static fn (array $one): array => [$one[0], $one[1]->parts()], $found),
            );
            foreach ($found as [$points, $build]) {
                [$quick, $trailer] = [$together->points, $build->trailer];
                self::assertSame(
                    $points,
                    $quick->body($build) + $quick->trailer($trailer) + $quick->pair($build->skirt, $trailer),
                );
                self::assertSame($together->measure($build)->most(), $together->most());
            }
        }
    }

    public function testNoPartIsWorthMoreThanWhatIsSaidOfItAtAGlance(): void
    {
        foreach (Readings::random(20, 31) as $i => $reading) {
            $bin = Bins::random($i, 8, 1, 12, 12, 1);
            $scorer = self::scorer($reading);
            $points = $scorer->points;
            foreach ($bin->heads as $head) {
                self::assertGreaterThanOrEqual($points->head($head), $scorer->mostOfHead($head));
            }
            foreach ([...$bin->skirts, null] as $skirt) {
                self::assertGreaterThanOrEqual($points->skirt($skirt), $points->mostOfSkirtByVotes($skirt));
                self::assertGreaterThanOrEqual($points->skirt($skirt), $points->mostOfSkirt($skirt));
            }
            foreach ([...$bin->trailers, null] as $trailer) {
                self::assertGreaterThanOrEqual($points->trailer($trailer), $points->mostOfTrailer($trailer));
            }
        }
    }

    /** The same ten, with the same points, in the same order as trying every build one by one. */
    #[DataProvider('bins')]
    public function testTheTenBestAreThoseOfTryingEveryBuild(int $seed): void
    {
        $bin = Bins::random($seed, 4, 6, 5, 6, 3);
        $reading = [...Readings::random(1, $seed)][0];
        $scorer = self::scorer($reading);
        $search = new BuildSearch($bin, $scorer);

        $all = EveryBuild::of($bin, $reading);
        $points = array_map(static fn (Composition $build): int => $scorer->measure($build)->points, $all);
        // Equals keep the order in which the bin has them: asort is stable.
        arsort($points);

        self::assertSame(\count($all), $search->combinations());
        self::assertSame(
            array_map(
                static fn (int $i): array => [$points[$i], self::ids($all[$i])],
                \array_slice(array_keys($points), 0, BuildSearch::MOST),
            ),
            array_map(static fn (RankedBuild $ranked): array => [$ranked->scores->points, self::ids($ranked->build)], $search->best()),
        );
    }

    /** @return iterable<string, array{int}> */
    public static function bins(): iterable
    {
        for ($seed = 1; $seed <= 20; ++$seed) {
            yield "bin $seed" => [$seed];
        }
    }

    public function testEqualsComeInTheOrderOfTheBin(): void
    {
        $bin = Inventory::of(
            [
                Bins::head(),
                ...array_map(static fn (int $i) => Bins::skirt(id: "s$i"), range(1, 5)),
                Bins::trailer(id: 't1'),
                Bins::trailer(id: 't2'),
            ],
        );
        $best = (new BuildSearch($bin, self::scorer(Readings::of(LureKind::Jig, 10, forage: Forage::Crawfish)), 4))->best();
        self::assertSame(
            ['s1 t1', 's1 t2', 's2 t1', 's2 t2'],
            array_map(static fn (RankedBuild $ranked): string => $ranked->build->skirt?->id.' '.$ranked->build->trailer?->id, $best),
        );
    }

    public function testTheAdvisedPartsThemselvesTakeNearlyEveryPoint(): void
    {
        $bin = Inventory::of(
            [
                Bins::head(0.375, Colour::Black),
                Bins::skirt(Colour::Black, Colour::Blue),
                Bins::skirt(Colour::White, id: 'wrong'),
                Bins::trailer(Colour::GreenPumpkin, TrailerStyle::Craw, 3.5, 'trailer', Colour::Orange),
                Bins::trailer(Colour::Pearl, id: 'wrong too'),
            ],
        );
        $best = (new BuildSearch($bin, self::scorer(Readings::of(LureKind::Jig, 10, forage: Forage::Crawfish))))->best();
        self::assertSame(['head', 'skirt', 'trailer'], self::ids($best[0]->build));
        self::assertGreaterThan(0.85, $best[0]->scores->points / $best[0]->scores->most());
    }

    public function testWhatABuildLacksIsToldLargestLossFirst(): void
    {
        $bin = Bins::random(9, 3, 4, 4, 4);
        foreach ((new BuildSearch($bin, self::scorer(Readings::of(LureKind::Spinnerbait))))->best() as $ranked) {
            $lost = array_map(static fn ($mark): int => $mark->lost(), $ranked->lacks());
            $sorted = $lost;
            rsort($sorted);
            self::assertSame($sorted, $lost);
            self::assertSame($ranked->scores->most() - $ranked->scores->points, array_sum($lost));
        }
    }

    public function testWithoutLeadNoLeadHeadIsTaken(): void
    {
        $bin = Inventory::of([Bins::head(id: 'lead'), Bins::head(id: 'steel', material: HeadMaterial::Steel), Bins::skirt()]);
        $best = (new BuildSearch($bin, self::scorer(Readings::of(LureKind::Jig)->with(leadFree: true))))->best();
        self::assertNotSame([], $best);
        foreach ($best as $ranked) {
            self::assertSame('steel', $ranked->build->head->id);
        }
    }

    /** Whether a bin makes anything for a reading is told without trying its builds. */
    public function testWhetherABinMakesAnythingIsWhetherThereIsABuild(): void
    {
        $made = [];
        for ($seed = 1; $seed <= 20; ++$seed) {
            $bin = Bins::random($seed, $seed % 3, $seed % 2, intdiv($seed, 2) % 2, 1, 1);
            foreach (LureKind::cases() as $kind) {
                $reading = Readings::of($kind)->with(leadFree: 0 === $seed % 4, arm: 0 === $seed % 5 ? Arm::Short : null);
                $makes = PartFit::makes($bin, $reading);
                self::assertSame((new BuildSearch($bin, self::scorer($reading)))->combinations() > 0, $makes, "$seed {$kind->value}");
                self::assertTrue(!$makes || \in_array($kind, PartFit::kinds($bin), true));
                $made[(int) $makes] = true;
            }
        }
        self::assertCount(2, $made);
        self::assertSame(
            [LureKind::Spinnerbait],
            PartFit::kinds(Inventory::of([Bins::head(kinds: [LureKind::Spinnerbait], arm: Arm::Short), Bins::blade(), Bins::skirt()])),
        );
    }

    public function testABinWithoutAHeadMakesNothing(): void
    {
        self::assertSame(
            [],
            (new BuildSearch(
                Inventory::of([Bins::skirt(trim: Trim::LongTail)]),
                self::scorer(Readings::of(LureKind::Jig, tint: Tint::Clay)),
            ))->best(),
        );
        self::assertSame(
            [],
            (new BuildSearch(Inventory::of([Bins::head(), Bins::skirt()]), self::scorer(Readings::of(LureKind::Spinnerbait))))->best(),
        );
    }

    /** A list kept short as things come is the same as sorting them all at the end. */
    public function testTheFewBestAreThoseOfSortingAll(): void
    {
        $dice = new Randomizer(new Mt19937(12));
        $top = new TopK(7);
        $all = [];
        for ($i = 0; $i < 500; ++$i) {
            $points = $dice->getInt(0, 40);
            $top->offer($points, [$i]);
            $all[] = [$points, [$i]];
        }
        usort($all, static fn (array $a, array $b): int => [$b[0], $a[1]] <=> [$a[0], $b[1]]);
        self::assertSame(\array_slice($all, 0, 7), $top->best());
    }

    private static function scorer(Reading $reading): BuildScorer
    {
        return new BuildScorer($reading, Adviser::standard()->brief($reading), Fits::shared());
    }

    /** @return list<string> */
    private static function ids(Composition $build): array
    {
        return array_map(static fn (InventoryPart $part): string => $part->id(), $build->parts());
    }
}

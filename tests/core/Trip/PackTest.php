<?php

declare(strict_types=1);

namespace Tests\core\Trip;

use Kontrast\Inventory\Composition;
use Kontrast\Lure\LureKind;
use Kontrast\Measure\Angle;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\LureRanking;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\BuildSearch;
use Kontrast\Sun\Place;
use Kontrast\Trip\CarriedRanking;
use Kontrast\Trip\PackGrid;
use Kontrast\Trip\TripPlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Fits;
use Tests\core\Readings;

/** What a day may bring, as a grid; and which of the lures carried does best on one of its readings. */
final class PackTest extends TestCase
{
    public function testTheGridHoldsEveryCombinationOnce(): void
    {
        $grid = PackGrid::of(self::plan());
        $seen = [];
        foreach ($grid->readings() as $reading) {
            $seen[self::key($reading)] = true;
        }
        self::assertCount($grid->count(), $seen);
        self::assertGreaterThan(1000, $grid->count());
        self::assertSame(Wind::cases(), $grid->winds);
        self::assertSame(Bite::cases(), $grid->bites);
    }

    /** The page finds a reading by its place: whoever turns the axes round makes every pack wrong. */
    public function testTheLastAxisTurnsFastest(): void
    {
        $grid = PackGrid::of(self::plan());
        $readings = iterator_to_array($grid->readings());
        $sizes = [\count($grid->lures), \count($grid->visibilities), \count($grid->skies), \count($grid->winds)];
        $sizes = [...$sizes, \count($grid->bites), \count($grid->covers)];
        foreach ([[0, 0, 0, 0, 0, 0], [1, 2, 1, 2, 1, 1], [1, 0, 2, 1, 2, 0]] as $at) {
            [$lure, $v, $sky, $wind, $bite, $cover] = $at;
            $place = array_reduce(array_keys($at), static fn (int $sum, int $i): int => $sum * $sizes[$i] + $at[$i], 0);
            self::assertSame(self::key($readings[$place]), implode(' ', [
                $grid->lures[$lure]->value, $grid->visibilities[$v]->inInches(), $grid->skies[$sky][0]->value,
                $grid->winds[$wind]->value, $grid->bites[$bite]->value, $grid->covers[$cover]->value,
            ]));
        }
    }

    public function testTheGridReachesBeyondWhatIsExpected(): void
    {
        $grid = PackGrid::of(self::plan());
        self::assertLessThan(18.0, $grid->visibilities[0]->inInches());
        self::assertGreaterThan(34.0, $grid->visibilities[\count($grid->visibilities) - 1]->inInches());
        $skies = array_map(static fn (array $one): Sky => $one[0], $grid->skies);
        // Rain was not forecast, and comes all the same.
        foreach ([Sky::Sun, Sky::Rain, Sky::Overcast, Sky::Broken] as $sky) {
            self::assertContains($sky, $skies);
        }
    }

    /** What the reading itself says of the sun's height is of the hour it was taken. */
    public function testUnderASkyThatIsNotExpectedNobodyKnowsHowHighTheSunStands(): void
    {
        $grid = PackGrid::of(self::plan(sun: Angle::degrees(12)));
        $unknown = array_filter($grid->skies, static fn (array $one): bool => null === $one[1]);
        self::assertNotEmpty($unknown);
        foreach ($grid->readings() as $reading) {
            $isUnknown = \in_array($reading->sky, array_column($unknown, 0), true);
            self::assertSame($isUnknown, null === $reading->sunElevation, $reading->sky->value);
        }
    }

    #[TestWith([1])]
    #[TestWith([7])]
    public function testItIsNeverSoFineThatItTakesMinutes(int $covers): void
    {
        $plan = self::plan([5.0, 60.0, 200.0], \array_slice(Cover::cases(), 0, $covers));
        $grid = PackGrid::of($plan);
        self::assertLessThanOrEqual(7560, $grid->count());
        self::assertGreaterThanOrEqual(5, \count($grid->visibilities));
    }

    public function testTheBestCarriedLureIsTheOneThatScoresMost(): void
    {
        $adviser = Adviser::standard();
        $fitter = Fits::shared();
        $builds = self::builds();
        $ranking = new CarriedRanking($builds, [], $adviser, LureRanking::standard(), $fitter);
        $reading = Readings::of(LureKind::Jig, 26, tint: Tint::Tannic, sky: Sky::Overcast);
        $ranked = $ranking->rank($reading);
        $suits = [];
        foreach (LureRanking::standard()->rank($reading) as $one) {
            // What a kind catches differs less than the votes for it.
            $suits[$one->kind->value] = 0.7 + 0.3 * $one->worth / 100;
        }
        $expected = [];
        foreach ($builds as $i => $build) {
            $asked = $reading->with(lure: $build->kind);
            $scorer = new BuildScorer($asked, $adviser->brief($asked), $fitter);
            $expected[$i] = (int) round(100 * ($suits[$build->kind->value] ?? 0.0) * $scorer->measure($build)->points / $scorer->most());
        }
        arsort($expected);
        self::assertSame(\array_slice($expected, 0, 3, true), array_column($ranked, 2, 0));
    }

    private static function key(Reading $reading): string
    {
        return implode(' ', [
            $reading->lure->value, $reading->visibility->inInches(), $reading->sky->value, $reading->wind->value, $reading->bite->value,
            $reading->cover->value,
        ]);
    }

    /**
     * @param list<float> $inches
     * @param list<Cover> $covers
     */
    private static function plan(
        array $inches = [18.0, 26.0, 34.0],
        array $covers = [Cover::Wood, Cover::Grass],
        ?Angle $sun = null,
    ): TripPlan {
        return TripPlan::of(
            Place::at(46.2, -90.6, 'America/Chicago'),
            '2026-05-09',
            '5:15',
            '14:00',
            Readings::of(LureKind::Jig, 26, tint: Tint::Tannic, sky: Sky::Sun)->with(sunElevation: $sun),
            $inches,
            covers: $covers,
            lures: [LureKind::Jig, LureKind::Spinnerbait],
        );
    }

    /** @return list<Composition> the best few of a made-up bin, of two kinds */
    private static function builds(): array
    {
        $inventory = Bins::random(4, 6, 6, 6, 6);
        $builds = [];
        foreach ([LureKind::Jig, LureKind::Spinnerbait] as $kind) {
            $reading = Readings::of($kind, 26, tint: Tint::Tannic, sky: Sky::Sun);
            $scorer = new BuildScorer($reading, Adviser::standard()->brief($reading), Fits::shared());
            foreach (\array_slice((new BuildSearch($inventory, $scorer))->best(), 0, 2) as $ranked) {
                $builds[] = $ranked->build;
            }
        }

        return $builds;
    }
}

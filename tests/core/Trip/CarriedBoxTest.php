<?php

declare(strict_types=1);

namespace Tests\core\Trip;

use App\Benchmark\RandomInventory;
use Kontrast\Carry\Answer;
use Kontrast\Carry\Solver;
use Kontrast\Inventory\Composition;
use Kontrast\Inventory\Inventory;
use Kontrast\Logbook\Analysis;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Material\CachingFitter;
use Kontrast\Material\SigmoidFitter;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\LureRanking;
use Kontrast\Scoring\BuildSearch;
use Kontrast\Sun\Place;
use Kontrast\Trip\CarryChoice;
use Kontrast\Trip\CarryPlanner;
use Kontrast\Trip\Doubts;
use Kontrast\Trip\LooksOfParts;
use Kontrast\Trip\Scenarios;
use Kontrast\Trip\TripPlan;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\core\Logbook\Notes;
use Tests\core\Readings;
use Tests\core\Simulation;

/** A box with sense: few lures that are not the same lure, since nobody is certain what the fish think. */
final class CarriedBoxTest extends TestCase
{
    private const TRIPS = 20;

    /** Over made-up days and boxes: several kinds, no two lures that look alike, and nothing much better among what was considered. */
    #[Group(Simulation::GROUP)]
    public function testABoxHasSeveralKindsAndNoLureTwice(): void
    {
        $kinds = 0;
        $worst = $sum = $gain = 0.0;
        $trips = Simulation::size(self::TRIPS, 1);
        foreach (self::trips($trips) as $i => $plan) {
            $choice = self::choice($plan, self::box($i));
            $answer = (new Solver($choice->problem))->solve(4, 6);
            $bodies = self::bodies($choice, $answer);
            $makes = array_filter($plan->lures, static fn (LureKind $lure): bool => (new BuildSearch(
                self::box($i),
                $choice->scorer(0, $lure),
            ))->combinations() > 0);
            $candidates = array_unique(array_map(static fn (Composition $one): string => $one->kind->value, $choice->bodies));
            self::assertSameSize($makes, $candidates, "Every kind that the parts make is considered on trip $i.");
            $kinds += \count(array_unique(array_map(static fn (Composition $one): string => $one->kind->value, $bodies)));
            $looks = array_map((new LooksOfParts())->ofBody(...), $bodies);
            self::assertSame($looks, array_values(array_unique($looks)), "trip $i");
            self::assertCount(4, $bodies);
            $certain = (new Solver(self::choice($plan, self::box($i), doubts: Doubts::none())->problem))->solve(4, 6);
            $fresh = self::choice($plan, self::box($i), seed: 2)->problem;
            $gain += ($fresh->worth($answer->bodies, $answer->trailers) - $fresh->worth($certain->bodies, $certain->trailers)) / 1000;
            $worst = max($worst, $answer->bound / $answer->worth - 1);
            $sum += $answer->bound / $answer->worth - 1;
        }
        Simulation::tell(\sprintf(
            'Boxes: %.2f kinds; %.1f points more on fresh draws than if all were certain; %.1f %% below the bound at most, %.1f usually',
            $kinds / $trips,
            $gain / $trips,
            100 * $worst,
            100 * $sum / $trips,
        ));
        self::assertGreaterThanOrEqual(Simulation::size(25, 10) / 10, $kinds / $trips);
        self::assertGreaterThan(Simulation::size(10, 0) / 10, $gain / $trips);
        self::assertLessThan(0.045, $worst);
    }

    /** What the candidates lose, on boxes so small that all bodies can be considered: under a point of a hundred. */
    public function testTheCandidatesLoseLittleBesideAllBodies(): void
    {
        foreach (self::trips(Simulation::size(3, 1)) as $i => $plan) {
            $box = RandomInventory::draw(200 + $i, 5, 6, 7, 8, 2);
            $few = (new Solver(self::choice($plan, $box)->problem))->solve(3, 3)->worth;
            $all = (new Solver(self::choice($plan, $box, \PHP_INT_MAX)->problem))->solve(3, 3)->worth;
            self::assertGreaterThanOrEqual(0.985, $few / $all, "trip $i");
        }
    }

    /** Asked for three kinds there are three, however good the best kind is. */
    public function testSoManyKindsAreCarriedAsAreAskedFor(): void
    {
        foreach (self::trips(1, 3) as $i => $plan) {
            $choice = self::choice($plan, self::box($i));
            $bodies = self::bodies($choice, (new Solver($choice->problem))->solve(4, 6));
            $kinds = array_unique(array_map(static fn (Composition $one): string => $one->kind->value, $bodies));
            self::assertGreaterThanOrEqual(3, \count($kinds));
        }
    }

    public function testThePlanSaysWhatEachLureIsThereForAndWhyThereAreFewer(): void
    {
        $fitter = new CachingFitter(new SigmoidFitter());
        $planner = new CarryPlanner(new Adviser(Engine::standard()), LureRanking::standard(), Doubts::prior(), $fitter);
        $plan = self::trips(1)[0];
        $carry = $planner->plan($plan, self::box(0), []);
        self::assertCount(4, $carry->lures);
        self::assertNull($carry->fewer);
        self::assertNotSame([], array_filter($carry->lures, static fn ($one): bool => null !== $one->onlyFor));
        foreach ($carry->lures as $lure) {
            self::assertSame($lure->alone >= 0.3, null !== $lure->onlyFor);
        }
        self::assertLessThanOrEqual(100.0, $carry->bound);
        self::assertSame($carry->curve[4], round($carry->worth, 1));
        // A head and a skirt make a jig and a swim jig, and no third.
        $one = $planner->plan($plan, Inventory::of([\Tests\core\Bins::head(), \Tests\core\Bins::skirt()]), []);
        self::assertSame('These 2 do all that 4 would: carry spares.', $one->fewer);
    }

    /** Draws are the same for every box, lean to both sides alike, and are 1 on the mean. */
    public function testWhatTheFishMayThinkIsDrawnOnceForAll(): void
    {
        $of = static fn (int $seed): array => array_map(
            static fn ($draw): float => $draw->body(LureKind::Jig, Colour::Black, Finish::Gold)
                * $draw->trailer(Colour::Blue, TrailerStyle::Craw),
            Doubts::prior()->draws($seed),
        );
        self::assertCount(Doubts::DRAWS, $of(1));
        self::assertSame($of(1), $of(1));
        self::assertNotSame($of(1), $of(2));
        $mean = array_sum(array_map(static fn (int $seed): float => array_sum($of($seed)) / Doubts::DRAWS, range(1, 60))) / 60;
        self::assertEqualsWithDelta(1.0, $mean, 0.03);
        $certain = array_map(static fn ($draw): float => $draw->body(LureKind::Jig, null, null), Doubts::none()->draws());
        self::assertSame([1.0], array_values(array_unique($certain)));
    }

    /** A kind that no fact speaks for still gets seven tenths of the best one's catch; where the log knows, it is the log that says. */
    public function testKindsDifferByTheirCatchAndNotByTheirVotes(): void
    {
        $ranks = ['jig' => 0.1, 'bladed_jig' => 1.0];
        self::assertEqualsWithDelta(['jig' => 0.73, 'bladed_jig' => 1.0], Doubts::prior()->kinds($ranks), 1e-9);
        $notes = [];
        for ($i = 0; $i < 60; ++$i) {
            $notes[] = Notes::stint(9, ['lure' => 'jig'], "day $i", hours: 2.0);
            $notes[] = Notes::stint(3, ['lure' => 'bladed_jig'], "day $i", hours: 2.0);
        }
        $known = Doubts::ofLog(Analysis::of($notes)->effects)->kinds($ranks);
        self::assertGreaterThan(2.0, $known['jig'] / $known['bladed_jig']);
    }

    /** @return list<Composition> */
    private static function bodies(CarryChoice $choice, Answer $answer): array
    {
        return array_map(static fn (int $b): Composition => $choice->bodies[$b], $answer->bodies);
    }

    private static function choice(
        TripPlan $plan,
        Inventory $box,
        int $mostBodies = CarryChoice::MOST_BODIES,
        ?Doubts $doubts = null,
        int $seed = 1,
    ): CarryChoice {
        $ranking = LureRanking::standard();

        return new CarryChoice(
            $plan,
            Scenarios::ofLures(Scenarios::divide($plan), $ranking, $plan->lures),
            $box,
            [],
            new Adviser(Engine::standard()),
            $ranking,
            $doubts ?? Doubts::prior(),
            new CachingFitter(new SigmoidFitter()),
            mostBodies: $mostBodies,
            seed: $seed,
        );
    }

    private static function box(int $i): Inventory
    {
        return 0 === $i % 2 ? RandomInventory::draw(100 + $i, 10, 14, 14, 18, 3) : RandomInventory::draw(11, 24, 30, 30, 40, 3);
    }

    /** @return list<TripPlan> always the same days */
    private static function trips(int $count, int $kinds = 0): array
    {
        mt_srand(77);
        $pick = static fn (array $of): mixed => $of[mt_rand(0, \count($of) - 1)];

        return array_map(static function (Reading $reading) use ($pick, $kinds): TripPlan {
            $inches = max(4.0, $reading->visibility->inInches());
            $sky = $pick([Sky::Sun, Sky::Broken]);
            $other = $pick([Sky::Overcast, Sky::Rain]);
            \assert($sky instanceof Sky && $other instanceof Sky);

            return TripPlan::of(
                Place::at(46.2, -90.6, 'America/Chicago'),
                \sprintf('2026-%02d-1%d', mt_rand(4, 10), mt_rand(0, 9)),
                '6:00',
                '17:00',
                $reading,
                [$inches * 0.7, $inches, $inches * 1.4],
                [['0:00', '24:00', $sky, 0.6], ['0:00', '24:00', $other, 0.4]],
                Cover::Wood === $reading->cover ? [Cover::Wood, Cover::Grass] : [$reading->cover, Cover::Wood],
                [[$reading->forage, 0.7], [Forage::Shad === $reading->forage ? Forage::Crawfish : Forage::Shad, 0.3]],
                leastKinds: $kinds,
            );
        }, iterator_to_array(Readings::random($count, 99), false));
    }
}

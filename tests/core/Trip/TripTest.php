<?php

declare(strict_types=1);

namespace Tests\core\Trip;

use Kontrast\Inventory\Inventory;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Material\CachingFitter;
use Kontrast\Material\SigmoidFitter;
use Kontrast\Measure\Length;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Sky;
use Kontrast\Reading\SkyAt;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\LureRanking;
use Kontrast\Rulebook\Rulebook;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\BuildSearch;
use Kontrast\Sun\Place;
use Kontrast\Trip\CarryPlanner;
use Kontrast\Trip\Doubts;
use Kontrast\Trip\NotATrip;
use Kontrast\Trip\Scenario;
use Kontrast\Trip\Scenarios;
use Kontrast\Trip\TripPlan;
use Kontrast\Trip\Turn;
use Kontrast\Trip\Turns;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Readings;
use Tests\core\Simulation;

/** A day planned: its skies by the sun's height, the minutes at which picks change, and the ways it may turn out. */
final class TripTest extends TestCase
{
    /** Turns are found where the sky of a reading changes, which is all of them as long as no rule looks at the sun's height itself. */
    public function testNoRuleLooksAtTheHeightOfTheSun(): void
    {
        foreach (Rulebook::standard()->rules as $rule) {
            self::assertNotContains('sun_elevation_deg', $rule->dependsOn(), $rule->id);
        }
    }

    #[TestWith([Sky::Sun, 40.0, Sky::Sun])]
    #[TestWith([Sky::Sun, 12.0, Sky::Sun])]
    #[TestWith([Sky::Sun, 11.9, Sky::LowSun])]
    #[TestWith([Sky::Broken, 5.0, Sky::LowSun])]
    #[TestWith([Sky::Overcast, 5.0, Sky::Overcast])]
    #[TestWith([Sky::Rain, -7.0, Sky::Night])]
    #[TestWith([Sky::Sun, -5.9, Sky::LowSun])]
    public function testTheSkyOfAReadingFollowsTheSun(Sky $overhead, float $height, Sky $expected): void
    {
        self::assertSame($expected, SkyAt::of($overhead, $height)->sky);
    }

    #[Group(Simulation::GROUP)]
    public function testTheTurnsAreAllThereAreMinuteByMinute(): void
    {
        $engine = Engine::standard();
        $lures = [LureKind::Jig, LureKind::Spinnerbait, LureKind::BladedJig];
        foreach (\array_slice($lures, 0, Simulation::size(3, 1)) as $lure) {
            $plan = self::plan(lures: [$lure], skies: [['0:00', '24:00', Sky::Sun, 0.6], ['0:00', '24:00', Sky::Overcast, 0.4]]);
            $turns = (new Turns($engine))->ofLight($plan);
            foreach ([Sky::Sun, Sky::Overcast] as $sky) {
                $found = [];
                for ($minute = $plan->from + 1; $minute < $plan->to; ++$minute) {
                    $before = new Assembly($engine->decide($plan->at($minute - 1, $sky)));
                    foreach (Change::between($before, new Assembly($engine->decide($plan->at($minute, $sky)))) as $change) {
                        $found[] = "$minute {$change->slot->value}";
                    }
                }
                $told = array_map(
                    static fn (Turn $turn): string => "$turn->minute {$turn->change->slot->value}",
                    array_values(array_filter($turns, static fn (Turn $turn): bool => $turn->sky === $sky)),
                );
                self::assertSame($found, $told, "$lure->value under $sky->value");
            }
        }
    }

    public function testATurnSaysWhatHappensAndWhy(): void
    {
        $turns = (new Turns(Engine::standard()))->ofLight(self::plan(lures: [LureKind::Jig]));
        self::assertNotSame([], $turns);
        self::assertSame('the sun climbs above 12°', $turns[0]->why);
        self::assertStringEndsWith('.', $turns[0]->because());
        $plan = self::plan();
        self::assertGreaterThanOrEqual(12, $plan->sunAt($turns[0]->minute));
        self::assertLessThan(12, $plan->sunAt($turns[0]->minute - 1));
    }

    public function testOneLikelySkyAfterAnotherIsATurn(): void
    {
        $plan = self::plan(lures: [LureKind::Jig], skies: [['0:00', '11:00', Sky::Sun, 1.0], ['11:00', '24:00', Sky::Rain, 1.0]]);
        $turns = (new Turns(Engine::standard()))->ofLight($plan);
        $eleven = array_filter($turns, static fn (Turn $turn): bool => 660 === $turn->minute);
        self::assertNotSame([], $eleven);
        foreach ($eleven as $turn) {
            self::assertSame(Sky::Rain, $turn->sky);
        }
    }

    public function testAsTheWaterClearsThePicksChangeWhereTheyDo(): void
    {
        $engine = Engine::standard();
        $plan = self::plan(lures: [LureKind::Jig], inches: [10.0, 24.0, 70.0]);
        $turns = (new Turns($engine))->ofClarity($plan);
        self::assertGreaterThan(3, \count($turns));
        foreach ($turns as $turn) {
            $at = $turn->at->inInches();
            self::assertGreaterThanOrEqual(10.0, $at);
            self::assertLessThanOrEqual(70.1, $at);
            self::assertSame(round($at, 1), $at, 'Nobody measures closer than a tenth of an inch.');
        }
    }

    /** Two picks that change close to each other are each told where they do. */
    public function testEveryTurnOfClarityIsWhereItIsTold(): void
    {
        $engine = Engine::standard();
        $told = $off = 0;
        foreach (LureKind::cases() as $lure) {
            $plan = self::plan(lures: [$lure], inches: [4.0, 24.0, 90.0]);
            $middle = intdiv($plan->from + $plan->to, 2);
            foreach ((new Turns($engine))->ofClarity($plan) as $turn) {
                // Told to a tenth of an inch.
                [$before, $after] = array_map(
                    static fn (float $by): array => (new Assembly($engine->decide(
                        $plan->at($middle, $turn->sky, $lure, Length::inches($turn->at->inInches() + $by)),
                    )))->keys($turn->change->slot),
                    [-0.11, 0.06],
                );
                ++$told;
                $off += $before === $after ? 1 : 0;
            }
        }
        self::assertGreaterThan(20, $told);
        self::assertSame(0, $off);
    }

    public function testTheWaysADayMayTurnOutAddUpToOne(): void
    {
        $plan = self::plan(
            skies: [['0:00', '11:00', Sky::Sun, 0.6], ['0:00', '11:00', Sky::Overcast, 0.4], ['11:00', '24:00', Sky::Rain, 1.0]],
            covers: [Cover::Wood, Cover::Grass],
            forage: [[Forage::Bluegill, 0.7], [Forage::Crawfish, 0.3]],
        );
        $scenarios = Scenarios::divide($plan);
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (Scenario $one): float => $one->weight, $scenarios)), 1e-9);
        $crawfish = array_filter($scenarios, static fn (Scenario $one): bool => Forage::Crawfish === $one->reading->forage);
        self::assertEqualsWithDelta(0.3, array_sum(array_map(static fn (Scenario $one): float => $one->weight, $crawfish)), 1e-9);
        self::assertSame(['low_sun', 'overcast', 'rain', 'sun'], self::skies($scenarios));
    }

    public function testOneClarityIsOneScenarioForEveryWayTheyMayBite(): void
    {
        $plan = self::plan(from: '10:00', to: '11:00', inches: [24.0, 24.0, 24.0]);
        $moods = array_map(static fn (Scenario $one): string => $one->reading->bite->value, Scenarios::divide($plan));
        self::assertSame(['normal', 'tough', 'active'], $moods);
    }

    /** Half the time normal, three tenths tough, a fifth active, unless somebody says; and as somebody says. */
    public function testMoodsCoversAndDepthsHaveTheirShares(): void
    {
        $usual = Scenarios::divide(self::plan());
        self::assertEqualsWithDelta(0.3, self::share($usual, static fn (Scenario $one): bool => Bite::Tough === $one->reading->bite), 1e-9);
        $said = Scenarios::divide(self::plan(
            covers: [Cover::Wood, Cover::Grass],
            coverShares: [0.9, 0.3],
            depths: [[4.0, 1.0], [10.0, 3.0]],
            moods: [0.0, 1.0, 0.0],
        ));
        self::assertEqualsWithDelta(1.0, self::share($said, static fn (Scenario $one): bool => Bite::Tough === $one->reading->bite), 1e-9);
        $isWood = static fn (Scenario $one): bool => Cover::Wood === $one->reading->cover;
        self::assertEqualsWithDelta(0.75, self::share($said, $isWood), 1e-9);
        $isDeep = static fn (Scenario $one): bool => $one->reading->depth->inInches() > 100;
        self::assertEqualsWithDelta(0.75, self::share($said, $isDeep), 1e-9);
    }

    /**
     * @param list<Scenario>           $scenarios
     * @param \Closure(Scenario): bool $is
     */
    private static function share(array $scenarios, \Closure $is): float
    {
        return array_sum(array_map(static fn (Scenario $one): float => $is($one) ? $one->weight : 0.0, $scenarios));
    }

    /** After a bite on a lure that covers water the spot is fished slower, as part of the day by itself (R9). */
    public function testASearchLureHasItsFollowUpAsScenariosOfTheirOwn(): void
    {
        $plan = self::plan();
        $all = Scenarios::ofLures(Scenarios::divide($plan), LureRanking::standard(), $plan->lures);
        $after = array_filter($all, static fn (Scenario $one): bool => $one->isAfterBite);
        self::assertNotSame([], $after);
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (Scenario $one): float => $one->weight, $all)), 1e-9);
        self::assertStringEndsWith('after a bite', array_values($after)[0]->label());
        // Wherever a lure that covers water suits best it is 15 % of the time.
        $share = static fn (Scenario $one): float => $one->isAfterBite ? 1 / 0.15 : 1.0;
        $wound = array_filter($all, static fn (Scenario $one): bool => !$one->isAfterBite && \count(array_filter(
            $after,
            static fn (Scenario $other): bool => $other->reading === $one->reading,
        )) > 0);
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn (Scenario $one): float => $one->weight / 0.85, $wound)),
            array_sum(array_map(static fn (Scenario $one): float => $share($one) * $one->weight, $after)),
            1e-9,
        );
        $jigs = Scenarios::ofLures(Scenarios::divide($plan), LureRanking::standard(), [LureKind::Jig]);
        self::assertSame([], array_filter($jigs, static fn (Scenario $one): bool => $one->isAfterBite));
    }

    /** A day with hundreds of ways to turn out: the thin ones are taken for those most like them, and nothing of the day is lost. */
    public function testThinScenariosAreTakenForThoseMostLikeThem(): void
    {
        $plan = self::plan(
            skies: [['0:00', '24:00', Sky::Sun, 0.5], ['0:00', '24:00', Sky::Rain, 0.5]],
            covers: [Cover::Wood, Cover::Grass, Cover::Rock],
            forage: [[Forage::Bluegill, 0.5], [Forage::Crawfish, 0.3], [Forage::Shad, 0.2]],
        );
        $whole = Scenarios::divide($plan);
        $few = Scenarios::ofLures($whole, LureRanking::standard(), $plan->lures);
        self::assertGreaterThan(100, \count($whole));
        self::assertCount(Scenarios::MOST, $few);
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (Scenario $one): float => $one->weight, $few)), 1e-9);
    }

    /** When summer time begins the clock shows no 2:00 to 2:45, and when it ends an hour comes twice (IANA time zones, as PHP has them). */
    #[TestWith(['2026-03-08', 12, 180.0])]
    #[TestWith(['2026-11-01', 16, 300.0])]
    #[TestWith(['2026-05-01', 16, 240.0])]
    public function testANightHasTheHoursThatItsClockHas(string $date, int $quarters, float $minutes): void
    {
        $plan = self::plan(date: $date, from: '0:00', to: '4:00');
        self::assertCount($quarters, $plan->quarters());
        self::assertEqualsWithDelta($minutes, array_sum(array_map($plan->minutesFrom(...), $plan->quarters())), 1e-9);
        self::assertSame('2026-03-08' === $date, !\in_array(120, $plan->quarters(), true));
    }

    /** Where everything owned is carried, the day is worth the best build of each scenario by its share, in points of a hundred. */
    public function testADayWithAllPartsIsWorthTheBestOfEachScenario(): void
    {
        $adviser = new Adviser(Engine::standard());
        $fitter = new CachingFitter(new SigmoidFitter());
        $skies = [['10:00', '12:00', Sky::Overcast, 1.0]];
        $plan = self::plan(from: '10:00', to: '12:00', skies: $skies, lures: [LureKind::Jig]);
        $bin = Inventory::of([
            Bins::head(), Bins::skirt(), Bins::skirt(Colour::Brown, id: 'brown'), Bins::trailer(), Bins::trailer(Colour::Blue, id: 'blue'),
        ]);
        $points = 0.0;
        foreach (Scenarios::divide($plan) as $one) {
            $scorer = new BuildScorer($one->reading, $adviser->brief($one->reading), $fitter);
            $points += $one->weight * 100 * (new BuildSearch($bin, $scorer))->best()[0]->scores->points / $scorer->most();
        }
        $carry = (new CarryPlanner($adviser, LureRanking::standard(), Doubts::none(), $fitter))->plan($plan, $bin, []);
        self::assertEqualsWithDelta($points, $carry->worth, 0.1);
        self::assertEqualsWithDelta($carry->worth, $carry->bound, 0.1);
        self::assertTrue($carry->isExact);
    }

    /**
     * @param array<string, mixed> $change
     */
    #[DataProvider('impossible')]
    public function testAnImpossibleDayIsToldByField(array $change, string $field, string $says): void
    {
        try {
            /* @phpstan-ignore argument.type (they are impossible on purpose) */
            self::plan(...$change);
            self::fail('That is no day.');
        } catch (NotATrip $error) {
            self::assertSame($field, $error->field);
            self::assertStringContainsString($says, $error->getMessage());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function impossible(): iterable
    {
        yield 'a day that is none' => [['date' => '2026-02-30'], 'date', 'is not a date'];
        yield 'a time that is none' => [['from' => '25:00'], 'from', 'is not a time'];
        yield 'it ends before it starts' => [['from' => '14:00', 'to' => '6:00'], 'to', 'before it starts'];
        yield 'it crosses midnight' => [['from' => '20:00', 'to' => '2:00'], 'to', 'plan a night in two trips'];
        yield 'chances that do not add up' => [['skies' => [['0:00', '24:00', Sky::Sun, 0.7]]], 'sky', 'add up to 70 %'];
        yield 'an hour without a sky' => [['skies' => [['0:00', '9:00', Sky::Sun, 1.0]]], 'sky', 'at 9:00 AM add up to 0 %'];
        yield 'a clarity of nothing' => [['inches' => [0.0, 20.0, 30.0]], 'visibility_in', 'low, likely, high'];
        yield 'two clarities' => [['inches' => [20.0, 30.0]], 'visibility_in', 'low, likely, high'];
        yield 'likely over high' => [['inches' => [10.0, 30.0, 20.0]], 'visibility_in', 'low, likely, high'];
        yield 'clarity the wrong way round' => [['inches' => [30.0, 20.0, 10.0]], 'visibility_in', 'low, likely, high'];
        yield 'nothing carried' => [['lureCount' => 0], 'carry.lures', 'at least one lure'];
        yield 'more kinds than lures' => [['lureCount' => 2, 'kinds' => 3], 'carry.kinds', 'at most 2 kinds'];
        yield 'moods that do not add up' => [['moods' => [0.5, 0.3, 0.1]], 'moods', 'add up to 90 %'];
        yield 'chances too far off for rounding' => [['skies' => [['0:00', '24:00', Sky::Sun, 1.016]]], 'sky', 'add up to 102 %'];
        yield 'moods too far off for rounding' => [['moods' => [0.5, 0.3, 0.184]], 'moods', 'add up to 98 %'];
        $two = [LureKind::Jig, LureKind::SwimJig];
        yield 'more kinds than there are' => [['lureCount' => 9, 'kinds' => 3, 'lures' => $two], 'carry.kinds', 'at most 2 kinds'];
        yield 'a minute past the last' => [['to' => '24:01'], 'to', 'is not a time'];
        yield 'as long as nothing' => [['from' => '6:00', 'to' => '6:00'], 'to', 'before it starts'];
        yield 'hours that the clock skips' => [['date' => '2026-03-08', 'from' => '2:00', 'to' => '2:45'], 'from', 'summer time begins'];
    }

    /** Whole percents may miss one by their rounding; nothing is refused that just goes. */
    public function testADayThatJustGoesIsPlanned(): void
    {
        foreach ([0.986, 1.014] as $chance) {
            self::assertCount(1, self::plan(skies: [['0:00', '24:00', Sky::Sun, $chance]])->possibleSkies());
        }
        self::assertCount(3, self::plan(moods: [0.5, 0.3, 0.214])->moods);
        // Those that may not be are left out.
        self::assertSame([[Bite::Tough, 1.0]], self::plan(moods: [0.0, 1.0, 0.0])->moods);
        self::assertSame(2, self::plan(lureCount: 2, kinds: 2)->leastKinds);
        self::assertSame(2, self::plan(lures: [LureKind::Jig, LureKind::SwimJig, LureKind::Jig], lureCount: 9, kinds: 2)->leastKinds);
        self::assertCount(1, self::plan(lureCount: 1, from: '23:45', to: '24:00')->quarters());
        self::assertCount(1, self::plan(inches: [20.0, 20.0, 20.0], from: '6:00', to: '6:01')->quarters());
        self::assertSame([6 * 60, 6 * 60 + 15], self::plan(from: '6:00', to: '6:30')->quarters());
    }

    /** Where nobody says, half of all days are as usual, and a tough one comes more often than an active one. (Chosen.) */
    public function testHowTheyBiteIsThoughtOf(): void
    {
        $moods = array_column(array_map(static fn (array $one): array => [$one[0]->value, $one[1]], self::plan()->moods), 1, 0);
        self::assertEqualsWithDelta(1.0, array_sum($moods), 1e-12);
        self::assertSame(0.5, $moods['normal']);
        self::assertGreaterThan($moods['active'], $moods['tough']);
    }

    /**
     * @param list<float>                             $inches
     * @param list<array{string, string, Sky, float}> $skies
     * @param list<Cover>                             $covers
     * @param list<array{Forage, float}>              $forage
     * @param list<LureKind>                          $lures
     * @param list<float>                             $coverShares
     * @param list<array{float, float}>               $depths
     * @param array{float, float, float}|null         $moods
     */
    private static function plan(
        string $date = '2026-05-09',
        string $from = '5:15',
        string $to = '14:00',
        array $inches = [18.0, 26.0, 34.0],
        array $skies = [],
        array $covers = [],
        array $forage = [],
        array $lures = [],
        int $lureCount = 4,
        array $coverShares = [],
        array $depths = [],
        ?array $moods = null,
        int $kinds = 0,
    ): TripPlan {
        return TripPlan::of(
            Place::at(46.2, -90.6, 'America/Chicago'),
            $date,
            $from,
            $to,
            Readings::of(LureKind::Jig, 26, tint: Tint::Tannic, sky: Sky::Sun),
            $inches,
            $skies,
            $covers,
            $forage,
            $lures,
            $lureCount,
            coverShares: $coverShares,
            depths: $depths,
            moods: $moods,
            leastKinds: $kinds,
        );
    }

    /**
     * @param list<Scenario> $scenarios
     *
     * @return list<string>
     */
    private static function skies(array $scenarios): array
    {
        $skies = array_values(array_unique(array_map(static fn (Scenario $one): string => $one->reading->sky->value, $scenarios)));
        sort($skies);

        return $skies;
    }
}

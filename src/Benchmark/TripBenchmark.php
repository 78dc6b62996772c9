<?php

declare(strict_types=1);

namespace App\Benchmark;

use Kontrast\Carry\Problem;
use Kontrast\Carry\Solver;
use Kontrast\Inventory\Inventory;
use Kontrast\Lure\LureKind;
use Kontrast\Material\CachingFitter;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Material\SigmoidFitter;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Sky;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\LureRanking;
use Kontrast\Sun\Place;
use Kontrast\Trip\CarryChoice;
use Kontrast\Trip\CarryPlanner;
use Kontrast\Trip\Doubts;
use Kontrast\Trip\Scenarios;
use Kontrast\Trip\TripPlan;
use Kontrast\Trip\Turns;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;

/** How fast a day is planned, and what to carry is chosen and proved. */
final readonly class TripBenchmark implements Benchmark
{
    private const SKIES = [Sky::Sun, Sky::Broken, Sky::Overcast, Sky::Rain];
    /** Searches are given as long as the goal allows, less what the rest takes. */
    private const SEARCH_S = 1.5;

    public function __construct(private Engine $engine)
    {
    }

    public function title(): string
    {
        return 'Trips (one core)';
    }

    public function figures(): array
    {
        $reflectances = new CachingFitter(new SigmoidFitter());
        $day = self::day([Cover::Wood], [[Forage::Bluegill, 1.0]]);
        $planned = Timer::median(fn (): int => $this->everyQuarter($day), 1);

        $wide = self::day([Cover::Wood, Cover::Grass, Cover::Rock, Cover::Dock], [
            [Forage::Bluegill, 0.4], [Forage::Crawfish, 0.3], [Forage::Shad, 0.2], [Forage::Perch, 0.1],
        ]);
        $problem = $this->choice($wide, RandomInventory::draw(7, 30, 80, 80, 80, 5), $reflectances)->problem;
        $answer = null;
        $exact = Timer::median(static function () use ($problem, &$answer): void {
            $answer = (new Solver($problem))->solve(4, 6);
        }, 3);

        $bin = RandomInventory::draw(1, 300, 520, 900, 995, 5);
        $usual = self::day([Cover::Wood], [[Forage::Bluegill, 1.0]], '6:00', '18:00', [Sky::Sun, Sky::Overcast, Sky::Rain]);
        $full = null;
        $took = Timer::median(function () use ($usual, $bin, $reflectances, &$full): void {
            $until = null;
            $full = (new CarryPlanner(new Adviser($this->engine), new LureRanking($this->engine), Doubts::prior(), $reflectances))->plan(
                $usual,
                $bin,
                [],
                goesOn: static function () use (&$until): bool {
                    $until ??= hrtime(true) / 1e9 + self::SEARCH_S;

                    return hrtime(true) / 1e9 < $until;
                },
            );
        }, 1);

        return [
            new Measurement(
                'A day of 96 quarter hours × 4 skies × 3 clarities × 4 lures: advice, light and turns',
                \sprintf('%.1f s', $planned / 1000),
                'under 1 s',
            ),
            new Measurement(
                \sprintf(
                    'Carry 4 lures and 6 trailers of %d and %d, over %d scenarios',
                    $problem->bodies,
                    $problem->none,
                    \count($problem->weights),
                ),
                \sprintf('%.2f s, %s', $exact / 1000, true === $answer?->isExact() ? 'exact' : 'NOT exact'),
                'exact in under 2 s',
            ),
            $this->besideEnumeration(),
            new Measurement(
                \sprintf('What to carry from %s parts, over %d scenarios', number_format($bin->count()), $full->scenarios ?? 0),
                \sprintf(
                    '%.1f s, within %.1f %% of the best possible',
                    $took / 1000,
                    null === $full ? 100 : 100 * ($full->bound - $full->worth) / $full->worth,
                ),
                'within 2 % in under 3 s',
            ),
        ];
    }

    /** The largest case that is enumerated in seconds. */
    private function besideEnumeration(): Measurement
    {
        mt_srand(9);
        $values = [];
        for ($s = 0; $s < 24; ++$s) {
            for ($b = 0; $b < 14; ++$b) {
                $values[$s][$b] = array_map(static fn (): int => mt_rand(50_000, 100_000), array_fill(0, 11, 0));
            }
        }
        $problem = new Problem(
            array_fill(0, 24, 1 / 24),
            array_values(array_map(array_values(...), $values)),
            14,
            10,
        );
        $found = $known = 0.0;
        $solved = Timer::median(static function () use ($problem, &$found): void {
            $found = (new Solver($problem))->solve(3, 3)->worth;
        }, 5);
        $tried = 0;
        $enumerated = Timer::median(static function () use ($problem, &$known, &$tried): void {
            $tried = 0;
            foreach (self::triples(14) as $bodies) {
                foreach (self::triples(10) as $trailers) {
                    $known = max($known, $problem->worth($bodies, $trailers));
                    ++$tried;
                }
            }
        }, 1);

        return new Measurement(
            \sprintf('Trying all %s choices of 3 and 3 from 14 and 10, next to the search', number_format($tried)),
            \sprintf(
                '%.0f times as long, %s',
                $enumerated / $solved,
                abs($found - $known) < 1.0 ? 'the same choice' : 'NOT the same choice',
            ),
        );
    }

    /** @return \Generator<int, array{int, int, int}> */
    private static function triples(int $of): \Generator
    {
        for ($a = 0; $a < $of; ++$a) {
            for ($b = $a + 1; $b < $of; ++$b) {
                for ($c = $b + 1; $c < $of; ++$c) {
                    yield [$a, $b, $c];
                }
            }
        }
    }

    private function everyQuarter(TripPlan $day): int
    {
        $advices = 0;
        $turns = new Turns($this->engine);
        foreach ($day->quarters() as $minute) {
            foreach ($day->possibleSkies() as $sky) {
                foreach ($day->visibility as $visibility) {
                    $light = Scene::of($day->at($minute, $sky, null, $visibility), Direction::Side)->light->lux();
                    foreach (LureKind::cases() as $lure) {
                        $turns->assembly($day->at($minute, $sky, $lure, $visibility))->build();
                        $advices += $light >= 0.0 ? 1 : 0;
                    }
                }
            }
        }

        return $advices + \count($turns->ofLight($day)) + \count($turns->ofClarity($day));
    }

    private function choice(TripPlan $plan, Inventory $inventory, ReflectanceFitter $reflectances): CarryChoice
    {
        $scenarios = Scenarios::ofLures(Scenarios::divide($plan), new LureRanking($this->engine), $plan->lures);
        $adviser = new Adviser($this->engine);

        return new CarryChoice($plan, $scenarios, $inventory, [], $adviser, new LureRanking($this->engine), Doubts::prior(), $reflectances);
    }

    /**
     * @param non-empty-list<Cover>                $covers
     * @param non-empty-list<array{Forage, float}> $forage
     * @param non-empty-list<Sky>                  $skies  all as likely
     */
    private static function day(
        array $covers,
        array $forage,
        string $from = '0:00',
        string $to = '24:00',
        array $skies = self::SKIES,
    ): TripPlan {
        return TripPlan::of(
            Place::at(46.2, -90.6, 'America/Chicago'),
            '2026-05-09',
            $from,
            $to,
            SearchBenchmark::reading(),
            [14.0, 26.0, 40.0],
            array_map(static fn (Sky $sky): array => ['0:00', '24:00', $sky, 1 / \count($skies)], $skies),
            $covers,
            $forage,
        );
    }
}

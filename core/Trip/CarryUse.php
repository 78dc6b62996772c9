<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Carry\Answer;
use Kontrast\Inventory\Composition;

/** What each of the few is carried for: in every scenario the best pair of them is fished, whatever the fish think that day. */
final readonly class CarryUse
{
    /** What a lure does that no other carried does, from so many points of a hundred on. (Chosen.) */
    private const ALONE = 0.3;

    /** @var list<array{int, int|null}> by row, the body and the trailer that are fished */
    private array $byRow;
    /** @var array<int, array<int, float>> by body and scenario, points of the day that would be lost without it */
    private array $alone;
    /** @var array<int, int> by minute of a quarter hour, the body that comes into its own */
    private array $ownBy;

    public function __construct(private CarryChoice $choice, private Answer $answer)
    {
        [$this->byRow, $this->alone] = $this->used();
        $this->ownBy = $this->ownBy();
    }

    /** The build that is fished most in a scenario. */
    public function build(int $scenario): Composition
    {
        $most = [];
        foreach (\array_slice($this->byRow, $scenario * Doubts::DRAWS, Doubts::DRAWS) as [$b, $t]) {
            $key = $b.' '.($t ?? '');
            $most[$key] = [1 + ($most[$key][0] ?? 0), $b, $t];
        }
        usort($most, static fn (array $x, array $y): int => $y[0] <=> $x[0]);
        [, $b, $t] = $most[0];
        $body = $this->choice->bodies[$b];

        return null === $t ? $body : $body->with($this->choice->trailers[$t]);
    }

    /** @return list<CarriedLure> most of the day first */
    public function lures(): array
    {
        $lures = array_map($this->lure(...), $this->answer->bodies);
        usort($lures, static fn (CarriedLure $a, CarriedLure $b): int => $b->covers <=> $a->covers);

        return $lures;
    }

    private function lure(int $b): CarriedLure
    {
        $shares = $trailers = [];
        foreach ($this->byRow as $row => [$body, $trailer]) {
            if ($body === $b) {
                $s = $this->choice->scenarioOf($row);
                $share = $this->choice->scenarios[$s]->weight / Doubts::DRAWS;
                $shares[$s] = ($shares[$s] ?? 0.0) + $share;
                $trailers[$trailer ?? -1] = ($trailers[$trailer ?? -1] ?? 0.0) + $share;
            }
        }
        arsort($trailers);
        $with = array_key_first($trailers) ?? -1;
        $trailer = $this->choice->trailers[$with] ?? null;
        $body = $this->choice->bodies[$b];
        $alone = array_sum($this->alone[$b] ?? []);

        return new CarriedLure(
            null === $trailer ? $body : $body->with($trailer),
            array_sum($shares),
            [] === $shares ? 'a spare' : BestFor::words($this->weighing($shares), $this->choice->scenarios),
            $this->changes($b, $with < 0 ? null : $with, $shares),
            round($alone, 1),
            $alone < self::ALONE ? null : BestFor::words($this->weighing($this->alone[$b]), $this->choice->scenarios),
            $this->stretches($b),
        );
    }

    /** @return list<array{int, int}> when it comes into its own more than any other, minutes after midnight, from and to */
    private function stretches(int $b): array
    {
        $stretches = [];
        foreach ($this->ownBy as $at => $body) {
            if ($body !== $b) {
                continue;
            }
            $last = array_key_last($stretches);
            if (null !== $last && $stretches[$last][1] === $at) {
                $stretches[$last][1] = $at + TripPlan::QUARTER;
            } else {
                $stretches[] = [$at, $at + TripPlan::QUARTER];
            }
        }

        return $stretches;
    }

    /**
     * In each quarter hour, the body that is fished there most beside how much it is fished over the whole day: each has hours in which it
     * comes into its own, even where one other is fished a little more all day long.
     *
     * @return array<int, int> by minute of the quarter hour
     */
    private function ownBy(): array
    {
        $shares = $whole = [];
        foreach ($this->byRow as $row => [$body]) {
            $scenario = $this->choice->scenarios[$this->choice->scenarioOf($row)];
            $whole[$body] = ($whole[$body] ?? 0.0) + $scenario->weight;
            $share = $scenario->weight / max(1, $scenario->to - $scenario->from);
            for ($at = intdiv($scenario->from, TripPlan::QUARTER) * TripPlan::QUARTER; $at < $scenario->to; $at += TripPlan::QUARTER) {
                $shares[$at][$body] = ($shares[$at][$body] ?? 0.0) + $share;
            }
        }
        ksort($shares);

        return array_map(static function (array $here) use ($whole): int {
            $lifts = [];
            foreach ($here as $body => $share) {
                $lifts[$body] = $share / $whole[$body];
            }
            arsort($lifts);

            return array_key_first($lifts);
        }, $shares);
    }

    /** @return list<CarriedTrailer> most of the day first */
    public function trailers(): array
    {
        $covers = array_fill_keys($this->answer->trailers, 0.0);
        foreach ($this->byRow as $row => [, $trailer]) {
            if (null !== $trailer) {
                $covers[$trailer] += $this->choice->scenarios[$this->choice->scenarioOf($row)]->weight / Doubts::DRAWS;
            }
        }
        // One that is never on a hook stays at home.
        $covers = array_filter($covers, static fn (float $share): bool => $share > 0.0);
        arsort($covers);

        return array_map(
            fn (int $t, float $share): CarriedTrailer => new CarriedTrailer($this->choice->trailers[$t], $share),
            array_keys($covers),
            $covers,
        );
    }

    /**
     * @param array<int, float> $shares by scenario
     *
     * @return list<Scenario> each as much of the day as that
     */
    private function weighing(array $shares): array
    {
        return array_map(
            fn (int $s, float $share): Scenario => $this->choice->scenarios[$s]->weighing($share),
            array_keys($shares),
            $shares,
        );
    }

    /**
     * @param array<int, float> $shares by scenario in which it is fished
     *
     * @return list<string> what to do to it on the water, and when
     */
    private function changes(int $b, ?int $t, array $shares): array
    {
        $changed = [];
        foreach ($shares as $s => $share) {
            $change = $this->changeOnWater($s, $b, $t);
            if (null !== $change) {
                $changed[$change][$s] = $share;
            }
        }

        return array_map(
            fn (string $change, array $when): string => $change.': '.BestFor::words($this->weighing($when), $this->choice->scenarios),
            array_keys($changed),
            $changed,
        );
    }

    /** What a body is made into in a scenario, null where it is fished as it is. */
    private function changeOnWater(int $scenario, int $b, ?int $t): ?string
    {
        $body = $this->choice->bodies[$b];
        $scorer = $this->choice->scorer($scenario, $body->kind);
        $trailer = null === $t ? null : $this->choice->trailers[$t];
        $best = [-1, $body];
        foreach (CarryChoice::variants($body) as $variant) {
            $points = $scorer->points->body($variant) + $scorer->pair($variant->skirt, $trailer)->points;
            $best = $points > $best[0] ? [$points, $variant] : $best;
        }
        $said = array_keys(array_filter([
            'Ink the blade black' => true === $best[1]->rear?->darkened && false === $body->rear?->darkened,
            'Pull the skirt off' => null === $best[1]->skirt && null !== $body->skirt,
        ]));

        return [] === $said ? null : ucfirst(strtolower(implode(' and ', $said)));
    }

    /** @return array{list<array{int, int|null}>, array<int, array<int, float>>} as byRow and alone have it */
    private function used(): array
    {
        $used = $alone = [];
        $problem = $this->choice->problem;
        foreach ($problem->values as $row => $values) {
            $best = [-1, $this->answer->bodies[0] ?? 0, null];
            $next = 0;
            foreach ($this->answer->bodies as $b) {
                $own = [-1, $b, null];
                foreach ([null, ...$this->answer->trailers] as $t) {
                    $worth = $values[$b][$t ?? $problem->none];
                    $own = $worth > $own[0] ? [$worth, $b, $t] : $own;
                }
                [$best, $next] = $own[0] > $best[0] ? [$own, max(0, $best[0])] : [$best, max($next, $own[0])];
            }
            $used[] = [$best[1], $best[2]];
            $s = $this->choice->scenarioOf($row);
            $alone[$best[1]][$s] = ($alone[$best[1]][$s] ?? 0.0) + $problem->weights[$row] * ($best[0] - $next) / 1000;
        }

        return [$used, $alone];
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Carry\Answer;
use Kontrast\Inventory\Composition;

/** What each of the few is carried for: in every scenario the best pair of them is fished. */
final readonly class CarryUse
{
    /** @var list<array{int, int|null}> by scenario, the body and the trailer that are fished */
    public array $byScenario;

    public function __construct(private CarryChoice $choice, private Answer $answer)
    {
        $this->byScenario = self::used($choice, $answer);
    }

    /** The build that is fished in a scenario. */
    public function build(int $scenario): Composition
    {
        [$b, $t] = $this->byScenario[$scenario];
        $body = $this->choice->bodies[$b];

        return null === $t ? $body : $body->with($this->choice->trailers[$t]);
    }

    /** @return list<CarriedLure> most of the day first */
    public function lures(): array
    {
        $scenarios = $this->choice->scenarios;
        $lures = [];
        foreach ($this->answer->bodies as $b) {
            $mine = [];
            $trailers = [];
            $changed = [];
            foreach ($this->byScenario as $s => [$body, $trailer]) {
                if ($body === $b) {
                    $mine[] = $scenarios[$s];
                    $change = $this->changeOnWater($s, $b, $trailer);
                    if (null !== $change) {
                        $changed[$change][] = $scenarios[$s];
                    }
                    $trailers[$trailer ?? -1] = ($trailers[$trailer ?? -1] ?? 0.0) + $scenarios[$s]->weight;
                }
            }
            arsort($trailers);
            $trailer = $this->choice->trailers[array_key_first($trailers) ?? -1] ?? null;
            $body = $this->choice->bodies[$b];
            $lures[] = new CarriedLure(
                null === $trailer ? $body : $body->with($trailer),
                array_sum(array_map(static fn (Scenario $one): float => $one->weight, $mine)),
                [] === $mine ? 'a spare' : BestFor::words($mine, $scenarios),
                array_map(
                    static fn (string $change, array $when): string => $change.': '.BestFor::words($when, $scenarios),
                    array_keys($changed),
                    $changed,
                ),
            );
        }
        usort($lures, static fn (CarriedLure $a, CarriedLure $b): int => $b->covers <=> $a->covers);

        return $lures;
    }

    /** @return list<CarriedTrailer> most of the day first */
    public function trailers(): array
    {
        $covers = array_fill_keys($this->answer->trailers, 0.0);
        foreach ($this->byScenario as $s => [, $trailer]) {
            if (null !== $trailer) {
                $covers[$trailer] += $this->choice->scenarios[$s]->weight;
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

    /** What a body is made into in a scenario, null where it is fished as it is. */
    private function changeOnWater(int $scenario, int $b, ?int $t): ?string
    {
        $body = $this->choice->bodies[$b];
        [$scorer] = $this->choice->scorer($scenario, $body->kind);
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

    /** @return list<array{int, int|null}> by scenario, the body and the trailer that are fished */
    private static function used(CarryChoice $choice, Answer $answer): array
    {
        $used = [];
        foreach ($choice->problem->values as $values) {
            $best = [-1, $answer->bodies[0] ?? 0, null];
            foreach ($answer->bodies as $b) {
                foreach ([null, ...$answer->trailers] as $t) {
                    $worth = $values[$b][$t ?? $choice->problem->none];
                    $best = $worth > $best[0] ? [$worth, $b, $t] : $best;
                }
            }
            $used[] = [$best[1], $best[2]];
        }

        return $used;
    }
}

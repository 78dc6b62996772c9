<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** Finds the edges near a reading, by weighing it again a little to either side of each of its numbers. */
final readonly class CloseCalls
{
    /** Halvings between here and the far side: the edge is found to a sixteenth of what counts as near. */
    private const HALVINGS = 4;

    public function __construct(private Engine $engine)
    {
    }

    /** @return list<CloseCall> nearest first */
    public function near(Assembly $here): array
    {
        $edges = [];
        foreach (Quantity::cases() as $quantity) {
            $number = $quantity->measure($here->decision->reading);
            if (null !== $number) {
                foreach ([-1, 1] as $way) {
                    $edges[] = $this->towards($here, $quantity, $number, $way * $quantity->nearness($number));
                }
            }
        }
        $edges = array_values(array_filter($edges));
        usort($edges, static fn (CloseCall $a, CloseCall $b): int => $a->share <=> $b->share);

        return $edges;
    }

    private function towards(Assembly $here, Quantity $quantity, float $number, float $reach): ?CloseCall
    {
        $same = 0.0;
        $other = 1.0;
        $changes = $this->changes($here, $quantity, $number + $reach);
        if ([] === $changes) {
            return null;
        }
        for ($i = 0; $i < self::HALVINGS; ++$i) {
            $middle = ($same + $other) / 2;
            $there = $this->changes($here, $quantity, $number + $middle * $reach);
            if ([] === $there) {
                $same = $middle;
            } else {
                $other = $middle;
                $changes = $there;
            }
        }

        return new CloseCall($quantity, $number, $number + $other * $reach, $other, $changes);
    }

    /** @return list<Change> */
    private function changes(Assembly $here, Quantity $quantity, float $number): array
    {
        $there = $this->engine->reconsider($here->decision, $quantity->set($here->decision->reading, $number), $quantity->value);

        return $there->isSame ? [] : Change::between($here, new Assembly($there));
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Part;

use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Colour;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\NumberRange;
use Kontrast\Lure\WeightRange;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Rulebook\PartPicks;
use Kontrast\Rulebook\Pick;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;

/** What a rule says of one part, gathered pick by pick. */
abstract readonly class Part implements PartPicks
{
    /** @param list<Pick> $picks */
    final protected function __construct(private array $picks = [])
    {
    }

    public function picks(): array
    {
        return $this->picks;
    }

    protected function and(Pick ...$picks): static
    {
        return new static([...$this->picks, ...array_values($picks)]);
    }

    protected function says(Slot $slot, \BackedEnum|BladeSize|HookSize|WeightRange|NumberRange|Length|Weight|bool $value): static
    {
        return $this->and(Pick::of($slot, Value::of($value)));
    }

    /** Colours among others; where this names a base of its own they hold only beside it. */
    protected function andAccents(Slot $slot, Slot $baseSlot, Colour ...$colours): static
    {
        $base = $this->first($baseSlot);
        $picks = array_map(static function (Colour $colour) use ($slot, $base): Pick {
            $accent = Pick::of($slot, Value::of($colour));

            return null === $base ? $accent : $accent->beside($base);
        }, array_values($colours));

        return $this->and(...$picks);
    }

    private function first(Slot $slot): ?Pick
    {
        foreach ($this->picks as $pick) {
            if ($pick->slot === $slot) {
                return $pick;
            }
        }

        return null;
    }
}

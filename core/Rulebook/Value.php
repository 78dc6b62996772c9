<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\BladeSize;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\NumberRange;
use Kontrast\Lure\WeightRange;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;

/**
 * A value that can be picked, with a key by which two are the same pick.
 *
 * @phpstan-type Pickable \BackedEnum|BladeSize|HookSize|WeightRange|NumberRange|Length|Weight|bool
 */
final readonly class Value
{
    /** @param Pickable $of */
    private function __construct(public string $key, public \BackedEnum|BladeSize|HookSize|WeightRange|NumberRange|Length|Weight|bool $of)
    {
    }

    /** @param Pickable $of */
    public static function of(\BackedEnum|BladeSize|HookSize|WeightRange|NumberRange|Length|Weight|bool $of): self
    {
        return new self(match (true) {
            $of instanceof \BackedEnum => (string) $of->value,
            $of instanceof BladeSize => '#'.$of->number,
            $of instanceof HookSize, $of instanceof WeightRange, $of instanceof NumberRange, $of instanceof Weight => $of->label(),
            $of instanceof Length => round($of->inInches(), 2).' in',
            true === $of => 'yes',
            default => 'no',
        }, $of);
    }

    /** As it stands in a sentence: its key, with quantities that can be said in other units. */
    public function said(): string
    {
        return match (true) {
            $this->of instanceof WeightRange, $this->of instanceof Weight, $this->of instanceof Length => $this->of->said(),
            default => $this->key,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\BladeSize;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\NumberRange;
use Kontrast\Lure\WeightRange;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Rulebook\Value;

/** A picked value as it stands in a document: a word, a number in the unit of its pick, yes or no, or a range of two numbers. */
final class ValueDocument
{
    /** @return string|float|int|bool|list<float> */
    public static function write(Value $value): string|float|int|bool|array
    {
        return match (true) {
            $value->of instanceof BladeSize => $value->of->number,
            $value->of instanceof HookSize => $value->of->label(),
            $value->of instanceof WeightRange => [round($value->of->least->inOunces(), 4), round($value->of->most->inOunces(), 4)],
            $value->of instanceof NumberRange => [$value->of->least, $value->of->most],
            $value->of instanceof Weight => round($value->of->inOunces(), 4),
            $value->of instanceof Length => round($value->of->inInches(), 3),
            \is_bool($value->of) => $value->of,
            default => (string) $value->of->value,
        };
    }
}

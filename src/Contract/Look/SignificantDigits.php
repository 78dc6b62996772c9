<?php

declare(strict_types=1);

namespace App\Contract\Look;

/** Numbers as they leave the program: six significant digits, which is more than the model knows. */
final class SignificantDigits
{
    private const DIGITS = 6;

    public static function round(float $value): float
    {
        return 0.0 === $value ? 0.0 : round($value, self::DIGITS - 1 - (int) floor(log10(abs($value))));
    }

    /**
     * @param list<float> $values
     *
     * @return list<float>
     */
    public static function all(array $values): array
    {
        return array_map(self::round(...), $values);
    }
}

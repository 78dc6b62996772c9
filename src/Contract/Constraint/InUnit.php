<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Kontrast\Measure\Said;

/** A number in a sentence about a field, in the unit that the field is in; what is measured is said in the units of whoever reads it. */
final class InUnit
{
    /** @param string $unit of the field; "" where it has none */
    public static function said(string $number, string $unit): string
    {
        $words = rtrim("$number $unit");

        return Said::isOf($unit) ? Said::mark($words) : $words;
    }
}

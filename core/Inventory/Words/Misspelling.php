<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

/** How far a word is from another: letters left out, added, changed, or two swapped (Damerau 1964, optimal string alignment). */
final class Misspelling
{
    public static function distance(string $a, string $b): int
    {
        $before = [];
        $row = range(0, \strlen($b));
        for ($i = 1; $i <= \strlen($a); ++$i) {
            $next = [$i];
            for ($j = 1; $j <= \strlen($b); ++$j) {
                $next[$j] = min($row[$j] + 1, $next[$j - 1] + 1, $row[$j - 1] + ($a[$i - 1] === $b[$j - 1] ? 0 : 1));
                if ($i > 1 && $j > 1 && $a[$i - 1] === $b[$j - 2] && $a[$i - 2] === $b[$j - 1]) {
                    $next[$j] = min($next[$j], $before[$j - 2] + 1);
                }
            }
            [$before, $row] = [$row, $next];
        }

        return $row[\strlen($b)];
    }
}

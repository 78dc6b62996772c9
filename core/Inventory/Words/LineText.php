<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

/** A line as it was typed or pasted, made ready to be read. */
final class LineText
{
    private const PLAIN = [
        '“' => '"', '”' => '"', '″' => '"', '‘' => "'", '’' => "'", '′' => "'", '×' => 'x', '✕' => 'x', '–' => '-', '—' => '-', '−' => '-',
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8', '⁄' => '/', '…' => ' ',
    ];
    /** A bullet, a box to tick, or the number of an entry. */
    private const BULLET = '~^(?:[-*•·‣▪>]+|\[[ xX]?\](?= )|\d{1,2}[.)](?=\s+\S))\s*~u';

    /** In plain quotes, fractions and spaces, without a bullet. */
    public static function tidy(string $line): string
    {
        $plain = strtr($line, self::PLAIN);
        // A decimal comma, not one of thousands.
        $plain = preg_replace('~(?<=\d),(?=\d{1,2}(?!\d))~', '.', $plain) ?? $plain;
        $plain = trim(preg_replace('~\s+~u', ' ', $plain) ?? $plain);

        return preg_replace(self::BULLET, '', $plain) ?? $plain;
    }
}

<?php

declare(strict_types=1);

namespace App\Format;

/** A value as one cell of a table, and back: lists by spaces, yes and no, numbers as they are. */
final class TableCell
{
    public static function written(mixed $value): string
    {
        return match (true) {
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_array($value) => implode(' ', array_map(self::written(...), $value)),
            \is_float($value) => (string) json_encode($value),
            \is_string($value) => self::guarded($value),
            \is_scalar($value) => (string) $value,
            default => '',
        };
    }

    /** Text that a spreadsheet would take for a formula gets an apostrophe more than it has. */
    private static function guarded(string $text): string
    {
        return 1 === preg_match("/^'*[=+\\-@\t\r]/", $text) ? "'$text" : $text;
    }

    /** @return bool|int|float|string what the cell says; a number written as text by a spreadsheet is a number */
    public static function value(string $cell): bool|int|float|string
    {
        $text = trim($cell);

        return match (true) {
            'yes' === $text => true,
            'no' === $text => false,
            1 === preg_match('/^-?\d{1,9}$/D', ltrim($text, "'")) => (int) ltrim($text, "'"),
            is_numeric(ltrim($text, "'")) => (float) ltrim($text, "'"),
            default => $text,
        };
    }

    /** Text as it is, without the mark that keeps a spreadsheet from taking it for a formula. */
    public static function text(string $cell): string
    {
        return preg_replace("/^'(?='*[=+\\-@\\t\\r])/", '', $cell) ?? $cell;
    }

    /** @return list<string> */
    public static function words(string $cell): array
    {
        $words = preg_split('/[\s|,]+/', trim($cell), -1, \PREG_SPLIT_NO_EMPTY);

        return false === $words ? [] : $words;
    }
}

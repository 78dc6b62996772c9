<?php

declare(strict_types=1);

namespace App\Format;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/**
 * Parts as a table: comma-separated values (RFC 4180) with the columns named in the first line, in any order; docs/parts.md tells them.
 * Written so that no spreadsheet takes a cell for a formula; read with whatever of comma, semicolon or tab the first line has, and with
 * a decimal comma as well as a point.
 */
final class PartsTable
{
    public const COLUMNS = [
        'kind', 'name', 'count', 'low_at', 'box', 'cost', 'colour', 'accents', 'fluorescent', 'opacity', 'metal', 'darkened', 'shape',
        'number',
        'weight_oz', 'lures', 'metal_of_head', 'hook', 'arm', 'strands', 'trim', 'style', 'length_in', 'surface', 'plastic', 'size',
        'note', 'parent_id', 'id', 'belly', 'eye', 'strand_pattern', 'belly_shape',
        'accent_share', 'layout', 'form', 'keeper',
    ];
    private const WHOLE = ['count', 'low_at', 'number'];
    private const DECIMAL = ['cost', 'opacity', 'weight_oz', 'length_in'];
    private const YES_NO = ['darkened', 'eye'];
    private const LISTS = ['accents', 'lures', 'belly'];
    /** What a spreadsheet may take for the beginning of a formula. */
    private const FORMULA = '/^[=+\-@\t\r]/';
    /** A word of the angler's that a spreadsheet would take for a number or a date, and write otherwise. */
    private const FIGURES = '/^[\d\s.,\/:%eE+\-]*\d[\d\s.,\/:%eE+\-]*$/D';
    private const TEXT = ['name', 'box', 'note'];
    private const NUMBER = '/^[+-]?[\d., ]+$/D';

    /** @param list<array<string, mixed>> $parts part documents */
    public static function write(array $parts): string
    {
        $rows = array_map(
            static fn (array $part): array => array_map(
                static fn (string $column): string => self::guarded($column, self::written($part[$column] ?? null)),
                self::COLUMNS,
            ),
            $parts,
        );

        $options = [CsvEncoder::NO_HEADERS_KEY => true, CsvEncoder::ESCAPE_CHAR_KEY => ''];

        return (new CsvEncoder($options))->encode([self::COLUMNS, ...$rows], 'csv');
    }

    /**
     * Row by row, so that a table of any length takes little memory.
     *
     * @return \Generator<int, array{line: int, data: array<string, mixed>, faults: list<Fault>}> each data row as a part document still to
     *        be checked
     *
     * @throws InvalidDocument where it is no such table at all
     */
    public static function read(string $csv): \Generator
    {
        $rows = CsvRows::of($csv);
        $rows->check(self::COLUMNS, ['kind', 'name'], 'A parts table');

        return self::documents($rows);
    }

    /** @return \Generator<int, array{line: int, data: array<string, mixed>, faults: list<Fault>}> */
    private static function documents(CsvRows $rows): \Generator
    {
        foreach ($rows->rows() as [$line, $cells, $fault]) {
            yield ['line' => $line, ...(null === $fault ? self::row($cells) : ['data' => [], 'faults' => [$fault]])];
        }
    }

    /**
     * @param array<string, string> $cells
     *
     * @return array{data: array<string, mixed>, faults: list<Fault>}
     */
    private static function row(array $cells): array
    {
        $data = [];
        $faults = [];
        foreach ($cells as $column => $cell) {
            $cell = \in_array($column, self::TEXT, true) ? $cell : trim($cell, ' ');
            if ('' === $cell) {
                continue;
            }
            if (1 === preg_match(self::FORMULA, $cell) && 1 !== preg_match(self::NUMBER, $cell)) {
                $faults[] = new Fault(
                    $column,
                    \sprintf(
                        '“%s” would run as a formula in a spreadsheet. If it is text, put an apostrophe before it.',
                        mb_strimwidth($cell, 0, 40, '…'),
                    ),
                );
                continue;
            }
            $text = self::isGuarded($column, $cell) ? substr($cell, 1) : $cell;
            $data[$column] = match (true) {
                \in_array($column, self::WHOLE, true) => self::whole($text),
                \in_array($column, self::DECIMAL, true) => self::decimal($text),
                \in_array($column, self::YES_NO, true) => self::yesNo($text),
                \in_array($column, self::LISTS, true) => preg_split('/[\s|]+/', $text, -1, \PREG_SPLIT_NO_EMPTY),
                default => $text,
            };
        }

        return ['data' => $data, 'faults' => $faults];
    }

    private static function whole(string $text): int|string
    {
        return 1 === preg_match('/^\d{1,9}$/D', $text) ? (int) $text : $text;
    }

    /** 0.375, 0,375, 3/8 or 1-1/4; anything else is left for the check to refuse. */
    private static function decimal(string $text): float|string
    {
        if (1 === preg_match('~^(?:(\d+)[ -])?(\d+)/(\d+)$~D', $text, $m) && (int) $m[3] > 0) {
            return (int) $m[1] + (int) $m[2] / (int) $m[3];
        }
        $point = str_replace(',', '.', $text);

        return is_numeric($point) ? (float) $point : $text;
    }

    private static function yesNo(string $text): bool|string
    {
        return match (strtolower($text)) {
            'yes', 'true', '1', 'x' => true,
            'no', 'false', '0' => false,
            default => $text,
        };
    }

    private static function written(mixed $value): string
    {
        return match (true) {
            null === $value => '',
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_array($value) => implode(' ', array_map(self::written(...), $value)),
            // All the digits it takes to read the same number back.
            \is_float($value) => (string) json_encode($value),
            \is_scalar($value) => (string) $value,
            default => '',
        };
    }

    /** One more apostrophe than the part has stands before what a spreadsheet must leave alone. */
    private static function guarded(string $column, string $cell): string
    {
        return self::isGuarded($column, "'$cell") ? "'$cell" : $cell;
    }

    private static function isGuarded(string $column, string $cell): bool
    {
        $bare = ltrim($cell, "'");

        return $bare !== $cell
            && (1 === preg_match(self::FORMULA, $bare) || (\in_array($column, self::TEXT, true) && 1 === preg_match(self::FIGURES, $bare)));
    }
}

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
    ];
    /** A heading longer than this is no table of parts. (Chosen.) */
    private const MOST_COLUMNS = 200;
    private const WHOLE = ['count', 'low_at', 'number'];
    private const DECIMAL = ['cost', 'opacity', 'weight_oz', 'length_in'];
    private const YES_NO = ['darkened', 'eye'];
    private const LISTS = ['accents', 'lures', 'belly'];
    /** What a spreadsheet may take for the beginning of a formula. */
    private const FORMULA = '/^[=+\-@\t\r]/';
    /** A word of the angler's that a spreadsheet would take for a number or a date, and write otherwise. */
    private const FIGURES = '/^[\d\s.,\/:%eE+\-]*\d[\d\s.,\/:%eE+\-]*$/D';
    private const TEXT = ['name', 'box', 'note'];
    private const NUMBER = '/^[+-]?[\d., ]+$/';

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
        $stream = self::stream($csv);
        $delimiter = self::delimiter($stream);
        $heading = fgetcsv($stream, null, $delimiter, '"', '');
        $columns = array_map(static fn (?string $name): string => strtolower(trim((string) $name)), false === $heading ? [] : $heading);
        self::check($columns);

        return self::rows($stream, $delimiter, $columns);
    }

    /**
     * @param resource     $stream
     * @param list<string> $columns
     *
     * @return \Generator<int, array{line: int, data: array<string, mixed>, faults: list<Fault>}>
     */
    private static function rows($stream, string $delimiter, array $columns): \Generator
    {
        $line = 1;
        while (false !== ($cells = fgetcsv($stream, null, $delimiter, '"', ''))) {
            ++$line;
            $start = $line;
            $cells = array_map(static fn (?string $cell): string => (string) $cell, $cells);
            $line += substr_count(implode('', $cells), "\n");
            if ([''] === array_unique(array_map(trim(...), $cells))) {
                continue;
            }
            if (\count($cells) !== \count($columns)) {
                $says = 'This line has %d cells, but the header has %d. The file may be cut off, or a quotation mark may be missing.';
                $fault = new Fault('', \sprintf($says, \count($cells), \count($columns)), Fault::BAD_FILE);
                yield ['line' => $start, 'data' => [], 'faults' => [$fault]];
                continue;
            }
            yield ['line' => $start, ...self::row(array_combine($columns, $cells))];
        }
        fclose($stream);
    }

    /** @param list<string> $columns */
    private static function check(array $columns): void
    {
        if (\count($columns) > self::MOST_COLUMNS) {
            throw InvalidDocument::fault(
                'heading',
                \sprintf('%d columns are too many. A parts table has at most %d.', \count($columns), \count(self::COLUMNS)),
                Fault::TOO_MANY,
            );
        }
        $faults = [];
        foreach (array_diff($columns, self::COLUMNS) as $unknown) {
            $says = 'Unknown column. Allowed: '.implode(', ', self::COLUMNS).'.';
            $faults[] = new Fault('' === $unknown ? 'heading' : mb_strimwidth($unknown, 0, 60, '…'), $says, Fault::UNKNOWN_FIELD);
        }
        foreach (array_diff(['kind', 'name'], $columns) as $missing) {
            $faults[] = new Fault($missing, 'This column is missing from the first line, which must name the columns.');
        }
        foreach (array_keys(array_filter(array_count_values($columns), static fn (int $times): bool => $times > 1)) as $twice) {
            $faults[] = new Fault($twice, 'This column appears twice.');
        }
        if ([] !== $faults) {
            throw InvalidDocument::because($faults);
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

    /** @throws InvalidDocument where it is not text in a known encoding */
    private static function text(string $bytes): string
    {
        $text = match (true) {
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            str_starts_with($bytes, "\xFF\xFE"), str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding($bytes, 'UTF-8', 'UTF-16'),
            default => $bytes,
        };
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, \strlen("\u{FEFF}")) : $text;
        if ('' === trim($text)) {
            throw InvalidDocument::fault('file', 'The file is empty. The first line must name the columns.');
        }
        if (str_contains($text, "\0")) {
            throw InvalidDocument::fault('file', 'This is not a CSV file.');
        }
        foreach (mb_check_encoding($text, 'UTF-8') ? [] : explode("\n", $text) as $i => $line) {
            if (!mb_check_encoding($line, 'UTF-8')) {
                throw InvalidDocument::fault('line '.($i + 1), 'This line is not in UTF-8. Save the table as “CSV UTF-8”.');
            }
        }

        return $text;
    }

    /**
     * @return resource the text behind any byte order mark; beyond two megabytes it lies on disk
     *
     * @throws InvalidDocument
     */
    private static function stream(string $csv)
    {
        $stream = fopen('php://temp', 'r+');
        \assert(false !== $stream);
        fwrite($stream, self::text($csv));
        rewind($stream);

        return $stream;
    }

    /** @param resource $stream at its beginning */
    private static function delimiter($stream): string
    {
        $first = (string) fgets($stream);
        rewind($stream);
        $counts = array_map(static fn (string $delimiter): int => substr_count($first, $delimiter), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($counts);

        return array_key_first($counts);
    }
}

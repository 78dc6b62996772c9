<?php

declare(strict_types=1);

namespace App\Format;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;

/** A table as text: its columns named in the first line, with whatever of comma, semicolon or tab that line has. */
final class CsvRows
{
    /** A heading longer than this is none. (Chosen.) */
    private const MOST_COLUMNS = 200;

    /**
     * @param resource     $stream  behind the first line
     * @param list<string> $columns
     */
    private function __construct(private $stream, private readonly string $delimiter, private readonly array $columns)
    {
    }

    /** @throws InvalidDocument where it is not text in a known encoding */
    public static function of(string $csv): self
    {
        $stream = self::stream($csv);
        $delimiter = self::delimiter($stream);
        $heading = fgetcsv($stream, null, $delimiter, '"', '');

        return new self(
            $stream,
            $delimiter,
            array_map(static fn (?string $name): string => strtolower(trim((string) $name)), false === $heading ? [] : $heading),
        );
    }

    /**
     * @param list<string> $allowed
     * @param list<string> $needed
     * @param string       $table   how it is called in a sentence
     *
     * @throws InvalidDocument where its first line names other columns, or one twice
     */
    public function check(array $allowed, array $needed, string $table): void
    {
        if (\count($this->columns) > self::MOST_COLUMNS) {
            throw InvalidDocument::fault(
                'heading',
                \sprintf('%d columns are too many. %s has at most %d.', \count($this->columns), $table, \count($allowed)),
                Fault::TOO_MANY,
            );
        }
        $faults = [];
        foreach (array_diff($this->columns, $allowed) as $unknown) {
            $says = 'Unknown column. Allowed: '.implode(', ', $allowed).'.';
            $faults[] = new Fault('' === $unknown ? 'heading' : mb_strimwidth($unknown, 0, 60, '…'), $says, Fault::UNKNOWN_FIELD);
        }
        foreach (array_diff($needed, $this->columns) as $missing) {
            $faults[] = new Fault($missing, 'This column is missing from the first line, which must name the columns.');
        }
        foreach (array_keys(array_filter(array_count_values($this->columns), static fn (int $times): bool => $times > 1)) as $twice) {
            $faults[] = new Fault($twice, 'This column appears twice.');
        }
        if ([] !== $faults) {
            throw InvalidDocument::because($faults);
        }
    }

    /**
     * Row by row, so that a table of any length takes little memory; blank lines are passed over.
     *
     * @return \Generator<int, array{int, array<string, string>, Fault|null}> the line, its cells by column, and what is wrong with it
     */
    public function rows(): \Generator
    {
        $line = 1;
        while (false !== ($cells = fgetcsv($this->stream, null, $this->delimiter, '"', ''))) {
            ++$line;
            $start = $line;
            $cells = array_map(static fn (?string $cell): string => (string) $cell, $cells);
            $line += substr_count(implode('', $cells), "\n");
            if ([''] === array_unique(array_map(trim(...), $cells))) {
                continue;
            }
            if (\count($cells) !== \count($this->columns)) {
                $says = 'This line has %d cells, but the header has %d. The file may be cut off, or a quotation mark may be missing.';
                $fault = new Fault('', \sprintf($says, \count($cells), \count($this->columns)), Fault::BAD_FILE);
                yield [$start, [], $fault];
                continue;
            }
            yield [$start, array_combine($this->columns, $cells), null];
        }
        fclose($this->stream);
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

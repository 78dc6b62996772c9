<?php

declare(strict_types=1);

namespace App\Format;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/**
 * Outings as a table: a line for each event, for each stint in which nothing happened, and for each outing without a stint; comma-separated
 * values (RFC 4180), docs/logbook.md tells the columns. What a line repeats of its outing or stint need be said only once. A lure is in
 * words, a column for each part, and once more in full as JSON: the words are for people, and are read where there is no JSON.
 *
 * @phpstan-type StintLines array{cells: array<string, string>, events: list<array<string, string>>}
 * @phpstan-type OutingLines array{line: int, cells: array<string, string>, stints: array<string, StintLines>}
 */
final class OutingsTable
{
    private const OUTING = [
        'id' => 'outing_id', 'started_at' => 'outing_started_at', 'ended_at' => 'outing_ended_at', 'water_id' => 'water_id',
        'trip_id' => 'trip_id', 'note' => 'outing_note',
    ];
    private const STINT = [
        'id' => 'stint_id', 'started_at' => 'stint_started_at', 'ended_at' => 'stint_ended_at', 'angler' => 'angler',
        'confirmed' => 'reading_confirmed', 'assumed' => 'reading_assumed', 'followed' => 'followed', 'why_not' => 'why_not',
        'doubted' => 'rules_off',
    ];
    private const MADE = ['symptom' => 'made_symptom', 'change' => 'made_change', 'helped' => 'made_helped'];
    private const TRIAL = ['trial_id' => 'trial_id', 'block' => 'trial_block'];
    public const PARTS = ['head', 'front', 'rear', 'skirt', 'trailer', 'hook'];
    private const EVENT = [
        'id' => 'event_id', 'at' => 'event_at', 'kind' => 'event', 'angler' => 'event_angler', 'length_in' => 'length_in',
        'weight_oz' => 'weight_oz', 'forage_seen' => 'forage_seen', 'colours_seen' => 'colours_seen', 'note' => 'event_note',
        'takes_stock' => 'takes_stock',
    ];
    private const LISTS = ['forage_seen', 'colours_seen', 'reading_assumed', 'followed', 'rules_off'];
    private const TEXT = ['outing_note', 'made_change', 'event_note', 'why_not'];
    /** Nothing of the advice was followed, which is not the same as nobody knows. */
    private const NO_PICK = 'none';
    private const NEEDED = ['outing_started_at'];
    private const MOST_LINES = 200_000;

    /** @param iterable<array<string, mixed>> $outings outing documents */
    public static function write(iterable $outings): string
    {
        $rows = [self::columns()];
        foreach ($outings as $outing) {
            $before = self::cells(self::OUTING, $outing);
            $stints = self::documents($outing['stints'] ?? null);
            foreach ([] === $stints ? [[]] : $stints as $stint) {
                $events = self::documents($stint['events'] ?? null);
                foreach ([] === $events ? [[]] : $events as $event) {
                    $rows[] = [...$before, ...self::stintCells($stint), ...self::cells(self::EVENT, $event)];
                }
            }
        }
        $options = [CsvEncoder::NO_HEADERS_KEY => true, CsvEncoder::ESCAPE_CHAR_KEY => ''];

        return (new CsvEncoder($options))->encode($rows, 'csv');
    }

    /**
     * @return list<array{int, array<string, mixed>, Fault|null}> the first line of each outing, its document still to be checked (a lure
     *                                                            without JSON as words by part), and what is wrong with a line
     *
     * @throws InvalidDocument where it is no such table at all
     */
    public static function read(string $csv): array
    {
        $rows = CsvRows::of($csv);
        $rows->check(self::columns(), self::NEEDED, 'A table of outings');
        $outings = $faults = [];
        foreach ($rows->rows() as $i => [$line, $cells, $fault]) {
            if ($i >= self::MOST_LINES) {
                throw InvalidDocument::fault('file', \sprintf('At most %d lines are taken at once.', self::MOST_LINES), Fault::TOO_MANY);
            }
            if (null !== $fault) {
                $faults[] = [$line, [], $fault];
                continue;
            }
            self::take($cells, $line, $outings);
        }

        $read = array_map(static fn (array $one): array => [$one['line'], self::outing($one), null], array_values($outings));

        return [...$read, ...$faults];
    }

    /** @return list<string> */
    public static function columns(): array
    {
        return [
            ...array_values(self::OUTING), ...array_values(self::STINT), 'lure', ...self::PARTS, 'build', ...ReadingColumns::names(),
            ...array_values(self::MADE), ...array_values(self::TRIAL), ...array_values(self::EVENT),
        ];
    }

    /**
     * @param array<mixed> $stint a stint document; empty for none
     *
     * @return list<string>
     */
    private static function stintCells(array $stint): array
    {
        $build = \is_array($stint['build'] ?? null) ? $stint['build'] : [];
        $reading = \is_array($stint['reading'] ?? null) ? $stint['reading'] : [];
        $name = static fn (string $slot): string => TableCell::written(
            \is_array($build[$slot] ?? null) ? $build[$slot]['name'] ?? null : null,
        );
        $json = [] === $build ? '' : json_encode($build, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);

        if ([] === ($stint['followed'] ?? null)) {
            $stint['followed'] = self::NO_PICK;
        }

        return [
            ...self::cells(self::STINT, $stint),
            TableCell::written($build['lure'] ?? null),
            ...array_map($name, self::PARTS),
            $json,
            ...ReadingColumns::write($reading),
            ...self::cells(self::MADE, \is_array($stint['made'] ?? null) ? $stint['made'] : []),
            ...self::cells(self::TRIAL, \is_array($stint['trial'] ?? null) ? $stint['trial'] : []),
        ];
    }

    /**
     * Puts a line to the outing and stint it names, or to a new one.
     *
     * @param array<string, string>      $cells
     * @param array<string, OutingLines> $outings
     */
    private static function take(array $cells, int $line, array &$outings): void
    {
        $key = self::key($cells, ['outing_id', 'outing_started_at']);
        $outings[$key] ??= ['line' => $line, 'cells' => $cells, 'stints' => []];
        if ('' === trim($cells['stint_started_at'] ?? '').trim($cells['stint_id'] ?? '')) {
            return;
        }
        $stint = self::key($cells, ['stint_id', 'stint_started_at', 'angler']);
        $outings[$key]['stints'][$stint] ??= ['cells' => $cells, 'events' => []];
        if ('' !== trim($cells['event'] ?? '')) {
            $outings[$key]['stints'][$stint]['events'][] = $cells;
        }
    }

    /**
     * @param OutingLines $one
     *
     * @return array<string, mixed>
     */
    private static function outing(array $one): array
    {
        return [
            ...self::fields(self::OUTING, $one['cells']),
            'stints' => array_map(self::stint(...), array_values($one['stints'])),
        ];
    }

    /**
     * @param StintLines $one
     *
     * @return array<string, mixed>
     */
    private static function stint(array $one): array
    {
        $made = self::fields(self::MADE, $one['cells']);
        $trial = self::fields(self::TRIAL, $one['cells']);
        $stint = self::fields(self::STINT, $one['cells']);
        if ([self::NO_PICK] === ($stint['followed'] ?? null)) {
            $stint['followed'] = [];
        }

        return [
            ...$stint,
            ...([] === $made ? [] : ['made' => $made]),
            ...([] === $trial ? [] : ['trial' => $trial]),
            'build' => self::build($one['cells']),
            'reading' => (object) ReadingColumns::read($one['cells']),
            'events' => array_map(static fn (array $cells): array => self::fields(self::EVENT, $cells), $one['events']),
        ];
    }

    /**
     * @param array<string, string> $cells
     *
     * @return array<mixed> as it is in full, or a text for each part
     */
    private static function build(array $cells): array
    {
        $json = trim($cells['build'] ?? '');
        $build = '' === $json ? null : json_decode($json, true);
        if (\is_array($build)) {
            return $build;
        }
        $words = array_filter(
            array_intersect_key($cells, array_flip(['lure', ...self::PARTS])),
            static fn (string $cell): bool => '' !== trim($cell),
        );

        return array_map(TableCell::text(...), $words);
    }

    /**
     * @param array<string, string> $columns column by field
     * @param array<mixed>          $document
     *
     * @return list<string>
     */
    private static function cells(array $columns, array $document): array
    {
        return array_map(static fn (string $field): string => TableCell::written($document[$field] ?? null), array_keys($columns));
    }

    /**
     * @param array<string, string> $columns column by field
     * @param array<string, string> $cells
     *
     * @return array<string, mixed>
     */
    private static function fields(array $columns, array $cells): array
    {
        $fields = [];
        foreach ($columns as $field => $column) {
            $cell = $cells[$column] ?? '';
            if ('' !== trim($cell)) {
                $fields[$field] = match (true) {
                    \in_array($column, self::TEXT, true) => TableCell::text($cell),
                    \in_array($column, self::LISTS, true) => TableCell::words($cell),
                    default => TableCell::value($cell),
                };
            }
        }

        return $fields;
    }

    /**
     * @param array<string, string> $cells
     * @param non-empty-list<string> $columns the id, and what else tells one from another where there is none
     */
    private static function key(array $cells, array $columns): string
    {
        $id = trim($cells[$columns[0]] ?? '');

        return '' !== $id ? $id : implode("\n", array_map(static fn (string $column): string => trim($cells[$column] ?? ''), $columns));
    }

    /** @return list<array<mixed>> */
    private static function documents(mixed $list): array
    {
        return \is_array($list) ? array_values(array_filter($list, \is_array(...))) : [];
    }
}

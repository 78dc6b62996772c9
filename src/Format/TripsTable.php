<?php

declare(strict_types=1);

namespace App\Format;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/**
 * Trips as a table: comma-separated values (RFC 4180) with the columns named in the first line, in any order; docs/trip.md tells them. What
 * is a list within a trip is one cell: "6:00-11:00 sun 60; 6:00-11:00 overcast 40".
 */
final class TripsTable
{
    /** Columns of a trip, and the path of each in its document. */
    private const PLAIN = [
        'id' => 'id', 'name' => 'name', 'note' => 'note', 'water_id' => 'water_id', 'date' => 'trip.date', 'from' => 'trip.from',
        'to' => 'trip.to', 'latitude' => 'trip.place.latitude', 'longitude' => 'trip.place.longitude',
        'time_zone' => 'trip.place.time_zone', 'carry_lures' => 'trip.carry.lures', 'carry_trailers' => 'trip.carry.trailers',
        'carry_kinds' => 'trip.carry.kinds',
    ];
    private const VISIBILITY = ['visibility_low_in', 'visibility_likely_in', 'visibility_high_in'];
    private const LISTS = ['lures'];
    private const MOODS = ['normal', 'tough', 'active'];
    private const NEEDED = ['name', 'date', 'from', 'to', 'latitude', 'longitude', 'time_zone'];
    private const TEXT = ['name', 'note'];
    private const MOST_LINES = 10_000;

    /** @param list<array<string, mixed>> $trips saved trip documents */
    public static function write(array $trips): string
    {
        $rows = array_map(
            static fn (array $trip): array => [
                ...array_map(static fn (string $column): string => self::cell($trip, $column), self::own()),
                ...ReadingColumns::write(self::readingOf($trip)),
            ],
            $trips,
        );
        $options = [CsvEncoder::NO_HEADERS_KEY => true, CsvEncoder::ESCAPE_CHAR_KEY => ''];

        return (new CsvEncoder($options))->encode([self::columns(), ...$rows], 'csv');
    }

    /**
     * @return \Generator<int, array{int, array<string, mixed>, Fault|null}> the line of each, its document still to be checked, and what is
     *                                                                       wrong with the line itself
     *
     * @throws InvalidDocument where it is no such table at all
     */
    public static function read(string $csv): \Generator
    {
        $rows = CsvRows::of($csv);
        $rows->check(self::columns(), self::NEEDED, 'A table of trips');
        foreach ($rows->rows() as $i => [$line, $cells, $fault]) {
            if ($i >= self::MOST_LINES) {
                throw InvalidDocument::fault('file', \sprintf('At most %d trips are taken at once.', self::MOST_LINES), Fault::TOO_MANY);
            }
            yield [$line, null === $fault ? self::document($cells) : [], $fault];
        }
    }

    /** @return list<string> */
    public static function columns(): array
    {
        return [...self::own(), ...ReadingColumns::names()];
    }

    /** @return list<string> those beside the reading */
    private static function own(): array
    {
        return [...array_keys(self::PLAIN), ...self::VISIBILITY, 'skies', 'covers', ...self::LISTS, 'forages', 'depths', 'moods'];
    }

    /**
     * @param array<string, mixed> $trip
     *
     * @return array<mixed>
     */
    private static function readingOf(array $trip): array
    {
        $reading = \is_array($trip['trip'] ?? null) ? $trip['trip']['reading'] ?? [] : [];

        return \is_array($reading) ? $reading : [];
    }

    /** @param array<string, mixed> $trip */
    private static function cell(array $trip, string $column): string
    {
        $at = static function (string $path) use ($trip): mixed {
            $value = $trip;
            foreach (explode('.', $path) as $step) {
                $value = \is_array($value) ? $value[$step] ?? null : null;
            }

            return $value;
        };
        $list = static fn (mixed $value): array => \is_array($value) ? $value : [];
        $visibility = array_search($column, self::VISIBILITY, true);

        return match (true) {
            isset(self::PLAIN[$column]) => TableCell::written($at(self::PLAIN[$column])),
            false !== $visibility => TableCell::written($at("trip.visibility_in.$visibility")),
            'skies' === $column => implode('; ', array_map(
                static fn (mixed $one): string => \is_array($one)
                    ? TableCell::written($one['from'] ?? '').'-'.TableCell::written($one['to'] ?? '').' '
                        .TableCell::written($one['sky'] ?? '').' '.self::percent($one['chance'] ?? 0)
                    : '',
                $list($at('trip.sky')),
            )),
            'covers' === $column => self::covers($list($at('trip.covers'))),
            'depths' === $column => self::shares('depth_ft', $list($at('trip.depths_ft'))),
            'forages' === $column => self::shares('forage', $list($at('trip.forage'))),
            'moods' === $column => implode('; ', array_map(
                static fn (string $mood): string => $mood.' '.self::percent($at("trip.moods.$mood")),
                null === $at('trip.moods') ? [] : self::MOODS,
            )),
            default => TableCell::written($at("trip.$column")),
        };
    }

    /**
     * @param array<string, string> $cells
     *
     * @return array<string, mixed>
     */
    private static function document(array $cells): array
    {
        $given = array_filter($cells, static fn (string $cell): bool => '' !== trim($cell));
        $value = static fn (string $column): mixed => isset($given[$column]) ? self::value($column, $given[$column]) : null;
        $document = $trip = $nested = [];
        foreach (self::PLAIN as $column => $path) {
            if (!isset($given[$column])) {
                continue;
            }
            $steps = explode('.', $path);
            match (\count($steps)) {
                1 => $document[$path] = $value($column),
                2 => $trip[$steps[1]] = $value($column),
                default => $nested[$steps[1]][$steps[2]] = $value($column),
            };
        }
        $trip += $nested;
        $seen = array_filter(array_map($value, self::VISIBILITY), static fn (mixed $inches): bool => null !== $inches);
        if ([] !== $seen) {
            $trip['visibility_in'] = array_values($seen);
        }
        foreach (self::LISTS as $list) {
            $trip[$list] = TableCell::words($given[$list] ?? '');
        }
        $trip['sky'] = array_map(self::sky(...), self::parts($given['skies'] ?? ''));
        $trip['forage'] = self::sharesIn('forage', $given['forages'] ?? '');
        $covers = $given['covers'] ?? '';
        $trip['covers'] = 1 === preg_match('/\d/', $covers)
            ? self::sharesIn('cover', $covers)
            : TableCell::words($covers);
        $trip['depths_ft'] = self::sharesIn('depth_ft', $given['depths'] ?? '');
        if (isset($given['moods'])) {
            $trip['moods'] = array_merge(...array_map(self::mood(...), self::parts($given['moods'])));
        }
        $trip['reading'] = ReadingColumns::read($given);
        $document['trip'] = $trip;

        return $document;
    }

    /** @return list<string> */
    private static function parts(string $cell): array
    {
        return array_values(array_filter(array_map(trim(...), explode(';', $cell)), static fn (string $part): bool => '' !== $part));
    }

    /** @return array<string, string|float> a sky chance document; a part that cannot be read is left for the check to refuse */
    private static function sky(string $part): array
    {
        return 1 === preg_match('/^(\S+?)-(\S+)\s+(\w+)\s+([\d.]+)\s*%?$/D', $part, $m)
            ? ['from' => $m[1], 'to' => $m[2], 'sky' => $m[3], 'chance' => (float) $m[4] / 100]
            : ['sky' => $part];
    }

    /** @return list<array<string, mixed>> share documents of that field */
    private static function sharesIn(string $field, string $cell): array
    {
        return array_map(static fn (string $part): array => self::share($field, $part), self::parts($cell));
    }

    /** @return array<string, mixed> a share document of that field; a part that cannot be read is left for the check to refuse */
    private static function share(string $field, string $part): array
    {
        return 1 === preg_match('/^(\S+)\s+([\d.]+)\s*%?$/D', $part, $m)
            ? [$field => TableCell::value($m[1]), 'share' => (float) $m[2] / 100]
            : [$field => $part];
    }

    /** @return array<string, string|float> of a document of moods */
    private static function mood(string $part): array
    {
        return 1 === preg_match('/^(\w+)\s+([\d.]+)\s*%?$/D', $part, $m) ? [$m[1] => (float) $m[2] / 100] : ['normal' => $part];
    }

    /** @param array<mixed> $covers words, or shares of them where any is said */
    private static function covers(array $covers): string
    {
        if ([] === array_filter($covers, \is_array(...))) {
            return TableCell::written($covers);
        }

        return self::shares('cover', array_map(
            static fn (mixed $one): mixed => \is_array($one) ? $one : ['cover' => $one, 'share' => 1],
            $covers,
        ));
    }

    /** @param array<mixed> $shares share documents of that field */
    private static function shares(string $field, array $shares): string
    {
        return implode('; ', array_map(
            static fn (mixed $one): string => \is_array($one)
                ? TableCell::written($one[$field] ?? '').' '.self::percent($one['share'] ?? 0)
                : '',
            $shares,
        ));
    }

    private static function value(string $column, string $cell): mixed
    {
        return \in_array($column, self::TEXT, true) ? TableCell::text($cell) : TableCell::value($cell);
    }

    private static function percent(mixed $share): string
    {
        return \is_float($share) || \is_int($share) ? TableCell::written(round(100 * $share, 6)) : '';
    }
}

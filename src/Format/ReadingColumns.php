<?php

declare(strict_types=1);

namespace App\Format;

/** What was seen as columns of a table, each named after its field. */
final class ReadingColumns
{
    private const FIELDS = [
        'lure', 'visibility_in', 'tint', 'sky', 'wind', 'depth_ft', 'season', 'cover', 'cover_density', 'forage', 'red_crawfish', 'bite',
        'bass', 'sun_elevation_deg', 'surface_f', 'trend_f', 'run', 'forage_in', 'forage_colours', 'arm', 'lead_free', 'forage_also',
        'goal', 'schooling', 'bank', 'schools',
    ];
    private const LISTS = ['forage_colours', 'forage_also'];

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(static fn (string $field): string => "reading_$field", self::FIELDS);
    }

    /**
     * @param array<mixed> $reading a reading document
     *
     * @return list<string> in the order of the names
     */
    public static function write(array $reading): array
    {
        return array_map(static function (string $field) use ($reading): string {
            $value = $reading[$field] ?? null;

            return 'schools' === $field && \is_array($value) ? self::writeSchools($value, '') : TableCell::written($value);
        }, self::FIELDS);
    }

    /**
     * @param array<string, string> $cells by column
     *
     * @return array<string, mixed> a reading document still to be checked
     */
    public static function read(array $cells): array
    {
        $reading = [];
        foreach (self::FIELDS as $field) {
            $cell = $cells["reading_$field"] ?? '';
            if ('' === trim($cell)) {
                continue;
            }
            $reading[$field] = match (true) {
                'schools' === $field => self::schools($cell),
                \in_array($field, self::LISTS, true) => TableCell::words($cell),
                default => TableCell::value($cell),
            };
        }

        return $reading;
    }

    /** @param array<mixed> $schools by question, or by kind of lure within one: "finish=sun dirty.jig=dark" */
    private static function writeSchools(array $schools, string $within): string
    {
        return implode(' ', array_map(
            static fn (string|int $question, mixed $school): string => \is_array($school)
                ? self::writeSchools($school, "$question.")
                : "$within$question=".TableCell::written($school),
            array_keys($schools),
            $schools,
        ));
    }

    /** @return array<string, string|array<string>> */
    private static function schools(string $cell): array
    {
        $schools = [];
        foreach (TableCell::words($cell) as $word) {
            [$question, $school] = [...explode('=', $word, 2), ''];
            [$question, $kind] = [...explode('.', $question, 2), null];
            if (null === $kind) {
                $schools[$question] = $school;
            } else {
                $schools[$question] = [$kind => $school] + (\is_array($schools[$question] ?? null) ? $schools[$question] : []);
            }
        }

        return $schools;
    }
}

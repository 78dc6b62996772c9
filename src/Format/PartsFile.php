<?php

declare(strict_types=1);

namespace App\Format;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\DocumentReader;

/** Parts in a file, as a table or as JSON. */
final class PartsFile
{
    /**
     * @return iterable<int, array{line: int, data: array<string, mixed>, faults: list<Fault>}> in JSON the place in the list stands for
     *        the line
     *
     * @throws InvalidDocument where it is no list of parts at all
     */
    public static function rows(string $contents): iterable
    {
        return \in_array(ltrim($contents)[0] ?? '', ['{', '['], true) ? self::json($contents) : PartsTable::read($contents);
    }

    /** @param list<array<string, mixed>> $parts part documents */
    public static function toJson(array $parts): string
    {
        $options = \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR;

        return json_encode(['parts' => $parts], $options)."\n";
    }

    /**
     * @return list<array{line: int, data: array<string, mixed>, faults: list<Fault>}>
     *
     * @throws InvalidDocument
     */
    private static function json(string $contents): array
    {
        $data = DocumentReader::json($contents);
        $parts = $data instanceof \stdClass ? ($data->parts ?? null) : $data;
        if (!\is_array($parts)) {
            throw InvalidDocument::fault('parts', 'Send a list of parts, or an object with one.', Fault::WRONG_TYPE);
        }
        $rows = [];
        foreach (array_values($parts) as $i => $part) {
            /** @var array<string, mixed> $fields */
            $fields = $part instanceof \stdClass ? get_object_vars($part) : [];
            $faults = $part instanceof \stdClass ? [] : [
                new Fault('', 'Send a JSON object with named fields.', Fault::WRONG_TYPE),
            ];
            $rows[] = ['line' => $i + 1, 'data' => $fields, 'faults' => $faults];
        }

        return $rows;
    }
}

<?php

declare(strict_types=1);

namespace Tests\core\Reference;

/** Data from outside the project, frozen under tests/reference/data by the script that each file names. */
final class Frozen
{
    /** @return array<string, mixed> */
    public static function data(string $name): array
    {
        $json = file_get_contents(__DIR__."/../../reference/data/$name.json");
        $data = json_decode((string) $json, true, 32, \JSON_THROW_ON_ERROR);
        \assert(\is_array($data));

        /** @var array<string, mixed> $data */
        return $data;
    }

    /** @return list<float> */
    public static function numbers(mixed $list): array
    {
        \assert(\is_array($list));

        return array_map(static fn (mixed $number): float => is_numeric($number) ? (float) $number : \NAN, array_values($list));
    }
}

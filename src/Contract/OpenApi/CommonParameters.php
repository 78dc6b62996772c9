<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

/** The parameters that many endpoints have in common. */
final class CommonParameters
{
    public const MOST_IN_A_PAGE = 500;

    /** @return array<string, array<string, mixed>> */
    public static function all(): array
    {
        return [
            'Limit' => [
                'name' => 'limit',
                'in' => 'query',
                'description' => 'The most entries to return; all if left out.',
                'schema' => ['type' => 'integer', 'minimum' => 1, 'maximum' => self::MOST_IN_A_PAGE],
            ],
            'After' => [
                'name' => 'after',
                'in' => 'query',
                'description' => 'The page starts after this id; the Link header of the page before has it.',
                'schema' => ['type' => 'string'],
            ],
            'IfMatch' => [
                'name' => 'If-Match',
                'in' => 'header',
                'description' => 'The ETag of the version that was read; if left out, the stored version is overwritten.',
                'schema' => ['type' => 'string'],
            ],
            'IfNoneMatch' => [
                'name' => 'If-None-Match',
                'in' => 'header',
                'description' => 'The ETag of what the client already has.',
                'schema' => ['type' => 'string'],
            ],
        ];
    }

    /** @return array{'$ref': string} */
    public static function ref(string $name): array
    {
        return ['$ref' => "#/components/parameters/$name"];
    }
}

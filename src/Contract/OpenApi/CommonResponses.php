<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

/** The answers that many endpoints have in common. */
final class CommonResponses
{
    private const NAMES = [
        304 => ['NotModified', 'Not changed since the tag.'],
        400 => ['BadRequest', 'The request names another host or cannot be read.'],
        401 => ['SignedOut', 'Kontrast is served to the network, and whoever asks has not signed in.'],
        403 => ['Forbidden', 'Only Kontrast’s own pages may change stored data.'],
        404 => ['NotFound', 'Nothing has this id, or it was deleted.'],
        409 => ['Conflict', 'It was changed since it was read; nothing was stored. The answer has the current version.'],
        412 => [
            'PreconditionFailed',
            'It is not the version named by If-Match; nothing was stored. The answer has the current version.',
        ],
        413 => ['TooLarge', 'The request is too large.'],
        415 => ['NotJson', 'The request is not JSON.'],
        422 => ['Invalid', 'The document has errors; nothing was stored.'],
        429 => ['TooManyAttempts', 'Too many wrong pass phrases: wait before the next one.'],
        503 => ['NotAvailable', 'Not right now: another write is running, or a device does not answer.'],
    ];

    /** @return array<string, array<string, mixed>> */
    public static function all(): array
    {
        $responses = [];
        foreach (self::NAMES as $code => [$name, $description]) {
            $responses[$name] = ['description' => $description] + (304 === $code ? [] : ['content' => [
                'application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/Problem']],
            ]]);
        }
        foreach (['NotAvailable', 'TooManyAttempts'] as $name) {
            $responses[$name]['headers'] = [
                'Retry-After' => ['description' => 'Seconds to wait before trying again.', 'schema' => ['type' => 'string']],
            ];
        }

        return $responses;
    }

    /** @return array{'$ref': string} */
    public static function ref(int $code): array
    {
        return ['$ref' => '#/components/responses/'.self::NAMES[$code][0]];
    }
}

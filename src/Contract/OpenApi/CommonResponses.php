<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

/** The answers that many endpoints have in common. */
final class CommonResponses
{
    private const NAMES = [
        304 => ['NotModified', 'It is still as the tag says.'],
        400 => ['BadRequest', 'The request names another host, or makes no sense.'],
        403 => ['Forbidden', 'Only the program’s own pages may change what it keeps.'],
        404 => ['NotFound', 'There is none with this id, or it was deleted.'],
        409 => ['Conflict', 'It was changed since it was read; nothing was written. What is there now comes with the answer.'],
        412 => [
            'PreconditionFailed',
            'It is not the version named by If-Match; nothing was written. What is there now comes with the answer.',
        ],
        413 => ['TooLarge', 'The request is larger than is read here.'],
        415 => ['NotJson', 'The request is not JSON.'],
        422 => ['Invalid', 'Something in the document is not allowed; nothing was stored.'],
        503 => ['NotAvailable', 'Not just now: somebody else is writing, or a device does not answer.'],
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
        $responses['NotAvailable']['headers'] = [
            'Retry-After' => ['description' => 'Seconds until it is worth trying again.', 'schema' => ['type' => 'string']],
        ];

        return $responses;
    }

    /** @return array{'$ref': string} */
    public static function ref(int $code): array
    {
        return ['$ref' => '#/components/responses/'.self::NAMES[$code][0]];
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

/**
 * Marks the parameter that takes the request's document, read and checked. A list names the class of its entries; a query's fields stand in
 * the address.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final readonly class Payload
{
    /** @param class-string|null $listOf */
    public function __construct(public ?string $listOf = null, public int $mostBytes = self::USUAL_BYTES, public bool $isQuery = false)
    {
    }

    /** A reading takes a kilobyte, a build with its photo three million. */
    public const USUAL_BYTES = 8_000_000;
    public const FILE_BYTES = 64_000_000;
}

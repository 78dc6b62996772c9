<?php

declare(strict_types=1);

namespace App\UseCase;

/** A document as it is kept now, with the version a change has to name. */
final readonly class Kept
{
    /** @param array<string, mixed> $document */
    public function __construct(public string $id, public int $version, public array $document)
    {
    }
}

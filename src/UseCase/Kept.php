<?php

declare(strict_types=1);

namespace App\UseCase;

/** A document as it is stored now, with the version a change has to name. */
final readonly class Kept
{
    public function __construct(public string $id, public int $version, public object $document)
    {
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** A warning that applies today, and the part of the advice it belongs beside. */
final readonly class Caution
{
    /** @param string $place head, blades, trailer_hook, reading or advice */
    public function __construct(public string $id, public string $place, public string $text)
    {
    }
}

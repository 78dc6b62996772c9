<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\LureKind;

/** The lure to pick up next on the same spot. */
final readonly class FollowUp
{
    /** @param list<string> $facts */
    public function __construct(public LureKind $kind, public string $because, public array $facts)
    {
    }
}

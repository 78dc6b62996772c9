<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\LureKind;

/** One kind of lure beside the others in this water. */
final readonly class RankedLure
{
    /**
     * @param float        $worth 0 to 100; two that suit the water are near to each other
     * @param list<string> $facts of every rule for it
     */
    public function __construct(public LureKind $kind, public float $worth, public string $because, public array $facts)
    {
    }
}

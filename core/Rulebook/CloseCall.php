<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** A number of the reading lies so near to where picks turn that measuring it again could turn them. */
final readonly class CloseCall
{
    /**
     * @param float                  $at      where they turn, in the unit of the quantity
     * @param float                  $share   how far off it is, as a share of what still counts as near: 0 at the edge, 1 just near
     * @param non-empty-list<Change> $changes from the picks here to those beyond
     */
    public function __construct(
        public Quantity $quantity,
        public float $number,
        public float $at,
        public float $share,
        public array $changes,
    ) {
    }

    public function isAbove(): bool
    {
        return $this->at > $this->number;
    }
}

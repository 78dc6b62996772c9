<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Composition;

/** One change to a build, and what it is worth. */
final readonly class Swap
{
    /** @param int $gain thousandths of a point; negative where it costs */
    public function __construct(
        public SwapKind $kind,
        public string $slot,
        public ?string $partId,
        public string $what,
        public Composition $build,
        public int $gain,
    ) {
    }
}

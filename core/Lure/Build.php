<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Reading\Arm;
use Kontrast\Reading\LureKind;

/** A whole lure: its kind and every part it is put together from. */
final readonly class Build
{
    /** @param list<Blade> $blades front first; empty for jigs */
    public function __construct(
        public LureKind $kind,
        public Head $head,
        public array $blades,
        public ?Skirt $skirt,
        public ?Trailer $trailer,
        public ?TrailerHook $trailerHook,
        public Arm $arm = Arm::Long,
    ) {
    }
}

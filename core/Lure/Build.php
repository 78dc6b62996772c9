<?php

declare(strict_types=1);

namespace Kontrast\Lure;

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

    /**
     * The same lure but for what is given.
     *
     * @param list<Blade>|null $blades
     */
    public function with(
        ?Head $head = null,
        ?array $blades = null,
        ?Skirt $skirt = null,
        ?Trailer $trailer = null,
        ?TrailerHook $trailerHook = null,
    ): self {
        return new self(
            $this->kind,
            $head ?? $this->head,
            $blades ?? $this->blades,
            $skirt ?? $this->skirt,
            $trailer ?? $this->trailer,
            $trailerHook ?? $this->trailerHook,
            $this->arm,
        );
    }

    /** The rear blade, or the only one. */
    public function rearBlade(): ?Blade
    {
        return [] === $this->blades ? null : $this->blades[\count($this->blades) - 1];
    }

    /** The blade ahead of the rear one. */
    public function frontBlade(): ?Blade
    {
        return 2 === \count($this->blades) ? $this->blades[0] : null;
    }
}

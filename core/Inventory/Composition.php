<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\Arm;
use Kontrast\Lure\BladePosition;
use Kontrast\Lure\Build;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\TrailerHook;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\PartPlace;

/** A lure put together from owned parts, or from parts one might own. */
final readonly class Composition
{
    public function __construct(
        public LureKind $kind,
        public InventoryHead $head,
        public ?InventoryBlade $front,
        public ?InventoryBlade $rear,
        public ?InventorySkirt $skirt,
        public ?InventoryTrailer $trailer,
        public ?InventoryHook $hook,
    ) {
    }

    public function with(InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook $part, bool $inFront = false): self
    {
        return new self(
            $this->kind,
            $part instanceof InventoryHead ? $part : $this->head,
            $part instanceof InventoryBlade && $inFront ? $part : $this->front,
            $part instanceof InventoryBlade && !$inFront ? $part : $this->rear,
            $part instanceof InventorySkirt ? $part : $this->skirt,
            $part instanceof InventoryTrailer ? $part : $this->trailer,
            $part instanceof InventoryHook ? $part : $this->hook,
        );
    }

    public function withoutFront(): self
    {
        return new self($this->kind, $this->head, null, $this->rear, $this->skirt, $this->trailer, $this->hook);
    }

    public function withoutSkirt(): self
    {
        return new self($this->kind, $this->head, $this->front, $this->rear, null, $this->trailer, $this->hook);
    }

    public function withoutTrailer(): self
    {
        return new self($this->kind, $this->head, $this->front, $this->rear, $this->skirt, null, $this->hook);
    }

    public function withoutHook(): self
    {
        return new self($this->kind, $this->head, $this->front, $this->rear, $this->skirt, $this->trailer, null);
    }

    /** @return list<InventoryBlade> front first */
    public function blades(): array
    {
        return array_values(array_filter([$this->front, $this->rear]));
    }

    /** @return list<InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook> */
    public function parts(): array
    {
        return array_values(array_filter([$this->head, $this->front, $this->rear, $this->skirt, $this->trailer, $this->hook]));
    }

    /** In the trade's words, each colour by the word nearest to it. */
    public function inWords(): Build
    {
        $blades = [];
        if (null !== $this->rear) {
            $blades = null === $this->front
                ? [$this->rear->inWords(BladePosition::Single)]
                : [$this->front->inWords(BladePosition::Front), $this->rear->inWords(BladePosition::Rear)];
        }

        return new Build(
            $this->kind,
            $this->head->inWords(),
            $blades,
            $this->skirt?->inWords(),
            $this->trailer?->inWords(),
            null === $this->hook ? null : new TrailerHook(true, $this->hook->size),
            $this->kind->hasWire() ? $this->head->arm : Arm::Long,
        );
    }

    /** @return list<OpticalPart> as light meets them, in their own colours: steel, head, blades, skirt, trailer */
    public function asLightMeetsThem(): array
    {
        return [
            BuildOptics::steel(),
            ...$this->head->parts(),
            ...(null === $this->front ? [] : [$this->front->part('blade.front')->at(PartPlace::FrontBlade)]),
            ...(null === $this->rear ? [] : [$this->rear->part('blade.rear')->at(PartPlace::RearBlade)]),
            ...($this->skirt?->parts() ?? []),
            ...($this->trailer?->parts() ?? []),
        ];
    }
}

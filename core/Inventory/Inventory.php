<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

/** The parts at hand, by kind. */
final readonly class Inventory
{
    /**
     * @param list<InventoryHead>    $heads
     * @param list<InventoryBlade>   $blades
     * @param list<InventorySkirt>   $skirts
     * @param list<InventoryTrailer> $trailers
     * @param list<InventoryHook>    $hooks
     */
    public function __construct(
        public array $heads,
        public array $blades,
        public array $skirts,
        public array $trailers,
        public array $hooks,
    ) {
    }

    /** @param iterable<InventoryPart> $parts */
    public static function of(iterable $parts): self
    {
        $of = [
            InventoryHead::class => [],
            InventoryBlade::class => [],
            InventorySkirt::class => [],
            InventoryTrailer::class => [],
            InventoryHook::class => [],
        ];
        foreach ($parts as $part) {
            match (true) {
                $part instanceof InventoryHead => $of[InventoryHead::class][] = $part,
                $part instanceof InventoryBlade => $of[InventoryBlade::class][] = $part,
                $part instanceof InventorySkirt => $of[InventorySkirt::class][] = $part,
                $part instanceof InventoryTrailer => $of[InventoryTrailer::class][] = $part,
                $part instanceof InventoryHook => $of[InventoryHook::class][] = $part,
                default => null,
            };
        }

        return new self(...array_values($of));
    }

    /** @param list<InventoryPart> $parts */
    public function plus(array $parts): self
    {
        return self::of([...$this->heads, ...$this->blades, ...$this->skirts, ...$this->trailers, ...$this->hooks, ...$parts]);
    }

    /** The same with one slot narrowed to a single part. */
    public function only(InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook $part): self
    {
        return new self(
            $part instanceof InventoryHead ? [$part] : $this->heads,
            $part instanceof InventoryBlade ? [$part] : $this->blades,
            $part instanceof InventorySkirt ? [$part] : $this->skirts,
            $part instanceof InventoryTrailer ? [$part] : $this->trailers,
            $part instanceof InventoryHook ? [$part] : $this->hooks,
        );
    }

    public function count(): int
    {
        return \count($this->heads) + \count($this->blades) + \count($this->skirts) + \count($this->trailers) + \count($this->hooks);
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\Blade;
use Kontrast\Lure\BladePosition;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Finish;
use Kontrast\Material\Metal;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;

/** A blade: bare metal, metal dulled with a marker, or paint. */
final readonly class InventoryBlade implements InventoryPart
{
    private function __construct(
        public string $id,
        public string $name,
        public BladeShape $shape,
        public BladeSize $size,
        public ?Metal $metal,
        public ?PartColour $paint,
        public bool $darkened,
    ) {
    }

    public static function ofMetal(string $id, string $name, BladeShape $shape, BladeSize $size, Metal $metal, bool $darkened = false): self
    {
        return new self($id, $name, $shape, $size, $metal, null, $darkened);
    }

    public static function painted(string $id, string $name, BladeShape $shape, BladeSize $size, PartColour $paint): self
    {
        return new self($id, $name, $shape, $size, null, $paint, false);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    /** The same blade under a coat of black permanent marker; null where there is no shine to take off. */
    public function darken(): ?self
    {
        return null === $this->metal || $this->darkened ? null : new self(
            $this->id,
            $this->name,
            $this->shape,
            $this->size,
            $this->metal,
            null,
            true,
        );
    }

    public function finish(): Finish
    {
        return null !== $this->metal ? Finish::from($this->metal->value) : NearestColour::nearestPaint(
            ($this->paint ?? throw new \LogicException('A blade is metal or paint.'))->colour,
        );
    }

    public function inWords(BladePosition $position): Blade
    {
        return new Blade($position, $this->shape, $this->size, $this->finish(), $this->darkened);
    }

    public function part(string $id): OpticalPart
    {
        return match (true) {
            $this->darkened => OpticalPart::matte($id, Srgb::hex(Palette::DULLED)),
            null !== $this->metal => OpticalPart::metal($id, $this->metal),
            default => ($this->paint ?? throw new \LogicException('A blade is metal or paint.'))->part($id),
        };
    }
}

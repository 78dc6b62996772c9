<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

use Kontrast\Inventory\PartKind;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Strands;
use Kontrast\Material\Metal;

/** A word or phrase of a line, where it stands, and what it means. */
final readonly class SaidWord
{
    /**
     * @param int                           $at    byte in the line
     * @param \UnitEnum|ColourPattern|null $means null where it is not understood, or carries nothing of its own
     */
    public function __construct(
        public int $at,
        public int $bytes,
        public string $text,
        public \UnitEnum|ColourPattern|null $means,
        public bool $isFiller = false,
    ) {
    }

    /** @return list<Colour> */
    public function colours(): array
    {
        return match (true) {
            $this->means instanceof Colour => [$this->means],
            $this->means instanceof ColourPattern => $this->means->colours,
            default => [],
        };
    }

    /** Whether it may stand in the line of any part: what the part is for, and what nobody would miss. */
    public function fitsAnything(): bool
    {
        return $this->isFiller || $this->means instanceof LureKind
            || \in_array($this->means, [Strands::Solid, Opacity::Opaque, Mark::Painted, Mark::Front, Mark::Back], true);
    }

    public function label(): string
    {
        return match (true) {
            null === $this->means => '',
            $this->means instanceof ColourPattern => $this->means->inWords(),
            $this->means instanceof Metal => $this->means->value,
            $this->means instanceof Mark => $this->means->label(),
            $this->means instanceof PartKind => $this->means->label(),
            $this->means instanceof \BackedEnum => str_replace('_', ' ', (string) $this->means->value),
            default => strtolower($this->means->name),
        };
    }
}

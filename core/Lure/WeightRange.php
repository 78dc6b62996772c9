<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Measure\Weight;

/** The lightest and the heaviest head that would still serve. */
final readonly class WeightRange
{
    private function __construct(public Weight $least, public Weight $most)
    {
    }

    public static function ounces(float $least, float $most): self
    {
        return $least <= $most ? new self(
            Weight::ounces($least),
            Weight::ounces($most),
        ) : throw new \DomainException('A weight range starts with its lighter end.');
    }

    public function label(): string
    {
        return $this->least->label().' to '.$this->most->label();
    }

    /** As it stands in a sentence. */
    public function said(): string
    {
        return $this->least->said().' to '.$this->most->said();
    }
}

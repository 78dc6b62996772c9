<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** From one number to another of the same unit, which the name of whatever holds it says. */
final readonly class NumberRange
{
    private function __construct(public float $least, public float $most)
    {
    }

    public static function between(float $least, float $most): self
    {
        return $least <= $most ? new self($least, $most) : throw new \DomainException('A range starts with its lower end.');
    }

    public function label(): string
    {
        return $this->least === $this->most ? (string) $this->least : "$this->least to $this->most";
    }
}

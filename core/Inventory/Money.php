<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

/** An amount of the angler's own money, kept exactly: whole ten-thousandths, since a bead may cost less than a cent. */
final readonly class Money
{
    /** Minor units in one of the currency. (Chosen.) */
    public const MINOR_UNITS = 10_000;
    /** The most anything costs. (Chosen.) */
    public const MOST = 10_000;

    private function __construct(public int $minor)
    {
    }

    public static function minor(int $units): self
    {
        return new self($units);
    }

    /** The nearest ten-thousandth. */
    public static function of(float $amount): self
    {
        return new self((int) round($amount * self::MINOR_UNITS));
    }

    public function amount(): float
    {
        return $this->minor / self::MINOR_UNITS;
    }

    public function times(int $count): self
    {
        return new self($this->minor * $count);
    }

    public function plus(self $other): self
    {
        return new self($this->minor + $other->minor);
    }
}

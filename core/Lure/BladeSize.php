<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** A blade's number in the trade's scale, 1 to 7: the larger the number the larger the blade. */
final readonly class BladeSize
{
    private function __construct(public int $number)
    {
    }

    public static function number(int $number): self
    {
        return $number >= 1 && $number <= 7 ? new self($number) : throw new \DomainException("Blade sizes run from 1 to 7; $number is none.");
    }
}

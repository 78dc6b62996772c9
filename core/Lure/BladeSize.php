<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** A blade's number in the trade's scale, 1 to 7: the larger the number the larger the blade. */
final readonly class BladeSize
{
    public const LEAST = 1;
    public const MOST = 7;

    private function __construct(public int $number)
    {
    }

    public static function number(int $number): self
    {
        return $number >= self::LEAST && $number <= self::MOST
            ? new self($number)
            : throw new \DomainException(\sprintf('Blade sizes run from %d to %d; %d is not one of '
                .'them.', self::LEAST, self::MOST, $number));
    }
}

<?php

declare(strict_types=1);

namespace App\UseCase\Doctor;

/** One thing looked at: well, or a sentence on what is wrong and what to do. */
final readonly class CheckedPoint
{
    private function __construct(public string $name, public bool $isWell, public string $says)
    {
    }

    public static function well(string $name, string $says): self
    {
        return new self($name, true, $says);
    }

    public static function ill(string $name, string $says): self
    {
        return new self($name, false, $says);
    }

    public static function of(string $name, ?string $problem, string $otherwise): self
    {
        return null === $problem ? self::well($name, $otherwise) : self::ill($name, $problem);
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Measure;

/** Thrown where a number cannot be a measure, such as infinity for a length. */
final class NotAMeasure extends \DomainException
{
    public static function notFinite(string $what): self
    {
        return new self("A $what has to be a finite number.");
    }
}

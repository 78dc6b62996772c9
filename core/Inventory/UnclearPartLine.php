<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

/** A line of text from which no part can be told; the message says what is missing. */
final class UnclearPartLine extends \DomainException
{
    public static function whatIsIt(): self
    {
        return new self('Say what it is: a head, blade, skirt, trailer, trailer hook, bead, clevis, spacer, swivel or collar.');
    }

    public static function tooMany(int $most): self
    {
        return new self("The count runs from 1 to $most.");
    }

    public static function outOfRange(string $what, string $range): self
    {
        return new self("The $what runs from $range.");
    }
}

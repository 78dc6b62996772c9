<?php

declare(strict_types=1);

namespace Kontrast\Material;

/** Thrown where a text is no colour. */
final class NotAColour extends \DomainException
{
    public static function hex(string $hex): self
    {
        return new self(\sprintf('"%s" is not a color. Write it as #rrggbb, with six hexadecimal '
            .'digits.', mb_strimwidth($hex, 0, 40, '…')));
    }
}

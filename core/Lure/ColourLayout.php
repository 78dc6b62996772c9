<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** How the colors of a skirt or trailer are laid out: mixed, a back over a belly, or a front before a back. */
enum ColourLayout: string
{
    use HasLabel;

    case Mixed = 'mixed';
    case Split = 'split';
    case FrontBack = 'front_back';

    /**
     * What is meant where nobody says it.
     *
     * @param list<mixed> $belly
     */
    public static function usual(array $belly): self
    {
        return [] === $belly ? self::Mixed : self::Split;
    }
}

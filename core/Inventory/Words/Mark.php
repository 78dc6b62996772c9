<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

/** Words that say something of the colors beside them. */
enum Mark
{
    case Painted;
    case Darkened;
    case Eye;
    /** What comes after is the belly. */
    case Over;
    /** What came before is the belly. */
    case Belly;
    /** What came before is the back. */
    case Back;
    /** What came before is flake. */
    case Flake;
    /** What came before is an accent: on the claws, the tips, the tail. */
    case Accent;
    /** What came before is in front, what comes after behind. */
    case Front;

    public function label(): string
    {
        return match ($this) {
            self::Painted => 'painted',
            self::Darkened => 'darkened',
            self::Eye => 'with an eye',
            self::Over => 'over',
            self::Belly => 'belly',
            self::Back => 'back',
            self::Flake => 'flake',
            self::Accent => 'accent',
            self::Front => 'front',
        };
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;
use Kontrast\Lure\LureKind;

/** The lure a reading asks for: one of the four kinds, or whichever suits the water best. */
enum LureChoice: string
{
    use HasLabel;

    case Jig = 'jig';
    case SwimJig = 'swim_jig';
    case Spinnerbait = 'spinnerbait';
    case BladedJig = 'bladed_jig';
    case Any = 'any';

    public static function of(LureKind $kind): self
    {
        return self::from($kind->value);
    }

    /** The kind asked for, or null where any will do. */
    public function kind(): ?LureKind
    {
        return LureKind::tryFrom($this->value);
    }
}

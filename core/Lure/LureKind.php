<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/**
 * The four kinds of lure that Kontrast knows how to build, and their anatomy. Whatever depends on how a kind is made asks here, so that a
 * fifth kind is described in one place.
 */
enum LureKind: string
{
    use HasLabel;

    case Jig = 'jig';
    case SwimJig = 'swim_jig';
    case Spinnerbait = 'spinnerbait';
    case BladedJig = 'bladed_jig';

    public function bladeMount(): BladeMount
    {
        return match ($this) {
            self::Jig, self::SwimJig => BladeMount::None,
            self::Spinnerbait => BladeMount::Wire,
            self::BladedJig => BladeMount::Snap,
        };
    }

    public function hasBlade(): bool
    {
        return BladeMount::None !== $this->bladeMount();
    }

    /** Two arms of wire: one may be short, and the blades turn on the other. */
    public function hasWire(): bool
    {
        return BladeMount::Wire === $this->bladeMount();
    }

    /** Whether a second blade goes in front of the first. */
    public function hasTandem(): bool
    {
        return $this->hasWire();
    }

    /** Whether it knocks on cover with a plate before its head: it is fished there on purpose, and lost there (D6, Z8). */
    public function hasPlate(): bool
    {
        return BladeMount::Snap === $this->bladeMount();
    }

    /** Whether a second hook can hang behind the first (H1). */
    public function takesTrailerHook(): bool
    {
        return match ($this) {
            self::Spinnerbait => true,
            self::Jig, self::SwimJig, self::BladedJig => false,
        };
    }

    /** Whether it swims without a skirt (S17). */
    public function goesWithoutSkirt(): bool
    {
        return match ($this) {
            self::BladedJig => true,
            self::Jig, self::SwimJig, self::Spinnerbait => false,
        };
    }

    /** Whether it is fished by winding it in, to search water with; a jig is worked on one spot (R9). */
    public function isWound(): bool
    {
        return match ($this) {
            self::SwimJig, self::Spinnerbait, self::BladedJig => true,
            self::Jig => false,
        };
    }
}

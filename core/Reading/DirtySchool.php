<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;
use Kontrast\Lure\LureKind;

/** D3: which base colour dirty water wants; asked of each kind of lure. */
enum DirtySchool: string implements School
{
    use HasLabel;

    case Dark = 'dark';
    case Bright = 'bright';
    case Natural = 'natural';

    /** Brown water that hides a lure within this far is opaque, inches. (W1: under 6 in is muddy.) */
    private const OPAQUE_IN = 6;
    /** Tea-colored water is very dark where one sees less than this, inches. (B6; chosen.) */
    private const DARK_TEA_IN = 12;

    /** What is usual for this lure in this water, where the angler has not said. */
    public static function usual(Reading $reading): self
    {
        return match ($reading->lure) {
            LureKind::Jig, LureKind::SwimJig => self::Dark,
            LureKind::BladedJig => self::usualOfBladedJig($reading),
            LureKind::Spinnerbait => self::usualOfSpinnerbait($reading),
        };
    }

    private static function usualOfBladedJig(Reading $reading): self
    {
        $isDark = $reading->visibility->inInches() < self::OPAQUE_IN || self::isOpaqueBrown($reading);

        return match ($reading->mainForage()) {
            Forage::Bluegill => $isDark ? self::Dark : self::Natural,
            Forage::Crawfish, Forage::Unknown => self::Dark,
            default => $isDark && Tint::Clay === $reading->tint ? self::Dark : self::Bright,
        };
    }

    private static function usualOfSpinnerbait(Reading $reading): self
    {
        $isShad = Forage::Shad === $reading->mainForage();
        $isDark = match ($reading->sky) {
            Sky::Night, Sky::Storm => true,
            Sky::LowSun, Sky::Rain => !$isShad,
            default => !$isShad && self::isOpaqueBrown($reading),
        };

        return $isDark ? self::Dark : self::Bright;
    }

    private static function isOpaqueBrown(Reading $reading): bool
    {
        $inches = $reading->visibility->inInches();

        return match ($reading->tint) {
            Tint::Clay => $inches < self::OPAQUE_IN,
            Tint::Tannic => $inches < self::DARK_TEA_IN,
            default => false,
        };
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Lure\Blade;
use Kontrast\Lure\BladePosition;
use Kontrast\Lure\Build;
use Kontrast\Lure\Finish;
use Kontrast\Lure\Opacity;
use Kontrast\Reading\Colour;

/** The parts of a build as light meets them, each under a name that tells where it sits. */
final class BuildParts
{
    /** How much of what is behind a see-through strand or plastic is hidden. (Chosen.) */
    public const TRANSLUCENT = 0.55;

    /** Hooks, wire, swivels and clevises. */
    private const STEEL = '#8a8d90';

    /** @return list<Part> steel, head, blades, skirt base and accents, trailer base and accents */
    public static function of(Build $build): array
    {
        $parts = [self::steel(), self::coloured('head', $build->head->colour, Opacity::Opaque)];
        foreach ($build->blades as $blade) {
            $parts[] = self::blade($blade);
        }
        if (null !== $build->skirt) {
            foreach ([$build->skirt->base, ...$build->skirt->accents] as $i => $colour) {
                $parts[] = self::coloured("skirt.$i", $colour, $build->skirt->opacity);
            }
        }
        if (null !== $build->trailer) {
            foreach ([$build->trailer->base, ...$build->trailer->accents] as $i => $colour) {
                $parts[] = self::coloured("trailer.$i", $colour, $build->trailer->opacity);
            }
        }

        return $parts;
    }

    public static function steel(): Part
    {
        return Part::matte('steel', Srgb::hex(self::STEEL));
    }

    public static function coloured(string $id, Colour $colour, Opacity $opacity): Part
    {
        return Part::matte($id, Srgb::hex(Palette::hex($colour)), Palette::fluorescence($colour), Opacity::Opaque === $opacity ? 1.0 : self::TRANSLUCENT);
    }

    public static function finish(string $id, Finish $finish): Part
    {
        return match ($finish) {
            Finish::Silver => Part::metal($id, Metal::Silver),
            Finish::Gold => Part::metal($id, Metal::Gold),
            Finish::Copper => Part::metal($id, Metal::Copper),
            Finish::Black => Part::matte($id, Srgb::hex(Palette::finish($finish))),
            Finish::GreenPumpkin => self::coloured($id, Colour::GreenPumpkin, Opacity::Opaque),
            Finish::PaintedWhite => self::coloured($id, Colour::White, Opacity::Opaque),
            Finish::PaintedChartreuse => self::coloured($id, Colour::Chartreuse, Opacity::Opaque),
            Finish::PaintedOrange => self::coloured($id, Colour::Orange, Opacity::Opaque),
            Finish::PaintedRed => self::coloured($id, Colour::Red, Opacity::Opaque),
        };
    }

    /** A blade dulled with a marker no longer shines: dark paint of its metal’s hue. */
    private static function blade(Blade $blade): Part
    {
        $id = 'blade.'.(BladePosition::Single === $blade->position ? 'rear' : $blade->position->value);

        return $blade->darkened ? Part::matte($id, Srgb::hex(Palette::DULLED)) : self::finish($id, $blade->finish);
    }
}

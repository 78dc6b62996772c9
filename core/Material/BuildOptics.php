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
final class BuildOptics
{
    /** How much of what is behind a see-through strand or plastic is hidden. (Chosen.) */
    public const TRANSLUCENT = 0.55;

    /** Hooks, wire, swivels and clevises. */
    public const STEEL = '#8a8d90';

    /** @return list<OpticalPart> steel, head, blades, skirt base and accents, trailer base and accents */
    public static function of(Build $build): array
    {
        $parts = [self::steel(), self::coloured('head', $build->head->colour, Opacity::Opaque)->at(PartPlace::Head)];
        foreach ($build->blades as $blade) {
            $parts[] = self::blade($blade);
        }
        if (null !== $build->skirt) {
            foreach ([$build->skirt->base, ...$build->skirt->accents] as $i => $colour) {
                $parts[] = self::coloured("skirt.$i", $colour, $build->skirt->opacity)->at(PartPlace::Skirt, $i);
            }
        }
        if (null !== $build->trailer) {
            foreach ([$build->trailer->base, ...$build->trailer->accents] as $i => $colour) {
                $parts[] = self::coloured("trailer.$i", $colour, $build->trailer->opacity)->at(PartPlace::Trailer, $i);
            }
        }

        return $parts;
    }

    /**
     * The pairs of a build worth following: trailer against skirt, blade against skirt, and each first accent against its base.
     *
     * @param list<OpticalPart> $parts
     *
     * @return list<array{string, string}> by part id; those a build lacks are left out
     */
    public static function pairs(array $parts): array
    {
        $ids = array_map(static fn (OpticalPart $part): string => $part->id, $parts);

        return array_values(array_filter(
            [['skirt.0', 'trailer.0'], ['skirt.0', 'blade.rear'], ['skirt.0', 'skirt.1'], ['trailer.0', 'trailer.1']],
            static fn (array $pair): bool => [] === array_diff($pair, $ids),
        ));
    }

    public static function steel(): OpticalPart
    {
        return OpticalPart::matte('steel', Srgb::hex(self::STEEL))->at(PartPlace::Steel);
    }

    public static function coloured(string $id, Colour $colour, Opacity $opacity): OpticalPart
    {
        return OpticalPart::matte(
            $id,
            Srgb::hex(Palette::hex($colour)),
            Palette::fluorescence($colour),
            Opacity::Opaque === $opacity ? 1.0 : self::TRANSLUCENT,
        );
    }

    public static function finish(string $id, Finish $finish): OpticalPart
    {
        $paint = $finish->paint();

        return match (true) {
            $finish->isMetal() => OpticalPart::metal($id, Metal::from($finish->value)),
            null !== $paint => self::coloured($id, $paint, Opacity::Opaque),
            default => OpticalPart::matte($id, Srgb::hex(Palette::finish($finish))),
        };
    }

    /** A blade dulled with a marker no longer shines: dark paint of its metal’s hue. */
    private static function blade(Blade $blade): OpticalPart
    {
        [$id, $place] = BladePosition::Front === $blade->position ? [
            'blade.front',
            PartPlace::FrontBlade,
        ] : ['blade.rear', PartPlace::RearBlade];
        $part = $blade->darkened ? OpticalPart::matte($id, Srgb::hex(Palette::DULLED)) : self::finish($id, $blade->finish);

        return $part->at($place);
    }
}

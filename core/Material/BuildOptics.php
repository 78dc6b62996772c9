<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Lure\Blade;
use Kontrast\Lure\BladePosition;
use Kontrast\Lure\Build;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\Opacity;
use Kontrast\Water\Direction;

/** The parts of a build as light meets them, each under a name that tells where it sits. */
final class BuildOptics
{
    /** How much of what is behind a see-through strand or plastic is hidden. (Chosen.) */
    public const TRANSLUCENT = 0.55;

    /** Hooks, wire, swivels and clevises. */
    public const STEEL = '#8a8d90';

    /** @return list<OpticalPart> steel, head, blades, skirt and trailer: of each its base, accents and belly */
    public static function parts(Build $build): array
    {
        $parts = [self::steel(), self::coloured('head', $build->head->colour, Opacity::Opaque)->at(PartPlace::Head)];
        if (null !== $build->head->belly) {
            $parts[] = self::coloured('head.belly', $build->head->belly, Opacity::Opaque)->at(PartPlace::HeadBelly);
        }
        foreach ($build->blades as $blade) {
            $parts[] = self::blade($blade);
        }
        $skirt = $build->skirt;
        $trailer = $build->trailer;

        return [
            ...$parts,
            ...(null === $skirt ? [] : [
                ...self::all('skirt', [$skirt->base, ...$skirt->accents], $skirt->opacity, PartPlace::Skirt),
                ...self::all('skirt.belly', $skirt->belly, $skirt->opacity, PartPlace::SkirtBelly),
            ]),
            ...(null === $trailer ? [] : [
                ...self::all('trailer', [$trailer->base, ...$trailer->accents], $trailer->opacity, PartPlace::Trailer),
                ...self::all('trailer.belly', $trailer->belly, $trailer->opacity, PartPlace::TrailerBelly),
            ]),
        ];
    }

    /**
     * The pairs of a build worth following: trailer against skirt, blade against skirt, each first accent against its base, and back
     * against belly. Seen from below, the bellies of skirt and trailer stand for them where they are split.
     *
     * @param list<OpticalPart> $parts
     *
     * @return list<array{string, string}> by part id; those a build lacks are left out
     */
    public static function pairs(array $parts, Direction $from = Direction::Side): array
    {
        $ids = array_map(static fn (OpticalPart $part): string => $part->id, $parts);
        $below = static fn (string $of): string => Direction::Below === $from && \in_array("$of.belly.0", $ids, true)
            ? "$of.belly.0"
            : "$of.0";
        $pairs = [
            [$below('skirt'), $below('trailer')], [$below('skirt'), 'blade.rear'], ['skirt.0', 'skirt.1'], ['trailer.0', 'trailer.1'],
            ['skirt.0', 'skirt.belly.0'], ['trailer.0', 'trailer.belly.0'],
        ];

        return array_values(array_filter($pairs, static fn (array $pair): bool => [] === array_diff($pair, $ids)));
    }

    /**
     * @param list<Colour> $colours
     *
     * @return list<OpticalPart>
     */
    private static function all(string $id, array $colours, Opacity $opacity, PartPlace $place): array
    {
        return array_map(
            static fn (int $i, Colour $colour): OpticalPart => self::coloured("$id.$i", $colour, $opacity)->at($place, $i),
            array_keys($colours),
            $colours,
        );
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

<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\Blade;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Build;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Skirt;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trailer;
use Kontrast\Lure\Trim;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\Metal;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Said;
use Kontrast\Measure\Units;

/**
 * Parts that nobody owns yet: what a build in words is put together from, in the colors of those words, as any store would sell them.
 * Each is called by what it is, and the same description is the same part: its id is that description, never a UUID.
 */
final class GenericParts
{
    public static function compose(Build $build): Composition
    {
        $front = $build->frontBlade();
        $rear = $build->rearBlade();
        $hook = $build->trailerHook;

        return new Composition(
            $build->kind,
            self::head($build),
            null === $front ? null : self::blade($front),
            null === $rear ? null : self::blade($rear),
            null === $build->skirt ? null : self::skirt($build->skirt),
            null === $build->trailer ? null : self::trailer($build->trailer),
            true === $hook?->fit && Arm::Long === $build->arm ? self::hook($hook->size) : null,
        );
    }

    public static function isGeneric(InventoryPart $part): bool
    {
        return str_starts_with($part->id(), self::MARK);
    }

    private const MARK = 'generic ';

    private static function head(Build $build): InventoryHead
    {
        $head = $build->head;
        $colours = self::words($head->colour, null === $head->belly ? [] : [$head->belly], ' over ');
        $name = "{$head->weight->said()} $colours {$build->kind->label()} head"
            .($head->eye ? ' with an eye' : '')
            .(HeadMaterial::Lead === $head->material ? '' : ', '.$head->material->label())
            .(Arm::Short === $build->arm ? ', short arm' : '');

        return new InventoryHead(
            self::MARK.Said::in($name, Units::Us),
            $name,
            [$build->kind],
            $head->weight,
            self::colour($head->colour),
            $head->material,
            $head->hook,
            $build->arm,
            null === $head->belly ? null : self::colour($head->belly),
            $head->eye,
        );
    }

    private static function blade(Blade $blade): InventoryBlade
    {
        $shape = BladeShape::BladedJig === $blade->shape ? 'bladed-jig blade' : "{$blade->shape->label()} #{$blade->size->number}";
        $words = "{$blade->finish->label()} $shape".($blade->darkened ? ', darkened' : '');
        $metal = Metal::tryFrom($blade->finish->value);

        return null === $metal
            ? InventoryBlade::painted(self::MARK.$words, $words, $blade->shape, $blade->size, self::paint($blade->finish))
            : InventoryBlade::ofMetal(self::MARK.$words, $words, $blade->shape, $blade->size, $metal, $blade->darkened);
    }

    private static function skirt(Skirt $skirt): InventorySkirt
    {
        $words = implode(' ', [
            self::words($skirt->base, $skirt->accents, ' with ').([] === $skirt->belly ? '' : self::over($skirt->belly)),
            ...(Strands::Solid === $skirt->strands ? [] : [$skirt->strands->label()]),
            ...(Opacity::Opaque === $skirt->opacity ? [] : ['see-through']),
            ...(Trim::LongTail === $skirt->trim ? ['long-tail'] : []),
            $skirt->material->label(),
            'skirt',
        ]);

        return new InventorySkirt(
            self::MARK.$words,
            $words,
            self::colour($skirt->base),
            array_map(self::colour(...), $skirt->accents),
            self::opacity($skirt->opacity),
            $skirt->material,
            $skirt->trim,
            array_map(self::colour(...), $skirt->belly),
            $skirt->strands,
        );
    }

    private static function trailer(Trailer $trailer): InventoryTrailer
    {
        $name = implode(' ', [
            $trailer->length->said(),
            self::words($trailer->base, $trailer->accents, ' with ').([] === $trailer->belly ? '' : self::over($trailer->belly)),
            ...(Opacity::Opaque === $trailer->opacity ? [] : ['see-through']),
            ...(Surface::Flake === $trailer->surface ? ['flake'] : []),
            ...(BellyShape::Any === $trailer->bellyShape ? [] : [$trailer->bellyShape->label()]),
            $trailer->style->label(),
        ]);

        return new InventoryTrailer(
            id: self::MARK.Said::in($name, Units::Us),
            name: $name,
            style: $trailer->style,
            length: $trailer->length,
            base: self::colour($trailer->base),
            accents: array_map(self::colour(...), $trailer->accents),
            opacity: self::opacity($trailer->opacity),
            surface: $trailer->surface,
            belly: array_map(self::colour(...), $trailer->belly),
            bellyShape: $trailer->bellyShape,
        );
    }

    private static function hook(HookSize $size): InventoryHook
    {
        return new InventoryHook(self::MARK."{$size->label()} trailer hook", "{$size->label()} trailer hook", $size);
    }

    private static function colour(Colour $colour): PartColour
    {
        return new PartColour(Srgb::hex(Palette::hex($colour)), Palette::fluorescence($colour));
    }

    private static function paint(Finish $finish): PartColour
    {
        $paint = $finish->paint();

        return null === $paint ? new PartColour(Srgb::hex(Palette::finish($finish))) : self::colour($paint);
    }

    private static function opacity(Opacity $opacity): float
    {
        return Opacity::Opaque === $opacity ? 1.0 : BuildOptics::TRANSLUCENT;
    }

    /** @param list<Colour> $others */
    private static function words(Colour $base, array $others, string $with): string
    {
        return $base->label().([] === $others ? '' : $with.self::list($others));
    }

    /** @param list<Colour> $belly */
    private static function over(array $belly): string
    {
        return ' over '.self::list($belly);
    }

    /** @param list<Colour> $colours */
    private static function list(array $colours): string
    {
        return implode(' and ', array_map(static fn (Colour $colour): string => $colour->label(), $colours));
    }
}

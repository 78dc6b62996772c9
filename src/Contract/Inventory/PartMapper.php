<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Inventory\PartColour;
use Kontrast\Inventory\PartKind;
use Kontrast\Inventory\Plastic;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Colour;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trim;
use Kontrast\Material\Fluorescence;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Symfony\Component\Uid\Uuid;

/** Turns part documents into what the core judges. */
final class PartMapper
{
    public static function isJudged(PartKind $kind): bool
    {
        return \in_array($kind, [PartKind::Head, PartKind::Blade, PartKind::Skirt, PartKind::Trailer, PartKind::Hook], true);
    }

    /** Null for what only holds a lure together. */
    public static function part(
        InventoryPartDocument $part,
    ): InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook|null {
        return match ($part->kind) {
            PartKind::Head => self::head($part),
            PartKind::Blade => self::blade($part),
            PartKind::Skirt => self::skirt($part),
            PartKind::Trailer => self::trailer($part),
            PartKind::Hook => self::hook($part),
            default => null,
        };
    }

    public static function head(InventoryPartDocument $part): InventoryHead
    {
        $lures = $part->lures;

        return new InventoryHead(
            self::id($part),
            $part->name,
            [] !== $lures ? $lures : throw self::unchecked(),
            Weight::ounces($part->weight_oz ?? throw self::unchecked()),
            self::partColour($part),
            $part->metal_of_head ?? HeadMaterial::Lead,
            null === $part->hook ? null : self::hookSize($part->hook),
            $part->arm ?? Arm::Long,
            self::belly($part)[0] ?? null,
            $part->eye,
            $part->form,
            $part->keeper,
        );
    }

    public static function blade(InventoryPartDocument $part): InventoryBlade
    {
        $shape = $part->shape ?? throw self::unchecked();
        $size = BladeSize::number($part->number ?? throw self::unchecked());

        return null === $part->metal
            ? InventoryBlade::painted(self::id($part), $part->name, $shape, $size, self::partColour($part))
            : InventoryBlade::ofMetal(self::id($part), $part->name, $shape, $size, $part->metal, $part->darkened);
    }

    public static function skirt(InventoryPartDocument $part): InventorySkirt
    {
        return new InventorySkirt(
            self::id($part),
            $part->name,
            self::partColour($part),
            self::accents($part),
            $part->opacity,
            $part->strands ?? SkirtMaterial::Silicone,
            $part->trim ?? Trim::HookBend,
            self::belly($part),
            $part->strand_pattern ?? Strands::Solid,
            $part->accent_share,
            $part->layout,
        );
    }

    public static function trailer(InventoryPartDocument $part): InventoryTrailer
    {
        return new InventoryTrailer(
            id: self::id($part),
            name: $part->name,
            style: $part->style ?? throw self::unchecked(),
            length: Length::inches($part->length_in ?? throw self::unchecked()),
            base: self::partColour($part),
            accents: self::accents($part),
            opacity: $part->opacity,
            surface: $part->surface ?? Surface::Matte,
            plastic: $part->plastic ?? Plastic::Soft,
            belly: self::belly($part),
            bellyShape: $part->belly_shape ?? BellyShape::Any,
            accentShare: $part->accent_share,
            layout: $part->layout,
        );
    }

    public static function hook(InventoryPartDocument $part): InventoryHook
    {
        return new InventoryHook(self::id($part), $part->name, self::hookSize($part->hook ?? throw self::unchecked()));
    }

    /** A colour as it may be written: "#rrggbb", or one of the trade's words. A word brings its glow with it. */
    public static function colour(string $colour, ?Fluorescence $fluorescence = null): PartColour
    {
        $word = Colour::tryFrom(strtolower($colour));

        return null === $word
            ? new PartColour(Srgb::hex(strtolower($colour)), $fluorescence ?? Fluorescence::None)
            : new PartColour(Srgb::hex(Palette::hex($word)), $fluorescence ?? Palette::fluorescence($word));
    }

    /**
     * The document of a part: the inventory's own where the part is from there, as it now is; else one made of what the core knows.
     *
     * @param array<string, InventoryPartDocument> $owned by id
     */
    public static function document(
        InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook $part,
        array $owned = [],
    ): InventoryPartDocument {
        return ($owned[$part->id] ?? self::made($part))->with(
            darkened: $part instanceof InventoryBlade ? $part->darkened : null,
            trim: $part instanceof InventorySkirt ? $part->trim : null,
        );
    }

    private static function made(InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook $part): InventoryPartDocument
    {
        $id = Uuid::isValid($part->id) ? $part->id : null;

        return match (true) {
            $part instanceof InventoryHead => new InventoryPartDocument(
                kind: PartKind::Head,
                name: $part->name,
                id: $id,
                weight_oz: round($part->weight->inOunces(), 4),
                lures: $part->kinds,
                metal_of_head: $part->material,
                hook: $part->hook?->label(),
                arm: $part->arm,
                colour: self::written($part->partColour),
                belly: null === $part->belly ? [] : [self::written($part->belly)],
                eye: $part->eye,
                form: $part->form,
                keeper: $part->keeper,
                fluorescent: self::glowBesideHex($part->partColour),
            ),
            $part instanceof InventoryBlade => new InventoryPartDocument(
                kind: PartKind::Blade,
                name: $part->name,
                id: $id,
                shape: $part->shape,
                number: $part->size->number,
                metal: $part->metal,
                colour: null === $part->paint ? null : self::written($part->paint),
                fluorescent: null === $part->paint ? null : self::glowBesideHex($part->paint),
            ),
            $part instanceof InventorySkirt => new InventoryPartDocument(
                kind: PartKind::Skirt,
                name: $part->name,
                id: $id,
                strands: $part->material,
                belly: array_map(self::written(...), $part->belly),
                strand_pattern: $part->strands,
                accent_share: $part->accentShare,
                layout: $part->layout,
                opacity: $part->opacity,
                colour: self::written($part->base),
                fluorescent: self::glowBesideHex($part->base),
                accents: array_map(self::written(...), $part->accents),
            ),
            $part instanceof InventoryTrailer => new InventoryPartDocument(
                kind: PartKind::Trailer,
                name: $part->name,
                id: $id,
                style: $part->style,
                length_in: round($part->length->inInches(), 3),
                opacity: $part->opacity,
                surface: $part->surface,
                plastic: $part->plastic,
                belly: array_map(self::written(...), $part->belly),
                belly_shape: $part->bellyShape,
                accent_share: $part->accentShare,
                layout: $part->layout,
                colour: self::written($part->base),
                fluorescent: self::glowBesideHex($part->base),
                accents: array_map(self::written(...), $part->accents),
            ),
            $part instanceof InventoryHook => new InventoryPartDocument(
                kind: PartKind::Hook,
                name: $part->name,
                id: $id,
                hook: $part->size->label(),
            ),
        };
    }

    /** A word brings its glow with it; a number has to say it. */
    private static function glowBesideHex(PartColour $colour): ?Fluorescence
    {
        return str_starts_with(self::written($colour), '#') ? $colour->fluorescence : null;
    }

    /** By its word where it is the very colour of one, else as #rrggbb. */
    private static function written(PartColour $partColour): string
    {
        $hex = $partColour->colour->toHex();
        foreach (Colour::cases() as $word) {
            if (Palette::hex($word) === $hex && Palette::fluorescence($word) === $partColour->fluorescence) {
                return $word->value;
            }
        }

        return $hex;
    }

    private static function partColour(InventoryPartDocument $part): PartColour
    {
        return self::colour($part->colour ?? throw self::unchecked(), $part->fluorescent);
    }

    /** @return list<PartColour> accents glow where their word does; the part's own mark is of its base */
    private static function accents(InventoryPartDocument $part): array
    {
        return array_map(static fn (string $colour): PartColour => self::colour($colour), $part->accents);
    }

    /** @return list<PartColour> */
    private static function belly(InventoryPartDocument $part): array
    {
        return array_map(static fn (string $colour): PartColour => self::colour($colour), $part->belly);
    }

    private static function hookSize(string $label): HookSize
    {
        return HookSize::labelled($label) ?? throw self::unchecked();
    }

    private static function id(InventoryPartDocument $part): string
    {
        return $part->id ?? '';
    }

    private static function unchecked(): \LogicException
    {
        return new \LogicException('A part is checked before it is judged.');
    }
}

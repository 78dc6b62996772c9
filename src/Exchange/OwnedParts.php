<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Api\Document\OwnedPartDocument;
use Kontrast\Bin\Dye;
use Kontrast\Bin\OwnedBlade;
use Kontrast\Bin\OwnedHead;
use Kontrast\Bin\OwnedHook;
use Kontrast\Bin\OwnedSkirt;
use Kontrast\Bin\OwnedTrailer;
use Kontrast\Bin\PartKind;
use Kontrast\Bin\Plastic;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trim;
use Kontrast\Material\Fluorescence;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Arm;
use Kontrast\Reading\Colour;
use Symfony\Component\Uid\Uuid;

/** Turns part documents into what the core judges. */
final class OwnedParts
{
    public static function isJudged(PartKind $kind): bool
    {
        return \in_array($kind, [PartKind::Head, PartKind::Blade, PartKind::Skirt, PartKind::Trailer, PartKind::Hook], true);
    }

    /** Null for what only holds a lure together. */
    public static function of(OwnedPartDocument $part): OwnedHead|OwnedBlade|OwnedSkirt|OwnedTrailer|OwnedHook|null
    {
        return match ($part->kind) {
            PartKind::Head => self::head($part),
            PartKind::Blade => self::blade($part),
            PartKind::Skirt => self::skirt($part),
            PartKind::Trailer => self::trailer($part),
            PartKind::Hook => self::hook($part),
            default => null,
        };
    }

    public static function head(OwnedPartDocument $part): OwnedHead
    {
        $lures = $part->lures;

        return new OwnedHead(
            self::id($part),
            $part->name,
            [] !== $lures ? $lures : throw self::unchecked(),
            Weight::ounces($part->weight_oz ?? throw self::unchecked()),
            self::dye($part),
            $part->metal_of_head ?? HeadMaterial::Lead,
            null === $part->hook ? null : self::hookSize($part->hook),
            $part->arm ?? Arm::Long,
        );
    }

    public static function blade(OwnedPartDocument $part): OwnedBlade
    {
        $shape = $part->shape ?? throw self::unchecked();
        $size = BladeSize::number($part->number ?? throw self::unchecked());

        return null === $part->metal
            ? OwnedBlade::painted(self::id($part), $part->name, $shape, $size, self::dye($part))
            : OwnedBlade::ofMetal(self::id($part), $part->name, $shape, $size, $part->metal, $part->darkened);
    }

    public static function skirt(OwnedPartDocument $part): OwnedSkirt
    {
        return new OwnedSkirt(self::id($part), $part->name, self::dye($part), self::accents($part), $part->opacity, $part->strands ?? SkirtMaterial::Silicone, $part->trim ?? Trim::HookBend);
    }

    public static function trailer(OwnedPartDocument $part): OwnedTrailer
    {
        return new OwnedTrailer(
            self::id($part),
            $part->name,
            $part->style ?? throw self::unchecked(),
            Length::inches($part->length_in ?? throw self::unchecked()),
            self::dye($part),
            self::accents($part),
            $part->opacity,
            $part->surface ?? Surface::Matte,
            $part->plastic ?? Plastic::Soft,
        );
    }

    public static function hook(OwnedPartDocument $part): OwnedHook
    {
        return new OwnedHook(self::id($part), $part->name, self::hookSize($part->hook ?? throw self::unchecked()));
    }

    /** A colour as it may be written: "#rrggbb", or one of the trade's words. A word brings its glow with it. */
    public static function colour(string $colour, ?Fluorescence $fluorescence = null): Dye
    {
        $word = Colour::tryFrom(strtolower($colour));

        return null === $word
            ? new Dye(Srgb::hex(strtolower($colour)), $fluorescence ?? Fluorescence::None)
            : new Dye(Srgb::hex(Palette::hex($word)), $fluorescence ?? Palette::fluorescence($word));
    }

    /**
     * The document of a part: the bin's own where the part is from there, as it now is; else one made of what the core knows.
     *
     * @param array<string, OwnedPartDocument> $owned by id
     */
    public static function document(OwnedHead|OwnedBlade|OwnedSkirt|OwnedTrailer|OwnedHook $part, array $owned = []): OwnedPartDocument
    {
        $document = isset($owned[$part->id]) ? clone $owned[$part->id] : self::made($part);
        if ($part instanceof OwnedBlade) {
            $document->darkened = $part->darkened;
        }
        if ($part instanceof OwnedSkirt) {
            $document->trim = $part->trim;
        }

        return $document;
    }

    private static function made(OwnedHead|OwnedBlade|OwnedSkirt|OwnedTrailer|OwnedHook $part): OwnedPartDocument
    {
        $document = new OwnedPartDocument();
        $document->id = Uuid::isValid($part->id) ? $part->id : null;
        $document->name = $part->name;
        match (true) {
            $part instanceof OwnedHead => self::tellHead($document, $part),
            $part instanceof OwnedBlade => self::tellBlade($document, $part),
            $part instanceof OwnedSkirt => self::tellSkirt($document, $part),
            $part instanceof OwnedTrailer => self::tellTrailer($document, $part),
            $part instanceof OwnedHook => self::tellHook($document, $part),
        };

        return $document;
    }

    private static function tellHead(OwnedPartDocument $document, OwnedHead $head): void
    {
        $document->kind = PartKind::Head;
        $document->weight_oz = round($head->weight->inOunces(), 4);
        $document->lures = $head->kinds;
        $document->metal_of_head = $head->material;
        $document->hook = $head->hook?->words();
        $document->arm = $head->arm;
        self::tellColours($document, $head->dye, []);
    }

    private static function tellBlade(OwnedPartDocument $document, OwnedBlade $blade): void
    {
        $document->kind = PartKind::Blade;
        $document->shape = $blade->shape;
        $document->number = $blade->size->number;
        $document->metal = $blade->metal;
        if (null !== $blade->paint) {
            self::tellColours($document, $blade->paint, []);
        }
    }

    private static function tellSkirt(OwnedPartDocument $document, OwnedSkirt $skirt): void
    {
        $document->kind = PartKind::Skirt;
        $document->strands = $skirt->material;
        $document->opacity = $skirt->opacity;
        self::tellColours($document, $skirt->base, $skirt->accents);
    }

    private static function tellTrailer(OwnedPartDocument $document, OwnedTrailer $trailer): void
    {
        $document->kind = PartKind::Trailer;
        $document->style = $trailer->style;
        $document->length_in = round($trailer->length->inInches(), 3);
        $document->opacity = $trailer->opacity;
        $document->surface = $trailer->surface;
        $document->plastic = $trailer->plastic;
        self::tellColours($document, $trailer->base, $trailer->accents);
    }

    private static function tellHook(OwnedPartDocument $document, OwnedHook $hook): void
    {
        $document->kind = PartKind::Hook;
        $document->hook = $hook->size->words();
    }

    /** @param list<Dye> $accents */
    private static function tellColours(OwnedPartDocument $document, Dye $base, array $accents): void
    {
        $document->colour = self::written($base);
        $document->fluorescent = str_starts_with($document->colour, '#') ? $base->fluorescence : null;
        $document->accents = array_map(self::written(...), $accents);
    }

    /** By its word where it is the very colour of one, else as #rrggbb. */
    private static function written(Dye $dye): string
    {
        $hex = $dye->colour->toHex();
        foreach (Colour::cases() as $word) {
            if (Palette::hex($word) === $hex && Palette::fluorescence($word) === $dye->fluorescence) {
                return $word->value;
            }
        }

        return $hex;
    }

    private static function dye(OwnedPartDocument $part): Dye
    {
        return self::colour($part->colour ?? throw self::unchecked(), $part->fluorescent);
    }

    /** @return list<Dye> accents glow where their word does; the part's own mark is of its base */
    private static function accents(OwnedPartDocument $part): array
    {
        return array_map(static fn (string $colour): Dye => self::colour($colour), $part->accents);
    }

    private static function hookSize(string $words): HookSize
    {
        return HookSize::aught((int) $words[0]);
    }

    private static function id(OwnedPartDocument $part): string
    {
        return $part->id ?? '';
    }

    private static function unchecked(): \LogicException
    {
        return new \LogicException('A part is checked before it is judged.');
    }
}

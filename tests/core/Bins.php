<?php

declare(strict_types=1);

namespace Tests\core;

use App\Bench\MadeUpBin;
use Kontrast\Bin\Bin;
use Kontrast\Bin\Dye;
use Kontrast\Bin\OwnedBlade;
use Kontrast\Bin\OwnedHead;
use Kontrast\Bin\OwnedSkirt;
use Kontrast\Bin\OwnedTrailer;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Metal;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Arm;
use Kontrast\Reading\Colour;
use Kontrast\Reading\LureKind;

/** Bins for tests: parts by a few words, and any number of random ones, the same for the same seed. */
final class Bins
{
    public static function dye(Colour $colour): Dye
    {
        return new Dye(Srgb::hex(Palette::hex($colour)), Palette::fluorescence($colour));
    }

    /** @param non-empty-list<LureKind> $kinds */
    public static function head(float $ounces = 0.375, Colour $colour = Colour::Black, array $kinds = [LureKind::Jig, LureKind::SwimJig, LureKind::Spinnerbait, LureKind::BladedJig], Arm $arm = Arm::Long, HeadMaterial $material = HeadMaterial::Lead, string $id = 'head'): OwnedHead
    {
        return new OwnedHead($id, "$ounces oz {$colour->value} head", $kinds, Weight::ounces($ounces), self::dye($colour), $material, null, $arm);
    }

    public static function blade(BladeShape $shape = BladeShape::Willow, int $size = 4, Metal $metal = Metal::Gold, string $id = 'blade'): OwnedBlade
    {
        return OwnedBlade::ofMetal($id, "{$metal->value} {$shape->value} #$size", $shape, BladeSize::number($size), $metal);
    }

    public static function painted(Colour $colour, BladeShape $shape = BladeShape::Willow, int $size = 4, string $id = 'blade'): OwnedBlade
    {
        return OwnedBlade::painted($id, "{$colour->value} {$shape->value} #$size", $shape, BladeSize::number($size), self::dye($colour));
    }

    public static function skirt(Colour $base = Colour::Black, ?Colour $accent = null, Trim $trim = Trim::HookBend, string $id = 'skirt'): OwnedSkirt
    {
        return new OwnedSkirt($id, "{$base->value} skirt", self::dye($base), null === $accent ? [] : [self::dye($accent)], 1.0, SkirtMaterial::Silicone, $trim);
    }

    public static function trailer(Colour $base = Colour::Black, TrailerStyle $style = TrailerStyle::Craw, float $inches = 3.5, string $id = 'trailer'): OwnedTrailer
    {
        return new OwnedTrailer($id, "{$base->value} {$style->value}", $style, Length::inches($inches), self::dye($base), [], 1.0, Surface::Matte);
    }

    public static function random(int $seed, int $heads, int $blades, int $skirts, int $trailers, int $hooks = 4): Bin
    {
        return MadeUpBin::of($seed, $heads, $blades, $skirts, $trailers, $hooks);
    }
}

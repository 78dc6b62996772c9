<?php

declare(strict_types=1);

namespace Tests\core;

use Kontrast\Bin\Bin;
use Kontrast\Bin\Dye;
use Kontrast\Bin\OwnedBlade;
use Kontrast\Bin\OwnedHead;
use Kontrast\Bin\OwnedHook;
use Kontrast\Bin\OwnedSkirt;
use Kontrast\Bin\OwnedTrailer;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Fluorescence;
use Kontrast\Material\Metal;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Arm;
use Kontrast\Reading\Colour;
use Kontrast\Reading\LureKind;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Bins for tests: parts by a few words, and any number of random ones, the same for the same seed. */
final class Bins
{
    private const WEIGHTS = [0.25, 0.3125, 0.375, 0.5, 0.75, 1.0];

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
        $dice = new Randomizer(new Mt19937($seed));
        $dye = static fn (): Dye => new Dye(Srgb::hex(\sprintf('#%06x', $dice->getInt(1, 0xFFFFFE))), self::one($dice, [Fluorescence::None, Fluorescence::None, Fluorescence::Chartreuse, Fluorescence::Orange]));
        $accents = static fn (): array => array_map($dye, array_fill(0, $dice->getInt(0, 2), 0));
        $opacity = static fn (): float => self::one($dice, [1.0, 1.0, 0.55]);

        return new Bin(
            array_map(static fn (int $i): OwnedHead => new OwnedHead("h$i", "head $i", self::one($dice, [LureKind::cases(), [LureKind::Spinnerbait], [LureKind::Jig, LureKind::SwimJig]]), Weight::ounces(self::one($dice, self::WEIGHTS)), $dye(), self::one($dice, HeadMaterial::cases()), null, self::one($dice, [Arm::Long, Arm::Long, Arm::Short])), range(1, $heads)),
            array_map(static function (int $i) use ($dice, $dye): OwnedBlade {
                [$shape, $size] = [self::one($dice, BladeShape::cases()), BladeSize::number($dice->getInt(1, 7))];

                return 0 === $dice->getInt(0, 2) ? OwnedBlade::painted("b$i", "blade $i", $shape, $size, $dye()) : OwnedBlade::ofMetal("b$i", "blade $i", $shape, $size, self::one($dice, Metal::cases()), 0 === $dice->getInt(0, 5));
            }, range(1, $blades)),
            array_map(static fn (int $i): OwnedSkirt => new OwnedSkirt("s$i", "skirt $i", $dye(), $accents(), $opacity(), self::one($dice, SkirtMaterial::cases()), self::one($dice, Trim::cases())), range(1, $skirts)),
            array_map(static fn (int $i): OwnedTrailer => new OwnedTrailer("t$i", "trailer $i", self::one($dice, TrailerStyle::cases()), Length::inches($dice->getInt(8, 20) / 4), $dye(), $accents(), $opacity(), self::one($dice, Surface::cases())), range(1, $trailers)),
            array_map(static fn (int $i): OwnedHook => new OwnedHook("k$i", "hook $i", HookSize::aught(1 + $i % 5)), range(1, $hooks)),
        );
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private static function one(Randomizer $dice, array $of): mixed
    {
        return $of[$dice->getInt(0, \count($of) - 1)];
    }
}

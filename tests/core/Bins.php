<?php

declare(strict_types=1);

namespace Tests\core;

use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Inventory\PartColour;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Colour;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Metal;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Bins for tests: parts by a few words, and any number of random ones, the same for the same seed. */
final class Bins
{
    public static function partColour(Colour $colour): PartColour
    {
        return new PartColour(Srgb::hex(Palette::hex($colour)), Palette::fluorescence($colour));
    }

    /** @param non-empty-list<LureKind> $kinds */
    public static function head(
        float $ounces = 0.375,
        Colour $colour = Colour::Black,
        array $kinds = [LureKind::Jig, LureKind::SwimJig, LureKind::Spinnerbait, LureKind::BladedJig],
        Arm $arm = Arm::Long,
        HeadMaterial $material = HeadMaterial::Lead,
        string $id = 'head',
    ): InventoryHead {
        return new InventoryHead(
            $id,
            "$ounces oz {$colour->value} head",
            $kinds,
            Weight::ounces($ounces),
            self::partColour($colour),
            $material,
            null,
            $arm,
        );
    }

    public static function blade(
        BladeShape $shape = BladeShape::Willow,
        int $size = 4,
        Metal $metal = Metal::Gold,
        string $id = 'blade',
    ): InventoryBlade {
        return InventoryBlade::ofMetal($id, "{$metal->value} {$shape->value} #$size", $shape, BladeSize::number($size), $metal);
    }

    public static function painted(
        Colour $colour,
        BladeShape $shape = BladeShape::Willow,
        int $size = 4,
        string $id = 'blade',
    ): InventoryBlade {
        return InventoryBlade::painted(
            $id,
            "{$colour->value} {$shape->value} #$size",
            $shape,
            BladeSize::number($size),
            self::partColour($colour),
        );
    }

    public static function skirt(
        Colour $base = Colour::Black,
        ?Colour $accent = null,
        Trim $trim = Trim::HookBend,
        string $id = 'skirt',
    ): InventorySkirt {
        return new InventorySkirt(
            $id,
            "{$base->value} skirt",
            self::partColour($base),
            null === $accent ? [] : [self::partColour($accent)],
            1.0,
            SkirtMaterial::Silicone,
            $trim,
        );
    }

    public static function trailer(
        Colour $base = Colour::Black,
        TrailerStyle $style = TrailerStyle::Craw,
        float $inches = 3.5,
        string $id = 'trailer',
        Colour ...$accents,
    ): InventoryTrailer {
        return new InventoryTrailer(
            $id,
            "{$base->value} {$style->value}",
            $style,
            Length::inches($inches),
            self::partColour($base),
            array_map(self::partColour(...), array_values($accents)),
            1.0,
            Surface::Matte,
        );
    }

    public static function random(int $seed, int $heads, int $blades, int $skirts, int $trailers, int $hooks = 4): Inventory
    {
        $dice = new Randomizer(new Mt19937($seed));
        $parts = [];
        for ($i = 1; $i <= $heads; ++$i) {
            $parts[] = self::head(
                self::one($dice, [0.25, 0.375, 0.5, 0.625, 0.75]),
                self::one($dice, Colour::cases()),
                self::one($dice, [LureKind::cases(), [LureKind::Spinnerbait], [LureKind::BladedJig, LureKind::Jig]]),
                self::one($dice, Arm::cases()),
                self::one($dice, HeadMaterial::cases()),
                "h$i",
            );
        }
        for ($i = 1; $i <= $blades; ++$i) {
            [$shape, $size] = [self::one($dice, BladeShape::cases()), $dice->getInt(1, 7)];
            $parts[] = 0 === $i % 3
                ? self::painted(self::one($dice, Colour::cases()), $shape, $size, "b$i")
                : self::blade($shape, $size, self::one($dice, Metal::cases()), "b$i");
        }
        for ($i = 1; $i <= $skirts; ++$i) {
            $accent = self::one($dice, [null, ...Colour::cases()]);
            $parts[] = self::skirt(self::one($dice, Colour::cases()), $accent, self::one($dice, Trim::cases()), "s$i");
        }
        for ($i = 1; $i <= $trailers; ++$i) {
            $parts[] = self::trailer(
                self::one($dice, Colour::cases()),
                self::one($dice, TrailerStyle::cases()),
                $dice->getInt(4, 11) / 2,
                "t$i",
            );
        }
        for ($i = 1; $i <= $hooks; ++$i) {
            $parts[] = new InventoryHook("k$i", "hook $i", HookSize::aught($dice->getInt(1, 5)));
        }

        return Inventory::of($parts);
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

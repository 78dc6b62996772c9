<?php

declare(strict_types=1);

namespace App\Benchmark;

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
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Fluorescence;
use Kontrast\Material\Metal;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A bin of any size, thrown by dice that fall the same way for the same seed. */
final class RandomInventory
{
    private const WEIGHTS = [0.25, 0.3125, 0.375, 0.5, 0.75, 1.0];

    public static function draw(int $seed, int $heads, int $blades, int $skirts, int $trailers, int $hooks): Inventory
    {
        $dice = new Randomizer(new Mt19937($seed));
        $partColour = static fn (): PartColour => new PartColour(
            Srgb::hex(\sprintf('#%06x', $dice->getInt(1, 0xFFFFFE))),
            self::one($dice, [Fluorescence::None, Fluorescence::None, Fluorescence::Chartreuse, Fluorescence::Orange]),
        );
        $accents = static fn (): array => array_map($partColour, array_fill(0, $dice->getInt(0, 2), 0));
        $opacity = static fn (): float => self::one($dice, [1.0, 1.0, 0.55]);

        return new Inventory(
            array_map(
                static fn (int $i): InventoryHead => new InventoryHead(
                    "h$i",
                    "head $i",
                    self::one($dice, [LureKind::cases(), [LureKind::Spinnerbait], [LureKind::Jig, LureKind::SwimJig]]),
                    Weight::ounces(self::one($dice, self::WEIGHTS)),
                    $partColour(),
                    self::one($dice, HeadMaterial::cases()),
                    null,
                    self::one($dice, [Arm::Long, Arm::Long, Arm::Short]),
                ),
                range(1, $heads),
            ),
            array_map(static function (int $i) use ($dice, $partColour): InventoryBlade {
                [$shape, $size] = [self::one($dice, BladeShape::cases()), BladeSize::number($dice->getInt(1, 7))];

                return 0 === $dice->getInt(0, 2)
                    ? InventoryBlade::painted("b$i", "blade $i", $shape, $size, $partColour())
                    : InventoryBlade::ofMetal(
                        "b$i",
                        "blade $i",
                        $shape,
                        $size,
                        self::one($dice, Metal::cases()),
                        0 === $dice->getInt(0, 5),
                    );
            }, range(1, $blades)),
            array_map(
                static fn (int $i): InventorySkirt => new InventorySkirt(
                    "s$i",
                    "skirt $i",
                    $partColour(),
                    $accents(),
                    $opacity(),
                    self::one($dice, SkirtMaterial::cases()),
                    self::one($dice, Trim::cases()),
                ),
                range(1, $skirts),
            ),
            array_map(
                static fn (int $i): InventoryTrailer => new InventoryTrailer(
                    "t$i",
                    "trailer $i",
                    self::one($dice, TrailerStyle::cases()),
                    Length::inches($dice->getInt(8, 20) / 4),
                    $partColour(),
                    $accents(),
                    $opacity(),
                    self::one($dice, Surface::cases()),
                ),
                range(1, $trailers),
            ),
            array_map(
                static fn (int $i): InventoryHook => new InventoryHook("k$i", "hook $i", HookSize::aught(1 + $i % 5)),
                range(1, $hooks),
            ),
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

<?php

declare(strict_types=1);

namespace App\Contract\Vocabulary;

use Kontrast\Lure\BladeDimensions;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookDimensions;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\Measurer;
use Kontrast\Measure\Weight;

/**
 * How large single parts are, as a TypeScript module of its own: a part in the box is drawn by itself, without a build that measures
 * it.
 */
final class Dimensions
{
    public function typeScript(): string
    {
        $blades = [];
        foreach (BladeShape::cases() as $shape) {
            foreach (range(BladeSize::LEAST, BladeSize::MOST) as $number) {
                $size = BladeSize::number($number);
                $blades[$shape->value][$number] = [
                    self::inches(BladeDimensions::length($shape, $size)->inInches()),
                    self::inches(BladeDimensions::width($shape, $size)->inInches()),
                ];
            }
        }
        $hooks = [];
        foreach (range(HookSize::LEAST, HookSize::MOST) as $aught) {
            $hook = HookSize::aught($aught);
            $hooks["$aught/0"] = [
                self::inches(HookDimensions::shank($hook)->inInches()),
                self::inches(HookDimensions::gap($hook)->inInches()),
            ];
        }
        // Lengths grow with the cube root of a weight: one of an ounce says them all.
        $heads = [];
        foreach (HeadMaterial::cases() as $material) {
            $heads[$material->value] = self::inches(Measurer::headLength(Weight::ounces(1), $material)->inInches());
        }

        return implode("\n", [
            '// Made by ./kontrast schema from the dimensions of the core. Change those, not this. Inches.',
            '',
            '/** Length and width of a blade by its shape and its number. */',
            'export const BLADE_IN: Record<string, Record<number, readonly [number, number]>> = '.Vocabulary::json($blades),
            '/** Shank and gap of a hook. */',
            'export const HOOK_IN: Record<string, readonly [number, number]> = '.Vocabulary::json($hooks),
            '/** The length of a head of one ounce; it grows with the cube root of its weight. */',
            'export const HEAD_OF_OUNCE_IN: Record<string, number> = '.Vocabulary::json($heads),
            '/** A head is so many times longer than high. */',
            'export const HEAD_ASPECT = '.Measurer::HEAD_ASPECT,
            '/** A skirt with a long tail; one cut at the bend is as long as the shank and this. */',
            'export const LONG_TAIL_IN = '.Measurer::LONG_TAIL_IN,
            'export const FLARE_IN = '.Measurer::FLARE_IN,
        ])."\n";
    }

    private static function inches(float $length): float
    {
        return round($length, 3);
    }
}

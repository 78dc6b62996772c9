<?php

declare(strict_types=1);

namespace Kontrast\BuildSheet;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Lure\BladeDimensions;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\Measurer;
use Kontrast\Lure\Profile;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;

/**
 * What a build comes to as a whole. Weights are estimates from dimensions; the thump is an order, not a measure: which of two builds
 * beats the water harder. Every constant is chosen; docs/sheet.md gives the formulas.
 */
final readonly class BuildFigures
{
    /** Stamped brass, g/cm³ (from memory), and the thickness of a blade, cm. */
    private const BRASS = 8.5;
    private const BLADE_CM = 0.05;
    /** Share of length times width that a blade's outline covers. */
    private const OUTLINE = ['colorado' => 0.80, 'deep_colorado' => 0.80, 'indiana' => 0.77, 'willow' => 0.68, 'bladed_jig' => 0.85];
    /** How hard a shape beats the water beside a Colorado of the same width (B1: round beats most, long least, a deep cup hardest). */
    private const BEAT = ['colorado' => 1.0, 'deep_colorado' => 1.4, 'indiana' => 0.6, 'willow' => 0.3, 'bladed_jig' => 0.8];
    private const STRONGEST = 10;
    private const THUMP_PER_SQUARE_INCH = 5.0;
    /** Skirts with their collar, g. */
    private const SKIRT_G = ['silicone' => 2.2, 'living_rubber' => 2.8];
    /** Soft plastic weighs about as water does; cross-section of a style, cm². */
    private const PLASTIC = 1.05;
    private const SECTION_CM2 = [
        'craw' => 1.0, 'chunk' => 1.1, 'paddle_tail' => 1.0, 'fork_tail' => 0.5, 'twin_tail_grub' => 0.8, 'single_tail_grub' => 0.75,
        'ringworm' => 0.45,
    ];
    private const HOOK_G = [1 => 0.6, 2 => 0.8, 3 => 1.1, 4 => 1.5, 5 => 1.9];
    private const HARDWARE_G = ['bead' => 0.25, 'clevis' => 0.15, 'spacer' => 0.4, 'swivel' => 0.9, 'collar' => 0.1];

    private function __construct(
        public Length $overall,
        public ?Length $trim,
        public Weight $weight,
        public float $bladeSquareInches,
        public int $thump,
        public Profile $profile,
    ) {
    }

    public static function of(Composition $build): self
    {
        $measures = Measurer::measure($build->inWords());
        $overall = self::swimming($build, $measures->overall);
        $grams = $build->head->weight->inGrams()
            + array_sum(array_map(self::bladeGrams(...), $build->blades()))
            + (null === $build->skirt ? 0.0 : self::skirtGrams($build->skirt->material))
            + (null === $build->trailer ? 0.0 : self::trailerGrams($build->trailer->style, $build->trailer->length))
            + (null === $build->hook ? 0.0 : self::hookGrams($build->hook->size))
            + array_sum(
                array_map(
                    static fn (Hardware $hardware): float => $hardware->count * (self::HARDWARE_G[$hardware->kind->value] ?? 0.0),
                    Hardware::count($build),
                ),
            );

        return new self(
            $overall,
            $measures->skirt,
            Weight::grams($grams),
            array_sum(array_map(static fn (InventoryBlade $blade): float => self::squareInches($blade), $build->blades())),
            self::thump($build),
            self::profile($overall),
        );
    }

    /** Line taken up by one turn of the handle: ratio × π × diameter of the line on the spool (Z5). */
    public static function linePerTurn(float $ratio, Length $spool): Length
    {
        return $spool->times($ratio * \M_PI);
    }

    public static function squareInches(InventoryBlade $blade): float
    {
        return self::OUTLINE[$blade->shape->value] * BladeDimensions::length(
            $blade->shape,
            $blade->size,
        )->inInches() * BladeDimensions::width($blade->shape, $blade->size)->inInches();
    }

    /** From 0, no blade, to 10: the widths squared, weighed by how a shape beats. */
    private static function thump(Composition $build): int
    {
        $beat = array_sum(
            array_map(
                static fn (InventoryBlade $blade): float => self::BEAT[$blade->shape->value] * BladeDimensions::width(
                    $blade->shape,
                    $blade->size,
                )->inInches() ** 2,
                $build->blades(),
            ),
        );

        return $beat <= 0.0 ? 0 : max(1, min(self::STRONGEST, (int) round(self::THUMP_PER_SQUARE_INCH * $beat)));
    }

    private static function bladeGrams(InventoryBlade $blade): float
    {
        return self::BRASS * self::BLADE_CM * self::squareInches($blade) * 2.54 ** 2;
    }

    private static function skirtGrams(SkirtMaterial $material): float
    {
        return self::SKIRT_G[$material->value];
    }

    private static function trailerGrams(TrailerStyle $style, Length $length): float
    {
        return self::PLASTIC * self::SECTION_CM2[$style->value] * $length->inMillimetres() / 10;
    }

    private static function hookGrams(HookSize $size): float
    {
        return self::HOOK_G[$size->aught];
    }

    /** A trailer sits on the keeper behind the head; its length counts from there. */
    private static function swimming(Composition $build, Length $overall): Length
    {
        $plate = $build->rear;

        return null !== $plate && BladeShape::BladedJig === $plate->shape ? $overall->plus(
            BladeDimensions::length($plate->shape, $plate->size)->times(0.5),
        ) : $overall;
    }

    /** F9, with the head's inch taken off: tiny, regular, big. */
    private static function profile(Length $overall): Profile
    {
        return match (true) {
            $overall->inInches() < 3.5 => Profile::Small,
            $overall->inInches() < 5.0 => Profile::Regular,
            default => Profile::Big,
        };
    }
}

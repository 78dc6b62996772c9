<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\BellyShape;
use Kontrast\Lure\Blade;
use Kontrast\Lure\BladePosition;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Build;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\Head;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Skirt;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trailer;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Lure\WeightRange;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;

/**
 * Lures that cover most days, to start an inventory with. Which they are is common practice (S20, B7, B10), no published source; weights
 * and lengths are the standard ones of Z2, Z4 and T8, and where the facts are silent, chosen.
 */
enum StarterSet: string
{
    case Jigs = 'jigs';
    case SwimJigs = 'swim_jigs';
    case BladedJigs = 'bladed_jigs';
    case Spinnerbaits = 'spinnerbaits';

    public function title(): string
    {
        return match ($this) {
            self::Jigs => 'Four jigs',
            self::SwimJigs => 'Four swim jigs',
            self::BladedJigs => 'Two bladed jigs, two blades each',
            self::Spinnerbaits => 'Two spinnerbaits with two blades',
        };
    }

    public function because(): string
    {
        return match ($this) {
            self::Jigs => 'Black-blue, green pumpkin and brown cover most days on the bottom.',
            self::SwimJigs => 'Black-blue, shad, sunfish and green pumpkin cover most days near the surface and over grass.',
            self::BladedJigs => 'A gold blade for wind and stained water, a dark one for calm and bright days.',
            self::Spinnerbaits => 'Two round blades for muddy water, and a gold-and-silver pair for the rest.',
        };
    }

    /** @return list<string> ids of facts */
    public function facts(): array
    {
        return match ($this) {
            self::Jigs, self::SwimJigs => ['S20'],
            self::BladedJigs => ['B7'],
            self::Spinnerbaits => ['B10'],
        };
    }

    /** @return non-empty-list<Build> */
    public function builds(): array
    {
        return match ($this) {
            self::Jigs => [
                self::jig(LureKind::Jig, Colour::Black, [Colour::Blue], Colour::Blue, TrailerStyle::Craw),
                self::jig(LureKind::Jig, Colour::Black, [Colour::Blue], Colour::GreenPumpkin, TrailerStyle::Craw),
                self::jig(LureKind::Jig, Colour::GreenPumpkin, [], Colour::GreenPumpkin, TrailerStyle::Craw),
                self::jig(LureKind::Jig, Colour::Brown, [Colour::GreenPumpkin], Colour::GreenPumpkin, TrailerStyle::Chunk),
            ],
            self::SwimJigs => [
                self::jig(LureKind::SwimJig, Colour::Black, [Colour::Blue], Colour::Black, TrailerStyle::Craw),
                self::jig(LureKind::SwimJig, Colour::White, [Colour::Smoke], Colour::White, TrailerStyle::PaddleTail),
                self::jig(
                    LureKind::SwimJig,
                    Colour::GreenPumpkin,
                    [Colour::Blue, Colour::Orange],
                    Colour::GreenPumpkin,
                    TrailerStyle::TwinTailGrub,
                ),
                self::jig(LureKind::SwimJig, Colour::GreenPumpkin, [], Colour::GreenPumpkin, TrailerStyle::PaddleTail),
            ],
            self::BladedJigs => [
                self::bladedJig(Colour::GreenPumpkin, TrailerStyle::Craw, Finish::GreenPumpkin),
                self::bladedJig(Colour::GreenPumpkin, TrailerStyle::Craw, Finish::Gold),
                self::bladedJig(Colour::White, TrailerStyle::PaddleTail, Finish::PaintedWhite),
                self::bladedJig(Colour::White, TrailerStyle::PaddleTail, Finish::Gold),
            ],
            self::Spinnerbaits => [
                self::spinnerbait(
                    Colour::Chartreuse,
                    [Colour::White],
                    new Blade(BladePosition::Front, BladeShape::Colorado, BladeSize::number(2), Finish::Gold),
                    new Blade(BladePosition::Rear, BladeShape::DeepColorado, BladeSize::number(5), Finish::Gold),
                ),
                self::spinnerbait(
                    Colour::White,
                    [],
                    new Blade(BladePosition::Front, BladeShape::Colorado, BladeSize::number(2), Finish::Silver),
                    new Blade(BladePosition::Rear, BladeShape::Indiana, BladeSize::number(4), Finish::Gold),
                ),
            ],
        };
    }

    /**
     * The parts of all its builds. A bladed jig's second blade is a blade more, not a lure more.
     *
     * @return list<array{part: InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook, count: int}>
     */
    public function parts(): array
    {
        $parts = [];
        $lures = [];
        foreach ($this->builds() as $build) {
            $composition = GenericParts::compose($build);
            $isSecondBlade = self::BladedJigs === $this && \in_array($composition->skirt?->id, $lures, true);
            $lures[] = $composition->skirt?->id;
            foreach ($isSecondBlade ? $composition->blades() : $composition->parts() as $part) {
                $parts[$part->id()] = ['part' => $part, 'count' => ($parts[$part->id()]['count'] ?? 0) + 1];
            }
        }

        return array_values($parts);
    }

    /** @param list<Colour> $accents */
    private static function jig(LureKind $kind, Colour $base, array $accents, Colour $trailer, TrailerStyle $style): Build
    {
        $material = $kind->isWound() ? SkirtMaterial::Silicone : SkirtMaterial::LivingRubber;

        return new Build($kind, self::head($base), [], self::skirt($base, $accents, $material), self::trailer($trailer, $style, 3.5), null);
    }

    private static function bladedJig(Colour $base, TrailerStyle $style, Finish $finish): Build
    {
        $blade = new Blade(BladePosition::Single, BladeShape::BladedJig, BladeSize::number(4), $finish);

        return new Build(
            LureKind::BladedJig,
            self::head($base),
            [$blade],
            self::skirt($base, [], SkirtMaterial::Silicone),
            self::trailer($base, $style, 3.5),
            null,
        );
    }

    /** @param list<Colour> $accents */
    private static function spinnerbait(Colour $base, array $accents, Blade $front, Blade $rear): Build
    {
        return new Build(
            LureKind::Spinnerbait,
            self::head(Colour::White),
            [$front, $rear],
            self::skirt($base, $accents, SkirtMaterial::Silicone),
            self::trailer(Colour::White, TrailerStyle::SingleTailGrub, 4.0),
            null,
        );
    }

    private static function head(Colour $colour): Head
    {
        return new Head(Weight::ounces(0.375), WeightRange::ounces(0.375, 0.375), $colour);
    }

    /** @param list<Colour> $accents */
    private static function skirt(Colour $base, array $accents, SkirtMaterial $material): Skirt
    {
        return new Skirt($base, $accents, Opacity::Opaque, $material, Trim::HookBend);
    }

    private static function trailer(Colour $colour, TrailerStyle $style, float $inches): Trailer
    {
        return new Trailer($style, Length::inches($inches), $colour, [], Surface::Matte, Opacity::Opaque, bellyShape: BellyShape::Any);
    }
}

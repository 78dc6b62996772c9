<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Metal;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;

/** A part as somebody wrote it in one line, with what was assumed because the line does not say it. */
final readonly class PartLine
{
    /**
     * @param list<Colour>   $colours base, then accents
     * @param list<Colour>   $belly   what comes after "over"
     * @param list<LureKind> $lures   the lures a head is for
     * @param list<string>   $assumed what the line does not say, in words: "3.5 in"
     * @param list<string>   $ignored words of the line that say nothing this program knows
     */
    public function __construct(
        public PartKind $kind,
        public string $name,
        public int $count,
        public ?float $cost = null,
        public array $colours = [],
        public array $belly = [],
        public ?Weight $weight = null,
        public array $lures = [],
        public ?Arm $arm = null,
        public ?HeadMaterial $headMaterial = null,
        public bool $eye = false,
        public ?BladeShape $shape = null,
        public ?int $number = null,
        public ?Metal $metal = null,
        public bool $darkened = false,
        public ?SkirtMaterial $skirtMaterial = null,
        public ?Strands $strands = null,
        public ?Trim $trim = null,
        public ?TrailerStyle $style = null,
        public ?Length $length = null,
        public ?BellyShape $bellyShape = null,
        public ?Surface $surface = null,
        public ?Plastic $plastic = null,
        public ?Opacity $opacity = null,
        public ?HookSize $hook = null,
        public string $size = '',
        public array $assumed = [],
        public array $ignored = [],
    ) {
    }

    /**
     * The same with what its type of part has.
     *
     * @param list<Colour>   $colours
     * @param list<Colour>   $belly
     * @param list<LureKind> $lures
     * @param list<string>   $assumed
     */
    public function with(
        array $colours = [],
        array $belly = [],
        ?Weight $weight = null,
        array $lures = [],
        ?Arm $arm = null,
        ?HeadMaterial $headMaterial = null,
        bool $eye = false,
        ?BladeShape $shape = null,
        ?int $number = null,
        ?Metal $metal = null,
        bool $darkened = false,
        ?SkirtMaterial $skirtMaterial = null,
        ?Strands $strands = null,
        ?Trim $trim = null,
        ?TrailerStyle $style = null,
        ?Length $length = null,
        ?BellyShape $bellyShape = null,
        ?Surface $surface = null,
        ?Plastic $plastic = null,
        ?Opacity $opacity = null,
        ?HookSize $hook = null,
        string $size = '',
        array $assumed = [],
    ): self {
        return new self(
            $this->kind,
            $this->name,
            $this->count,
            $this->cost,
            $colours,
            $belly,
            $weight,
            $lures,
            $arm,
            $headMaterial,
            $eye,
            $shape,
            $number,
            $metal,
            $darkened,
            $skirtMaterial,
            $strands,
            $trim,
            $style,
            $length,
            $bellyShape,
            $surface,
            $plastic,
            $opacity,
            $hook,
            $size,
            $assumed,
            $this->ignored,
        );
    }
}

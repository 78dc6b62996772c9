<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Inventory\Words\Gloss;
use Kontrast\Lure\AccentShare;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\ColourLayout;
use Kontrast\Lure\HeadForm;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\Keeper;
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

/** A part as somebody wrote it in one line, with what was assumed because the line does not say it. Colors are never assumed. */
final readonly class PartLine
{
    /**
     * @param list<Colour>   $accents
     * @param list<Colour>   $belly
     * @param string         $pattern what the colors are called, where they were said by a name
     * @param list<LureKind> $lures   the lures a head is for
     * @param list<string>   $assumed what the line does not say, in words: "3.5 in"
     * @param list<string>   $unknown words and numbers of the line that were not understood, or say nothing of such a part
     * @param list<Gloss>    $glosses the whole line, stretch by stretch
     */
    public function __construct(
        public PartKind $kind,
        public int $count = 1,
        public ?float $cost = null,
        public ?Colour $base = null,
        public array $accents = [],
        public array $belly = [],
        public string $pattern = '',
        public ?AccentShare $accentShare = null,
        public ?ColourLayout $layout = null,
        public ?Weight $weight = null,
        public array $lures = [],
        public ?Arm $arm = null,
        public ?HeadMaterial $headMaterial = null,
        public ?HeadForm $form = null,
        public ?Keeper $keeper = null,
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
        public array $unknown = [],
        public array $glosses = [],
    ) {
    }

    /** What the part is, then its color: "3/8 oz bladed jig head, green pumpkin". Never what was typed, with its count in front. */
    public function name(): string
    {
        return PartName::of($this);
    }
}

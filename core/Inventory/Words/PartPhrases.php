<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

use Kontrast\Inventory\PartKind;
use Kontrast\Inventory\Plastic;
use Kontrast\Lure\AccentShare;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\ColourLayout;
use Kontrast\Lure\HeadForm;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\Keeper;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Metal;

/** What the words and phrases of a list of parts mean, by phrase; their plurals and misspellings are found from them. */
final class PartPhrases
{
    /** Common practice, no source. */
    public const MEANINGS = [
        // What it is.
        'head' => PartKind::Head, 'jighead' => PartKind::Head, 'blade' => PartKind::Blade, 'skirt' => PartKind::Skirt,
        'trailer' => PartKind::Trailer, 'trailer hook' => PartKind::Hook, 'stinger hook' => PartKind::Hook, 'stinger' => PartKind::Hook,
        'hook' => PartKind::Hook, 'bead' => PartKind::Bead, 'clevis' => PartKind::Clevis, 'clevise' => PartKind::Clevis,
        'spacer' => PartKind::Spacer, 'swivel' => PartKind::Swivel, 'collar' => PartKind::Collar, 'cable tie' => PartKind::Collar,
        'zip tie' => PartKind::Collar,
        'jig' => LureKind::Jig, 'swim jig' => LureKind::SwimJig, 'spinnerbait' => LureKind::Spinnerbait,
        'spinner bait' => LureKind::Spinnerbait, 'bladed jig' => LureKind::BladedJig, 'bladed swim jig' => LureKind::BladedJig,
        'flipping jig' => LureKind::Jig, 'pitching jig' => LureKind::Jig,
        // Trailers.
        'craw' => TrailerStyle::Craw, 'crawfish' => TrailerStyle::Craw, 'crawdad' => TrailerStyle::Craw, 'chunk' => TrailerStyle::Chunk,
        'paddle tail' => TrailerStyle::PaddleTail, 'paddle tail swimbait' => TrailerStyle::PaddleTail,
        'swimbait' => TrailerStyle::PaddleTail, 'swim bait' => TrailerStyle::PaddleTail, 'fork tail' => TrailerStyle::ForkTail,
        'forked tail' => TrailerStyle::ForkTail, 'fork tail minnow' => TrailerStyle::ForkTail,
        'forked tail minnow' => TrailerStyle::ForkTail,
        'minnow' => TrailerStyle::ForkTail, 'twin tail' => TrailerStyle::TwinTailGrub, 'twin tail grub' => TrailerStyle::TwinTailGrub,
        'double tail grub' => TrailerStyle::TwinTailGrub, 'double tail' => TrailerStyle::TwinTailGrub,
        'single tail' => TrailerStyle::SingleTailGrub, 'single tail grub' => TrailerStyle::SingleTailGrub,
        'curl tail' => TrailerStyle::SingleTailGrub, 'curly tail' => TrailerStyle::SingleTailGrub,
        'curl tail grub' => TrailerStyle::SingleTailGrub, 'curly tail grub' => TrailerStyle::SingleTailGrub,
        'grub' => TrailerStyle::SingleTailGrub, 'ringworm' => TrailerStyle::Ringworm, 'ring worm' => TrailerStyle::Ringworm,
        'worm' => TrailerStyle::Ringworm, 'flat belly' => BellyShape::Flat, 'flat bellied' => BellyShape::Flat,
        'wide belly' => BellyShape::Wide, 'wide bellied' => BellyShape::Wide,
        'tpe' => Plastic::Stretchy, 'stretchy' => Plastic::Stretchy, 'matte' => Surface::Matte,
        // Blades.
        'colorado' => BladeShape::Colorado, 'round' => BladeShape::Colorado, 'deep colorado' => BladeShape::DeepColorado,
        'deep cup colorado' => BladeShape::DeepColorado, 'deep cupped colorado' => BladeShape::DeepColorado,
        'double thick colorado' => BladeShape::DeepColorado, 'indiana' => BladeShape::Indiana, 'willow' => BladeShape::Willow,
        'willow leaf' => BladeShape::Willow, 'willowleaf' => BladeShape::Willow, 'hex' => BladeShape::BladedJig,
        'hexagonal' => BladeShape::BladedJig, 'diamond' => BladeShape::BladedJig,
        'silver' => Metal::Silver, 'nickel' => Metal::Silver, 'chrome' => Metal::Silver, 'sil' => Metal::Silver, 'slv' => Metal::Silver,
        'copper' => Metal::Copper, 'cop' => Metal::Copper, 'brass' => Metal::Gold,
        // Heads.
        'lead' => HeadMaterial::Lead, 'tungsten' => HeadMaterial::Tungsten, 'tung' => HeadMaterial::Tungsten,
        'steel' => HeadMaterial::Steel,
        'short arm' => Arm::Short, 'long arm' => Arm::Long, 'ball head' => HeadForm::Ball, 'ballhead' => HeadForm::Ball,
        'round head' => HeadForm::Ball, 'ball' => HeadForm::Ball, 'arrow head' => HeadForm::Arrow, 'arrowhead' => HeadForm::Arrow,
        'arrow' => HeadForm::Arrow, 'football' => HeadForm::Football, 'football head' => HeadForm::Football, 'fb' => HeadForm::Football,
        'bullet' => HeadForm::Bullet, 'bullet head' => HeadForm::Bullet, 'flat head' => HeadForm::Flat, 'flathead' => HeadForm::Flat,
        'barb' => Keeper::Barb, 'barb keeper' => Keeper::Barb, 'multi barb' => Keeper::MultiBarb, 'double barb' => Keeper::MultiBarb,
        'many barb' => Keeper::MultiBarb, 'screw lock' => Keeper::ScrewLock, 'screwlock' => Keeper::ScrewLock,
        'screw lock keeper' => Keeper::ScrewLock, 'screw keeper' => Keeper::ScrewLock,
        // Skirts.
        'silicone' => SkirtMaterial::Silicone, 'sili' => SkirtMaterial::Silicone, 'living rubber' => SkirtMaterial::LivingRubber,
        'live rubber' => SkirtMaterial::LivingRubber, 'rubber' => SkirtMaterial::LivingRubber, 'solid' => Strands::Solid,
        'barred' => Strands::Barred, 'bar' => Strands::Barred, 'scaled' => Strands::Scaled, 'scale' => Strands::Scaled,
        'long tail' => Trim::LongTail, 'uncut' => Trim::LongTail, 'untrimmed' => Trim::LongTail,
        'trimmed' => Trim::HookBend, 'split' => ColourLayout::Split, 'half' => AccentShare::Half, 'half half' => AccentShare::Half,
        'third' => AccentShare::Third, 'few' => AccentShare::Few, 'touch of' => AccentShare::Few, 'hint of' => AccentShare::Few,
        'see through' => Opacity::Translucent, 'translucent' => Opacity::Translucent, 'transparent' => Opacity::Translucent,
        'clear' => Opacity::Translucent, 'opaque' => Opacity::Opaque,
        // Colors.
        'grey' => Colour::Smoke, 'gray' => Colour::Smoke, 'lime' => Colour::Chartreuse, 'lime green' => Colour::Chartreuse,
        'pumpkin' => Colour::GreenPumpkin, 'hot pink' => Colour::Pink, 'royal blue' => Colour::BrightBlue,
        'electric blue' => Colour::BrightBlue, 'light blue' => Colour::PaleBlue, 'dark blue' => Colour::Blue, 'navy' => Colour::Blue,
        'navy blue' => Colour::Blue, 'hot orange' => Colour::Orange, 'burgundy' => Colour::Maroon, 'violet' => Colour::Purple,
        'lemon yellow' => Colour::Yellow, 'pearl white' => Colour::Pearl, 'golden' => Colour::Gold,
        'gp' => Colour::GreenPumpkin, 'grn pumpkin' => Colour::GreenPumpkin, 'green pump' => Colour::GreenPumpkin,
        'grn pump' => Colour::GreenPumpkin, 'grn pmpkn' => Colour::GreenPumpkin, 'green pmpkn' => Colour::GreenPumpkin,
        'wm' => Colour::Watermelon, 'melon' => Colour::Watermelon, 'wtrmln' => Colour::Watermelon, 'blk' => Colour::Black,
        'bk' => Colour::Black, 'blu' => Colour::Blue, 'bl' => Colour::Blue, 'chart' => Colour::Chartreuse, 'chrt' => Colour::Chartreuse,
        'wht' => Colour::White, 'wh' => Colour::White, 'org' => Colour::Orange, 'orng' => Colour::Orange, 'brn' => Colour::Brown,
        'yel' => Colour::Yellow, 'ylw' => Colour::Yellow, 'prpl' => Colour::Purple, 'prp' => Colour::Purple, 'rd' => Colour::Red,
        'pnk' => Colour::Pink, 'prl' => Colour::Pearl, 'gld' => Colour::Gold,
        // What stands beside colors.
        'painted' => Mark::Painted, 'powder coated' => Mark::Painted, 'darkened' => Mark::Darkened, 'blackened' => Mark::Darkened,
        'inked' => Mark::Darkened, 'eye' => Mark::Eye, 'eyed' => Mark::Eye, '3d eye' => Mark::Eye, 'over' => Mark::Over,
        'top' => Mark::Back,
        'belly' => Mark::Belly, 'bellied' => Mark::Belly, 'bottom' => Mark::Belly, 'back' => Mark::Back, 'backed' => Mark::Back,
        'flake' => Mark::Flake, 'flk' => Mark::Flake, 'flaked' => Mark::Flake, 'fleck' => Mark::Flake, 'glitter' => Mark::Flake,
        'tip' => Mark::Accent, 'tipped' => Mark::Accent, 'claw' => Mark::Accent, 'pincer' => Mark::Accent, 'accent' => Mark::Accent,
        'leg' => Mark::Accent, 'highlight' => Mark::Accent, 'front' => Mark::Front,
    ];

    /** Words that carry nothing of their own. */
    public const FILLERS = [
        'with', 'w', 'in', 'a', 'an', 'the', 'of', 'for', 'on', 'at', 'my', 'some', 'also', 'plus', 'plastic', 'soft', 'color', 'colored',
        'colour', 'coloured', 'each', 'ea', 'tail', 'x', 'style', 'type', 'bait', 'lure', 'part', 'left', 'strand', 'tab', 'keeper',
        'arm', 'oz',
        'size', 'finish', 'plated', 'hot', 'plain', 'bare', 'just', 'all', 'both', 'behind',
    ];

    /** Colors and other words that must not be taken for a misspelling of one that is known. */
    public const NO_MISSPELLING = [
        'fluke', 'clean', 'blank', 'write', 'whole', 'sliver', 'cooper', 'porch', 'brash', 'chuck',
        'grape', 'peach', 'cream', 'bronze', 'olive', 'green', 'lemon', 'block', 'brand', 'while', 'flame', 'blaze', 'plack', 'perth',
        'spade',
        'shade', 'sharp', 'scent', 'brass', 'water', 'tiger', 'heart', 'beard', 'heard', 'ghosts', 'trail', 'brown', 'crown', 'clown',
        'melody',
    ];
}

<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\PartColour;
use Kontrast\Lure\Colour;
use Kontrast\Material\Lab;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Vision\Ciede2000;

/** How far an owned color counts as a color word, each pair worked out once. */
final class ColourCloseness
{
    /** A color this far off (CIEDE2000) counts for half of what the very color would. (Chosen.) */
    private const HALF_OFF = 12.0;

    /** @var array<string, Lab> by word */
    private array $labs = [];
    /** @var \WeakMap<PartColour, array<string, float>> by word */
    private readonly \WeakMap $known;

    public function __construct()
    {
        $this->known = new \WeakMap();
    }

    /** @return float 1 for the very color, a half at HALF_OFF, falling on */
    public function measure(PartColour $colour, Colour $word): float
    {
        $known = $this->known[$colour] ?? [];
        if (!isset($known[$word->value])) {
            $known[$word->value] = self::falloff(Ciede2000::between($colour->colour->toLab(), $this->lab($word)));
            $this->known[$colour] = $known;
        }

        return $known[$word->value];
    }

    /** No less than measure(), and found by lightness alone. */
    public function atMost(PartColour $colour, Colour $word): float
    {
        return self::falloff(Ciede2000::atLeast($colour->colour->toLab(), $this->lab($word)));
    }

    private function lab(Colour $word): Lab
    {
        return $this->labs[$word->value] ??= Srgb::hex(Palette::hex($word))->toLab();
    }

    private static function falloff(float $off): float
    {
        return 1 / (1 + ($off / self::HALF_OFF) ** 2);
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Material\Palette;
use Kontrast\Rulebook\Facts;
use OpenApi\Attributes as OA;

/** Colours by word and by finish ("#rrggbb"), and the facts of the trade by id. */
#[OA\Schema(schema: 'Palette', additionalProperties: false)]
final readonly class PaletteDocument
{
    /**
     * @param array<string, string> $colours
     * @param array<string, string> $finishes
     * @param array<string, string> $facts
     */
    public function __construct(
        public array $colours,
        public array $finishes,
        public array $facts,
    ) {
    }

    public static function standard(): self
    {
        $colours = [];
        foreach (Colour::cases() as $colour) {
            $colours[$colour->value] = Palette::hex($colour);
        }
        $finishes = [];
        foreach (Finish::cases() as $finish) {
            $finishes[$finish->value] = Palette::finish($finish);
        }

        return new self($colours, $finishes, Facts::ALL);
    }
}

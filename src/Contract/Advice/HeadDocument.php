<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Head;
use Kontrast\Lure\HeadForm;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\Keeper;
use OpenApi\Attributes as OA;

/** The head: its weight in ounces, the range that would serve, its colour. */
#[OA\Schema(schema: 'Head', additionalProperties: false)]
final readonly class HeadDocument
{
    /** @param list<float> $weight_range_oz */
    public function __construct(
        public float $weight_oz,
        #[OA\Property(minItems: 2, maxItems: 2)]
        public array $weight_range_oz,
        public Colour $colour,
        public HeadMaterial $material,
        #[OA\Property(description: 'Second color of a two-tone head.')]
        public ?Colour $belly,
        public bool $eye,
        public HeadForm $form,
        public Keeper $keeper,
    ) {
    }

    public static function of(Head $head): self
    {
        return new self(
            round($head->weight->inOunces(), 4),
            [round($head->range->least->inOunces(), 4), round($head->range->most->inOunces(), 4)],
            $head->colour,
            $head->material,
            $head->belly,
            $head->eye,
            $head->form,
            $head->keeper,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Head;
use Kontrast\Lure\HeadMaterial;
use OpenApi\Attributes as OA;

/** The head: its weight in ounces, the range that would serve, its colour. */
#[OA\Schema(schema: 'Head', additionalProperties: false, required: ['weight_oz', 'weight_range_oz', 'colour', 'material', 'belly', 'eye'])]
final readonly class HeadDocument
{
    /** @param list<float> $weight_range_oz */
    public function __construct(
        #[OA\Property]
        public float $weight_oz,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2)]
        public array $weight_range_oz,
        #[OA\Property(type: 'string', enum: Colour::class)]
        public Colour $colour,
        #[OA\Property(type: 'string', enum: HeadMaterial::class)]
        public HeadMaterial $material,
        #[OA\Property(type: 'string', enum: Colour::class, nullable: true, description: 'Second color of a two-tone head.')]
        public ?Colour $belly,
        #[OA\Property]
        public bool $eye,
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
        );
    }
}

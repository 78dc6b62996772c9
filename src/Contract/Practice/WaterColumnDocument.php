<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use Kontrast\Practice\WaterColumn;
use OpenApi\Attributes as OA;

/** A water drawn from the surface down. */
#[OA\Schema(schema: 'WaterColumn', additionalProperties: false)]
final readonly class WaterColumnDocument
{
    /** @param list<string> $colours */
    public function __construct(
        #[OA\Property(description: 'How deep the picture reaches.')]
        public float $reach_in,
        #[OA\Property(description: 'As a person sees it, from the surface down in even steps, "#rrggbb".', minItems: 2)]
        public array $colours,
    ) {
    }

    public static function of(WaterColumn $column): self
    {
        return new self(round($column->reach->inInches(), 1), $column->colours);
    }
}

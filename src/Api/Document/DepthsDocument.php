<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Eye\DepthHold;
use Kontrast\Measure\Length;
use OpenApi\Attributes as OA;

/** How each colour word holds up with depth in one water. */
#[OA\Schema(schema: 'Depths', additionalProperties: false, required: ['depths_ft', 'lux', 'colours'])]
final readonly class DepthsDocument
{
    /**
     * @param list<float>                $depths_ft
     * @param list<float>                $lux
     * @param list<DepthColourDocument>  $colours
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $depths_ft,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $lux,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DepthColourDocument::class))]
        public array $colours,
    ) {
    }

    public static function of(DepthHold $hold): self
    {
        return new self(
            array_map(static fn (Length $depth): float => Figure::of($depth->inFeet()), $hold->depths),
            Figure::all($hold->lux),
            array_map(static fn (array $held): DepthColourDocument => new DepthColourDocument($held['colour'], Figure::all($held['jnd']), Figure::all($held['chroma']), Figure::all($held['contrast'])), $hold->colours),
        );
    }
}

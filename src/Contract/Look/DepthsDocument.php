<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Measure\Length;
use Kontrast\Vision\ColoursOverDepth;
use OpenApi\Attributes as OA;

/** How each colour word holds up with depth in one water. */
#[OA\Schema(schema: 'Depths', additionalProperties: false)]
final readonly class DepthsDocument
{
    /**
     * @param list<float>                $depths_ft
     * @param list<float>                $lux
     * @param list<DepthColourDocument>  $colours
     */
    public function __construct(
        public array $depths_ft,
        public array $lux,
        public array $colours,
    ) {
    }

    public static function of(ColoursOverDepth $hold): self
    {
        return new self(
            array_map(static fn (Length $depth): float => SignificantDigits::round($depth->inFeet()), $hold->depths),
            SignificantDigits::all($hold->lux),
            array_map(
                static fn (array $held): DepthColourDocument => new DepthColourDocument(
                    $held['colour'],
                    SignificantDigits::all($held['jnd']),
                    SignificantDigits::all($held['chroma']),
                    SignificantDigits::all($held['contrast']),
                ),
                $hold->colours,
            ),
        );
    }
}

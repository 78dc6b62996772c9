<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Lure\Colour;
use OpenApi\Attributes as OA;

/** One colour word over depth, beside the water at each. */
#[OA\Schema(schema: 'DepthColour', additionalProperties: false)]
final readonly class DepthColourDocument
{
    /**
     * @param list<float> $jnd
     * @param list<float> $colour_jnd
     * @param list<float> $contrast
     */
    public function __construct(
        public Colour $colour,
        #[OA\Property(description: 'Color and brightness together.')]
        public array $jnd,
        #[OA\Property(description: 'Color alone.')]
        public array $colour_jnd,
        #[OA\Property(description: 'Weber contrast of brightness with the water.')]
        public array $contrast,
    ) {
    }
}

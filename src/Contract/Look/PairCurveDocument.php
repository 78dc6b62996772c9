<?php

declare(strict_types=1);

namespace App\Contract\Look;

use OpenApi\Attributes as OA;

/** Two parts over distance: just-noticeable differences between them. */
#[OA\Schema(schema: 'PairCurve', additionalProperties: false)]
final readonly class PairCurveDocument
{
    /**
     * @param list<float> $jnd
     * @param list<bool>  $separate_person
     * @param list<bool>  $separate_bass
     */
    public function __construct(
        public string $a,
        public string $b,
        public array $jnd,
        #[OA\Property(description: 'Whether a person sees two colors.')]
        public array $separate_person,
        #[OA\Property(description: 'Whether a bass does.')]
        public array $separate_bass,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Look;

use OpenApi\Attributes as OA;

/** Two parts over distance: just-noticeable differences between them. */
#[OA\Schema(schema: 'PairCurve', additionalProperties: false, required: ['a', 'b', 'jnd', 'separate_person', 'separate_bass'])]
final readonly class PairCurveDocument
{
    /**
     * @param list<float> $jnd
     * @param list<bool>  $separate_person
     * @param list<bool>  $separate_bass
     */
    public function __construct(
        #[OA\Property]
        public string $a,
        #[OA\Property]
        public string $b,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $jnd,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'boolean'), description: 'Whether a person sees two colors.')]
        public array $separate_person,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'boolean'), description: 'Whether a bass does.')]
        public array $separate_bass,
    ) {
    }
}

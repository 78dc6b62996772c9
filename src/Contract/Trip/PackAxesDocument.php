<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Wind;
use OpenApi\Attributes as OA;

/** What a pack was computed for: every combination of these, the last of them turning fastest. */
#[OA\Schema(
    schema: 'PackAxes',
    additionalProperties: false,
    required: ['lure', 'visibility_in', 'sky', 'wind', 'bite', 'cover'],
)]
final readonly class PackAxesDocument
{
    /**
     * @param list<LureKind> $lure
     * @param list<float>    $visibility_in
     * @param list<Sky>      $sky
     * @param list<Wind>     $wind
     * @param list<Bite>     $bite
     * @param list<Cover>    $cover
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: LureKind::class))]
        public array $lure,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), description: 'Rising.')]
        public array $visibility_in,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Sky::class))]
        public array $sky,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Wind::class))]
        public array $wind,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Bite::class))]
        public array $bite,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Cover::class))]
        public array $cover,
    ) {
    }
}

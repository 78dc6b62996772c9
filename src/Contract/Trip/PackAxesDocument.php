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
        public array $lure,
        #[OA\Property(description: 'Rising.')]
        public array $visibility_in,
        public array $sky,
        public array $wind,
        public array $bite,
        public array $cover,
    ) {
    }
}

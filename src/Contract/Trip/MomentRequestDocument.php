<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Text;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Sky;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A minute of a trip under one sky, for one lure. */
#[OA\Schema(schema: 'MomentRequest', additionalProperties: false, required: ['trip', 'at', 'sky', 'lure'])]
final readonly class MomentRequestDocument
{
    public function __construct(
        #[OA\Property(ref: TripRequestDocument::class)]
        #[Assert\Valid]
        public TripRequestDocument $trip,
        #[OA\Property(description: 'By the clock of the place: 7:52.')]
        #[Text(20, 'A time')]
        public string $at,
        #[OA\Property(type: 'string', enum: Sky::class, description: 'Overhead.')]
        public Sky $sky,
        #[OA\Property(type: 'string', enum: LureKind::class)]
        public LureKind $lure,
    ) {
    }
}

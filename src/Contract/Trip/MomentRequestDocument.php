<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Text;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Sky;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A minute of a trip under one sky, for one lure. */
#[OA\Schema(schema: 'MomentRequest', additionalProperties: false)]
final readonly class MomentRequestDocument
{
    public function __construct(
        #[Assert\Valid]
        public TripRequestDocument $trip,
        #[OA\Property(description: 'By the clock of the place: 7:52.')]
        #[Text(20, 'A time')]
        public string $at,
        #[OA\Property(description: 'Overhead.')]
        public Sky $sky,
        public LureKind $lure,
    ) {
    }
}

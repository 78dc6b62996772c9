<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Name;
use App\Contract\Constraint\Text;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A trip that is kept. */
#[OA\Schema(schema: 'SavedTrip', additionalProperties: false, required: ['name', 'trip'])]
final readonly class SavedTripDocument
{
    public function __construct(
        #[OA\Property]
        #[Name('A trip')]
        public string $name,
        #[OA\Property(ref: TripRequestDocument::class)]
        #[Assert\Valid]
        public TripRequestDocument $trip,
        #[OA\Property(type: 'string', nullable: true)]
        #[Id(isMade: true)]
        public ?string $id = null,
        #[OA\Property(type: 'integer', nullable: true)]
        public ?int $version = null,
        #[OA\Property(type: 'string', nullable: true)]
        #[Id]
        public ?string $water_id = null,
        #[OA\Property]
        #[Text(2000, 'A note')]
        public string $note = '',
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Name;
use App\Contract\Constraint\Text;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A saved trip. */
#[OA\Schema(schema: 'SavedTrip', additionalProperties: false)]
final readonly class SavedTripDocument
{
    public function __construct(
        #[Name('A trip')]
        public string $name,
        #[Assert\Valid]
        public TripRequestDocument $trip,
        #[Id(isMade: true)]
        public ?string $id = null,
        public ?int $version = null,
        #[Id]
        public ?string $water_id = null,
        #[Text(2000, 'A note')]
        public string $note = '',
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Text;
use App\Contract\Error\InvalidDocument;
use Kontrast\Trip\NotATrip;
use Kontrast\Trip\TripPlan;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A day somewhere, for which a forecast is asked. */
#[OA\Schema(schema: 'ForecastRequest', additionalProperties: false)]
final readonly class ForecastRequestDocument
{
    public function __construct(
        #[Assert\Valid]
        public PlaceDocument $place,
        #[OA\Property(description: 'Such as 2026-05-09.')]
        #[Text(10, 'A date')]
        public string $date,
    ) {
    }

    /** @throws InvalidDocument where there is no such day */
    public function day(): string
    {
        try {
            return TripPlan::day($this->date);
        } catch (NotATrip $error) {
            throw InvalidDocument::fault($error->field, $error->getMessage());
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Between;
use App\Contract\Constraint\Text;
use App\Contract\Error\InvalidDocument;
use Kontrast\Sun\NotAPlace;
use Kontrast\Sun\Place;
use OpenApi\Attributes as OA;

/** Where a trip goes, and the clock people keep there. */
#[OA\Schema(schema: 'Place', additionalProperties: false)]
final readonly class PlaceDocument
{
    public function __construct(
        #[OA\Property(description: 'Degrees, north positive.')]
        #[Between(-90, 90, 'Latitude', 'degrees')]
        public float $latitude,
        #[OA\Property(description: 'Degrees, east positive.')]
        #[Between(-180, 180, 'Longitude', 'degrees')]
        public float $longitude,
        #[OA\Property(description: 'A name from the time zone database: America/Chicago.')]
        #[Text(60, 'A time zone')]
        public string $time_zone,
    ) {
    }

    /**
     * @param string $field the path of this document in the one it came in
     *
     * @throws InvalidDocument where no clock is called that
     */
    public function toPlace(string $field): Place
    {
        try {
            return Place::at($this->latitude, $this->longitude, $this->time_zone);
        } catch (NotAPlace $error) {
            throw InvalidDocument::fault($field, $error->getMessage());
        }
    }
}

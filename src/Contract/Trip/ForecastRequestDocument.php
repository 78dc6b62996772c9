<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Text;
use App\Contract\Error\InvalidDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A day somewhere, for which a forecast is asked. */
#[OA\Schema(schema: 'ForecastRequest', additionalProperties: false, required: ['place', 'date'])]
final readonly class ForecastRequestDocument
{
    public function __construct(
        #[OA\Property(ref: PlaceDocument::class)]
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
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $this->date);

        return false !== $day && $day->format('Y-m-d') === $this->date
            ? $this->date
            : throw InvalidDocument::fault('date', "“{$this->date}” is not a date. Write it like 2026-05-09.");
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use Kontrast\Reading\Season;
use Kontrast\Reading\SeasonCalendar;
use OpenApi\Attributes as OA;

/** The season that a day is likely to be in. */
#[OA\Schema(schema: 'SeasonProposal', additionalProperties: false)]
final readonly class SeasonProposalDocument
{
    public function __construct(
        public Season $season,
        #[OA\Property(description: 'What has to be known before one goes on such a day.')]
        public ?string $caution,
    ) {
    }

    public static function of(\DateTimeImmutable $day, float $latitude): self
    {
        return new self(SeasonCalendar::propose($day, $latitude), SeasonCalendar::caution($day, $latitude));
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Lure\LureKind;
use OpenApi\Attributes as OA;

/** An outing at a glance. */
#[OA\Schema(
    schema: 'OutingSummary',
    additionalProperties: false,
)]
final readonly class OutingSummaryDocument
{
    /** @param list<LureKind> $lures */
    public function __construct(
        public string $id,
        public int $version,
        #[OA\Property(format: 'date-time')]
        public string $started_at,
        public ?string $water_id,
        #[OA\Property(description: 'Its name; empty where none was named.')]
        public string $water,
        #[OA\Property(format: 'date-time', nullable: true, description: 'Null while it goes on, or where nobody said when it ended.')]
        public ?string $ended_at,
        #[OA\Property(format: 'date-time', description: 'The last thing noted in it.')]
        public string $last_noted_at,
        #[OA\Property(description: 'With a lure in the water.')]
        public float $hours,
        #[OA\Property(description: 'Felt, lost or landed.')]
        public int $bites,
        #[OA\Property(description: 'Landed.')]
        public int $fish,
        public int $follows,
        #[OA\Property(description: 'Of the fish landed, in inches.')]
        public ?float $longest_in,
        public array $lures,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Lure\LureKind;
use OpenApi\Attributes as OA;

/** An outing at a glance. */
#[OA\Schema(
    schema: 'OutingSummary',
    additionalProperties: false,
    required: [
        'id', 'version', 'started_at', 'water_id', 'water', 'ended_at', 'last_noted_at', 'hours', 'bites', 'fish', 'follows', 'longest_in',
        'lures',
    ],
)]
final readonly class OutingSummaryDocument
{
    /** @param list<LureKind> $lures */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public int $version,
        #[OA\Property(format: 'date-time')]
        public string $started_at,
        #[OA\Property(nullable: true)]
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
        #[OA\Property]
        public int $follows,
        #[OA\Property(nullable: true, description: 'Of the fish landed, in inches.')]
        public ?float $longest_in,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: LureKind::class))]
        public array $lures,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Access;

use OpenApi\Attributes as OA;

/** A device that is signed in. */
#[OA\Schema(
    schema: 'Session',
    additionalProperties: false,
)]
final readonly class SessionDocument
{
    public function __construct(
        public string $id,
        #[OA\Property(description: 'What its browser says of itself.')]
        public string $device,
        #[OA\Property(description: 'Its address in the network when it was used last.')]
        public string $address,
        #[OA\Property(format: 'date-time')]
        public string $signed_in_at,
        #[OA\Property(format: 'date-time')]
        public string $last_used_at,
        #[OA\Property(description: 'Whether it is the one that asks.')]
        public bool $is_this,
    ) {
    }
}

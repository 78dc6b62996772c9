<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Constraint\Between;
use App\Contract\Constraint\Id;
use OpenApi\Attributes as OA;

/** Which block of which trial a stint is. */
#[OA\Schema(schema: 'TrialBlock', additionalProperties: false)]
final readonly class TrialBlockDocument
{
    public function __construct(
        #[Id]
        public string $trial_id,
        #[OA\Property(description: 'From 0.')]
        #[Between(0, 1000, 'A block')]
        public int $block,
    ) {
    }
}

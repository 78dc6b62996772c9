<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use Kontrast\Practice\Ladder;
use Kontrast\Rulebook\Slot;
use OpenApi\Attributes as OA;

/** A first lesson: one pick, followed through a few waters. */
#[OA\Schema(schema: 'Ladder', additionalProperties: false)]
final readonly class LadderDocument
{
    /** @param list<LadderScreenDocument> $screens */
    public function __construct(
        public Ladder $key,
        public string $title,
        #[OA\Property(description: 'The pick that changes from water to water.')]
        public Slot $pick,
        public array $screens,
    ) {
    }
}

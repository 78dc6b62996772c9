<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Constraint\Text;
use App\Contract\Reader\Sparse;
use Kontrast\Rulebook\Symptom;
use OpenApi\Attributes as OA;

/** The change that a stint began with: what had gone wrong, what was done about it, and whether it helped. */
#[OA\Schema(schema: 'MadeChange', additionalProperties: false)]
final readonly class MadeChangeDocument implements Sparse
{
    public function __construct(
        public Symptom $symptom,
        #[OA\Property(description: 'In words, as the advice had it.')]
        #[Text(300, 'A change')]
        public string $change,
        #[OA\Property(description: 'Null until the angler has said.')]
        public ?bool $helped = null,
    ) {
    }
}

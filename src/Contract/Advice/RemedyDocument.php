<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Remedy;
use Kontrast\Rulebook\RemedyChange;
use Kontrast\Rulebook\Symptom;
use OpenApi\Attributes as OA;

/** One thing to change when something goes wrong on the water. */
#[OA\Schema(schema: 'Remedy', additionalProperties: false)]
final readonly class RemedyDocument
{
    /** @param list<string> $facts */
    public function __construct(
        public Symptom $symptom,
        public string $change,
        public string $because,
        public array $facts,
        #[OA\Property(description: 'What is changed, as a code.')]
        public RemedyChange $changes,
    ) {
    }

    public static function of(Remedy $remedy): self
    {
        return new self($remedy->symptom, $remedy->change, $remedy->because, $remedy->facts, $remedy->changes);
    }
}

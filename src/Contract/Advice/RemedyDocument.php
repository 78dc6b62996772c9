<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Remedy;
use Kontrast\Rulebook\Symptom;
use OpenApi\Attributes as OA;

/** One thing to change when something goes wrong on the water. */
#[OA\Schema(schema: 'Remedy', additionalProperties: false, required: ['symptom', 'change', 'because', 'facts'])]
final readonly class RemedyDocument
{
    /** @param list<string> $facts */
    public function __construct(
        #[OA\Property(type: 'string', enum: Symptom::class)]
        public Symptom $symptom,
        #[OA\Property]
        public string $change,
        #[OA\Property]
        public string $because,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $facts,
    ) {
    }

    public static function of(Remedy $remedy): self
    {
        return new self($remedy->symptom, $remedy->change, $remedy->because, $remedy->facts);
    }
}

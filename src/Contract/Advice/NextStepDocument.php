<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\NextStep;
use Kontrast\Rulebook\Occasion;
use OpenApi\Attributes as OA;

/** What to change when something happens on the water. */
#[OA\Schema(schema: 'NextStep', additionalProperties: false, required: ['when', 'because', 'facts', 'change'])]
final readonly class NextStepDocument
{
    /** @param list<string> $facts */
    public function __construct(
        #[OA\Property(type: 'string', enum: Occasion::class)]
        public Occasion $when,
        #[OA\Property(ref: ChangeDocument::class)]
        public ChangeDocument $change,
        #[OA\Property]
        public string $because,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $facts,
    ) {
    }

    public static function of(NextStep $step): self
    {
        return new self($step->occasion, ChangeDocument::of($step->change), $step->because, $step->facts);
    }
}

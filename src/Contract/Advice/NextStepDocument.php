<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\NextStep;
use Kontrast\Rulebook\Occasion;
use OpenApi\Attributes as OA;

/** What to change when something happens on the water. */
#[OA\Schema(schema: 'NextStep', additionalProperties: false)]
final readonly class NextStepDocument
{
    /** @param list<string> $facts */
    public function __construct(
        public Occasion $when,
        public ChangeDocument $change,
        public string $because,
        public array $facts,
    ) {
    }

    public static function of(NextStep $step): self
    {
        return new self($step->occasion, ChangeDocument::of($step->change), $step->because, $step->facts);
    }
}

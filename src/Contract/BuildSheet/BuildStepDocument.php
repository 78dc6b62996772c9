<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use Kontrast\BuildSheet\BuildStep;
use Kontrast\BuildSheet\Task;
use OpenApi\Attributes as OA;

/** One step at the bench. */
#[OA\Schema(
    schema: 'BuildStep',
    additionalProperties: false,
)]
final readonly class BuildStepDocument
{
    /**
     * @param list<string> $parts
     * @param list<string> $facts
     * @param list<string> $cautions
     */
    public function __construct(
        public Task $task,
        public string $title,
        #[OA\Property(description: '“{trim}” is replaced by the length to cut the skirt to.')]
        public string $text,
        public array $parts,
        public ?string $tool,
        public ?string $why,
        public array $facts,
        public array $cautions,
        public float $minutes,
    ) {
    }

    public static function of(BuildStep $step): self
    {
        return new self(
            task: $step->task,
            title: $step->task->title(),
            text: $step->text,
            parts: $step->parts,
            tool: $step->tool,
            why: $step->why,
            facts: $step->facts,
            cautions: $step->cautions,
            minutes: $step->task->minutes(),
        );
    }
}

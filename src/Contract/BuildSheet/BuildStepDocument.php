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
    required: ['task', 'title', 'text', 'parts', 'tool', 'why', 'facts', 'cautions', 'minutes'],
)]
final readonly class BuildStepDocument
{
    /**
     * @param list<string> $parts
     * @param list<string> $facts
     * @param list<string> $cautions
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: Task::class)]
        public Task $task,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: '“{trim}” is replaced by the length to cut the skirt to.')]
        public string $text,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $parts,
        #[OA\Property(nullable: true)]
        public ?string $tool,
        #[OA\Property(nullable: true)]
        public ?string $why,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $facts,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $cautions,
        #[OA\Property]
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

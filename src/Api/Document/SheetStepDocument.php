<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Sheet\Step;
use Kontrast\Sheet\Task;
use OpenApi\Attributes as OA;

/** One step at the bench. */
#[OA\Schema(schema: 'SheetStep', additionalProperties: false, required: ['task', 'title', 'text', 'parts', 'tool', 'why', 'facts', 'cautions', 'minutes'])]
final readonly class SheetStepDocument
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
        #[OA\Property(description: '“{trim}” stands for the length the skirt is cut to.')]
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

    public static function of(Step $step): self
    {
        return new self($step->task, $step->task->title(), $step->text, $step->parts, $step->tool, $step->why, $step->facts, $step->cautions, $step->task->minutes());
    }
}

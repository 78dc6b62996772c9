<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use Kontrast\BuildSheet\Task;
use OpenApi\Attributes as OA;

/** Equal steps of a batch, done in one go. */
#[OA\Schema(schema: 'Turn', additionalProperties: false, required: ['task', 'title', 'count', 'minutes', 'builds'])]
final readonly class TurnDocument
{
    /** @param list<string> $builds */
    public function __construct(
        #[OA\Property(type: 'string', enum: Task::class)]
        public Task $task,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $count,
        #[OA\Property]
        public float $minutes,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $builds,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use Kontrast\BuildSheet\Task;
use OpenApi\Attributes as OA;

/** Equal steps of a batch, done in one go. */
#[OA\Schema(schema: 'Turn', additionalProperties: false)]
final readonly class TurnDocument
{
    /** @param list<string> $builds */
    public function __construct(
        public Task $task,
        public string $title,
        public int $count,
        public float $minutes,
        public array $builds,
    ) {
    }
}

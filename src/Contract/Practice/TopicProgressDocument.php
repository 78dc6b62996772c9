<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use Kontrast\Practice\Topic;
use OpenApi\Attributes as OA;

/** How it goes with one topic. */
#[OA\Schema(schema: 'TopicProgress', additionalProperties: false)]
final readonly class TopicProgressDocument
{
    /** @param list<PracticeDayDocument> $days */
    public function __construct(public Topic $topic, public int $answered, public int $right, public array $days)
    {
    }

    /** @param array{topic: Topic, answered: int, right: int, days: list<array{string, int, int}>} $topic */
    public static function of(array $topic): self
    {
        return new self(
            $topic['topic'],
            $topic['answered'],
            $topic['right'],
            array_map(static fn (array $day): PracticeDayDocument => new PracticeDayDocument(...$day), $topic['days']),
        );
    }
}

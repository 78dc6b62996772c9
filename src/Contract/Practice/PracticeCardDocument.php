<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use Kontrast\Practice\Lesson;
use OpenApi\Attributes as OA;

/** A fact that can be asked for. */
#[OA\Schema(schema: 'PracticeCard', additionalProperties: false)]
final readonly class PracticeCardDocument
{
    public function __construct(public string $card, public Lesson $lesson, public string $text)
    {
    }
}

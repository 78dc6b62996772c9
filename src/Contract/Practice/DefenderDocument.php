<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use Kontrast\Rulebook\SchoolQuestion;
use OpenApi\Attributes as OA;

/** An approach that would tie an answer. */
#[OA\Schema(schema: 'Defender', additionalProperties: false)]
final readonly class DefenderDocument
{
    public function __construct(public SchoolQuestion $question, public string $school)
    {
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Note;
use OpenApi\Attributes as OA;

/** Where on the water to fish. */
#[OA\Schema(schema: 'Where', additionalProperties: false)]
final readonly class WhereDocument
{
    /** @param list<string> $facts */
    public function __construct(
        public string $text,
        public array $facts,
    ) {
    }

    public static function of(Note $note): self
    {
        return new self($note->rule->because, $note->rule->facts);
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Note;
use OpenApi\Attributes as OA;

/** Where on the water to fish. */
#[OA\Schema(schema: 'Where', additionalProperties: false, required: ['text', 'facts'])]
final readonly class WhereDocument
{
    /** @param list<string> $facts */
    public function __construct(
        #[OA\Property]
        public string $text,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $facts,
    ) {
    }

    public static function of(Note $note): self
    {
        return new self($note->rule->because, $note->rule->facts);
    }
}

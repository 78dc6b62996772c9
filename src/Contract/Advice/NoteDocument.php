<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Note;
use Kontrast\Rulebook\NoteHeading;
use OpenApi\Attributes as OA;

/** Something worth knowing today that picks no part. */
#[OA\Schema(schema: 'Note', additionalProperties: false)]
final readonly class NoteDocument
{
    /** @param list<string> $facts */
    public function __construct(
        public NoteHeading $heading,
        public string $text,
        public string $rule,
        public array $facts,
    ) {
    }

    public static function of(Note $note): self
    {
        return new self($note->heading, $note->rule->because, $note->rule->id, $note->rule->facts);
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** Something worth knowing today that picks no part. */
final readonly class Note
{
    private function __construct(public NoteHeading $heading, public Rule $rule)
    {
    }

    /** @return list<self> the notes whose rules speak more than they are silent, by heading */
    public static function collect(Rulebook $book, Decision $decision): array
    {
        $situation = $decision->situation();
        $notes = [];
        foreach ($book->notes($decision->reading->lure) as $rule) {
            if (null !== $rule->heading && $rule->strength($situation) >= 0.5) {
                $notes[] = new self($rule->heading, $rule);
            }
        }

        return $notes;
    }
}

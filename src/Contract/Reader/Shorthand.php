<?php

declare(strict_types=1);

namespace App\Contract\Reader;

/** A document that may also be said, and is written, as one word where that says all of it. */
interface Shorthand
{
    /** @return non-empty-list<string> */
    public static function words(): array;

    /** @return array<string, string> the fields that a word stands for */
    public static function inFull(string $word): array;

    /** The word that says all of it; null where none does. */
    public function word(): ?string;
}

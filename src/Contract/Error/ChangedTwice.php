<?php

declare(strict_types=1);

namespace App\Contract\Error;

use App\Contract\Outing\OutingConflictDocument;

/** Thrown where a correction and another device changed the same things, and nobody has said which version stays. Nothing is stored. */
final class ChangedTwice extends \RuntimeException
{
    /** @param non-empty-list<OutingConflictDocument> $conflicts */
    private function __construct(string $message, public readonly array $conflicts)
    {
        parent::__construct($message);
    }

    /** @param non-empty-list<OutingConflictDocument> $conflicts */
    public static function outing(array $conflicts): self
    {
        return new self('This outing was changed somewhere else too. Nothing was stored: say which versions to keep.', $conflicts);
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Rulebook\Advice;
use Kontrast\Rulebook\Firmness;
use Kontrast\Rulebook\Reason;
use Kontrast\Rulebook\Slot;

/** How hard a water is to read: by what is a toss-up in it, how near its edges are, and how many anglers would tie something else. */
final class Difficulty
{
    /** The most that close calls and disagreements count. (Chosen.) */
    private const MOST_CLOSE = 2;
    private const MOST_DISAGREEMENTS = 3;

    public static function of(Advice $advice): int
    {
        $tossUps = \count(array_filter(
            $advice->reasons,
            static fn (Reason $reason): bool => Firmness::TossUp === $reason->firmness && \in_array($reason->slot, Slot::SEEN, true),
        ));
        $hard = $tossUps
            + min(self::MOST_CLOSE, \count($advice->near))
            + min(self::MOST_DISAGREEMENTS, \count($advice->disagreements));

        return max(Question::EASIEST, min(Question::HARDEST, $hard));
    }
}

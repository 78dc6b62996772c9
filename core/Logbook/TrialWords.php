<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** What came of a trial, as one would say it aloud. */
final class TrialWords
{
    public static function say(Trial $trial, TrialVerdict $verdict): string
    {
        $a = $verdict->bitesOnA;
        $b = $verdict->bitesOnB;

        return match ($verdict->outcome) {
            TrialOutcome::A => "A is better: $a bites against $b in as many hours. Luck alone does that in fewer than 1 trial of 20.",
            TrialOutcome::B => "B is better: $b bites against $a in as many hours. Luck alone does that in fewer than 1 trial of 20.",
            TrialOutcome::NotTold => "The trial is over and does not tell: $a bites on A, $b on B. Neither is twice as good as the other.",
            TrialOutcome::GoesOn => \sprintf(
                '%d bites on A, %d on B so far. It ends when one is %d ahead, or at %d bites in all.',
                $a,
                $b,
                $trial->rule->lead,
                $trial->rule->mostBites,
            ),
        };
    }
}

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
        $luck = \sprintf('Luck alone does that in fewer than 1 trial of %d.', (int) round(1 / $trial->rule->risk()));

        return match ($verdict->outcome) {
            TrialOutcome::A => "A is better: $a bites against $b in as many hours. $luck",
            TrialOutcome::B => "B is better: $b bites against $a in as many hours. $luck",
            TrialOutcome::NotTold => "Not told, and the trial is over: $a bites on A, $b on B. Were one twice as good, it would "
                .'most likely have shown by now.',
            TrialOutcome::GoesOn => "Not told yet: $a bites on A, $b on B so far. It ends as soon as luck alone would seldom do that, or "
                .'when a lure twice as good would have shown.',
        };
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\Reading;

/**
 * Runs every rule alike. Question by question in the order of Slot, each rule that speaks adds its weight times its strength
 * to the value it picks (or takes it off the value it speaks against); the ballot is counted and its winner settled, for later
 * questions to look at. Nothing else decides.
 */
final readonly class Engine
{
    public function __construct(private Rulebook $book)
    {
    }

    public function deliberate(Reading $reading): Deliberation
    {
        $situation = new Situation($reading);
        $strengths = [];
        $ballots = [];
        foreach (Slot::cases() as $slot) {
            if (!$slot->belongsTo($reading->lure)) {
                continue;
            }
            $votes = [];
            foreach ($this->book->saying($reading->lure, $slot) as [$rule, $pick, $for]) {
                $strength = $strengths[$rule->id] ??= $rule->strength($situation);
                if ($strength <= 0.0) {
                    continue;
                }
                $count = $strength * $rule->weight() * ($for ? 1 : -1);
                foreach ($pick->values($situation) as $value) {
                    $votes[] = new Vote($rule, $value, $strength, $count);
                }
            }
            $ballots[$slot->value] = $ballot = Ballot::count($slot, $votes, $this->barred($slot, $situation));
            $situation->settle($slot, $ballot->winners);
        }

        return new Deliberation($reading, $ballots);
    }

    /**
     * An accent in the colour of its own base would be no accent.
     *
     * @return list<Value>
     */
    private function barred(Slot $slot, Situation $situation): array
    {
        return match ($slot) {
            Slot::SkirtAccents => $situation->settled(Slot::SkirtBase),
            Slot::TrailerAccents => $situation->settled(Slot::TrailerBase),
            default => [],
        };
    }
}

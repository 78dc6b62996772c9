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
    public function __construct(public Rulebook $book)
    {
    }

    public static function standard(): self
    {
        return new self(Rulebook::standard());
    }

    public function decide(Reading $reading): Decision
    {
        return $this->settle($reading, null, []);
    }

    /**
     * The same as deliberating anew, for a reading that differs in a few fields: only what hangs on those, or on an answer
     * that comes out otherwise because of them, is weighed again.
     *
     * @param string ...$fields every field that differs, as conditions name them
     */
    public function reconsider(Decision $before, Reading $reading, string ...$fields): Decision
    {
        return $this->settle($reading, $before, array_fill_keys($fields, true));
    }

    /** @param array<string, true> $changed fields of the reading, and slots as they come out otherwise */
    private function settle(Reading $reading, ?Decision $before, array $changed): Decision
    {
        $situation = new Situation($reading);
        $strengths = $before->strengths ?? [];
        $weighed = [];
        $tallies = [];
        foreach ($this->book->questions($reading->lure) as $question) {
            $slot = $question->slot;
            $old = $before?->on($slot);
            if (null !== $old && [] === array_intersect_key($changed, $question->dependsOn)) {
                $tallies[$slot->value] = $old;
                $situation->settle($slot, $old->winners);
                continue;
            }
            $votes = [];
            foreach ($question->effects as $effect) {
                $id = $effect->rule->id;
                if (
                    !isset($strengths[$id])
                    || (null !== $before && !isset($weighed[$id]) && [] !== array_intersect_key($changed, $effect->ruleDependsOn))
                ) {
                    $strengths[$id] = $effect->rule->strength($situation);
                    $weighed[$id] = true;
                }
                $strength = $strengths[$id];
                if ($strength <= 0.0) {
                    continue;
                }
                foreach ($effect->pick->values($situation) as $value) {
                    $votes[] = new Vote($effect->rule, $value, $strength, $strength * $effect->weight);
                }
            }
            $base = $slot->base();
            // An accent in the colour of its own base would be no accent.
            $tallies[$slot->value] = $tally = Tally::count($slot, $votes, null === $base ? [] : $situation->settled($base));
            $situation->settle($slot, $tally->winners);
            if (null !== $old && $old->keys() !== $tally->keys()) {
                $changed[$slot->value] = true;
            }
        }

        return new Decision($reading, $tallies, $strengths);
    }
}

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

    public function deliberate(Reading $reading): Deliberation
    {
        return $this->settle($reading, null, []);
    }

    /**
     * The same as deliberating anew, for a reading that differs in a few fields: only what hangs on those, or on an answer
     * that comes out otherwise because of them, is weighed again.
     *
     * @param string ...$fields every field that differs, as conditions name them
     */
    public function reconsider(Deliberation $before, Reading $reading, string ...$fields): Deliberation
    {
        return $this->settle($reading, $before, array_fill_keys($fields, true));
    }

    /** @param array<string, true> $changed fields of the reading, and slots as they come out otherwise */
    private function settle(Reading $reading, ?Deliberation $before, array $changed): Deliberation
    {
        $situation = new Situation($reading);
        $strengths = $before->strengths ?? [];
        $weighed = [];
        $ballots = [];
        foreach ($this->book->polls($reading->lure) as $poll) {
            $slot = $poll->slot;
            $old = $before?->on($slot);
            if (null !== $old && [] === array_intersect_key($changed, $poll->touches)) {
                $ballots[$slot->value] = $old;
                $situation->settle($slot, $old->winners);
                continue;
            }
            $votes = [];
            foreach ($poll->sayings as $saying) {
                $id = $saying->rule->id;
                if (!isset($strengths[$id]) || (null !== $before && !isset($weighed[$id]) && [] !== array_intersect_key($changed, $saying->ruleTouches))) {
                    $strengths[$id] = $saying->rule->strength($situation);
                    $weighed[$id] = true;
                }
                $strength = $strengths[$id];
                if ($strength <= 0.0) {
                    continue;
                }
                foreach ($saying->pick->values($situation) as $value) {
                    $votes[] = new Vote($saying->rule, $value, $strength, $strength * $saying->weight);
                }
            }
            $base = $slot->base();
            // An accent in the colour of its own base would be no accent.
            $ballots[$slot->value] = $ballot = Ballot::count($slot, $votes, null === $base ? [] : $situation->settled($base));
            $situation->settle($slot, $ballot->winners);
            if (null !== $old && $old->keys() !== $ballot->keys()) {
                $changed[$slot->value] = true;
            }
        }

        return new Deliberation($reading, $ballots, $strengths);
    }
}

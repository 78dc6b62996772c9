<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\Reading;
use Kontrast\Reading\School;

/**
 * Runs every rule alike. Question by question in the order of Slot, each rule that holds adds its weight times its strength
 * to the value it picks (or takes it off the value it votes against); the votes are counted and the winner settled, for later
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
     * The same as deciding anew, for a reading that differs in a few fields: only what hangs on those, or on an answer
     * that comes out otherwise because of them, is weighed again.
     *
     * @param string ...$fields every field that differs, as conditions name them
     */
    public function reconsider(Decision $before, Reading $reading, string ...$fields): Decision
    {
        $changed = array_fill_keys($fields, true);

        return $this->book->hangsOn($reading->lure, $changed)
            ? $this->settle($reading, $before, $changed)
            : new Decision($reading, $before->tallies, $before->strengths, true);
    }

    /** The same water with another school of the angler's on one question. */
    public function inSchool(Decision $before, School $school): Decision
    {
        $reading = $before->reading;

        return $this->reconsider(
            $before,
            $reading->with(schools: $reading->schools->with($school)),
            'schools.'.SchoolQuestion::of($school)->value,
        );
    }

    /**
     * The same water with some questions answered otherwise than the votes say; what comes after them takes those answers as they are.
     *
     * @param array<string, string> $answers by slot, each a value that somebody voted for; one that may not stand there is passed over
     */
    public function answering(Decision $before, array $answers): Decision
    {
        return $this->settle($before->reading, $before, [], $answers);
    }

    /**
     * @param array<string, true>   $changed fields of the reading, and slots as they come out otherwise
     * @param array<string, string> $answers by slot
     */
    private function settle(Reading $reading, ?Decision $before, array $changed, array $answers = []): Decision
    {
        $situation = new Situation($reading);
        $strengths = $before->strengths ?? [];
        $weighed = [];
        $tallies = [];
        $isSame = null !== $before;
        foreach ($this->book->questions($reading->lure) as $question) {
            $slot = $question->slot;
            $old = $before?->on($slot);
            $answer = $answers[$slot->value] ?? null;
            if (null !== $old && !$this->weighAgain($question, $situation, $changed, $strengths, $weighed) && null === $answer) {
                $tallies[$slot->value] = $old;
                $situation->settle($slot, $old->winners);
                continue;
            }
            if (null === $old) {
                foreach ($question->rules as $id => [$rule]) {
                    $strengths[$id] ??= $rule->strength($situation);
                }
            }
            $votes = [];
            foreach ($question->effects as $effect) {
                $strength = $strengths[$effect->rule->id];
                if ($strength <= 0.0) {
                    continue;
                }
                if (null !== $effect->fixed) {
                    $votes[] = new Vote($effect->rule, $effect->fixed, $strength, $strength * $effect->weight);
                    continue;
                }
                foreach ($effect->pick->values($situation) as $value) {
                    $votes[] = new Vote($effect->rule, $value, $strength, $strength * $effect->weight);
                }
            }
            $base = $slot->base();
            $allows = [] === SetLimits::on($slot)
                ? null
                : static fn (Value $value): bool => SetLimits::allows($slot, $value, $situation);
            // An accent in the colour of its own base would be no accent.
            $tally = Tally::count($slot, $votes, null === $base ? [] : $situation->settled($base), $allows);
            $tally = null === $answer ? $tally : $tally->answered($answer);
            $tallies[$slot->value] = $tally;
            $situation->settle($slot, $tally->winners);
            if (null !== $old && $old->keys() !== $tally->keys()) {
                $changed[$slot->value] = true;
                $isSame = false;
            }
        }

        return new Decision($reading, $tallies, $strengths, $isSame);
    }

    /**
     * Weighs the rules of a question again that hang on what changed, and says whether any vote may have come out otherwise.
     *
     * @param array<string, true>  $changed
     * @param array<string, float> $strengths by rule id, as they stood before
     * @param array<string, bool>  $weighed   rules weighed again already, and whether their strength changed
     */
    private function weighAgain(Question $question, Situation $situation, array $changed, array &$strengths, array &$weighed): bool
    {
        if ([] === array_intersect_key($changed, $question->dependsOn)) {
            return false;
        }
        $isChanged = [] !== array_intersect_key($changed, $question->picksDependOn);
        foreach ($question->rules as $id => [$rule, $dependsOn]) {
            if (!isset($weighed[$id]) && [] !== array_intersect_key($changed, $dependsOn)) {
                $strength = $rule->strength($situation);
                $weighed[$id] = $strength !== $strengths[$id];
                $strengths[$id] = $strength;
            }
            $isChanged = $isChanged || ($weighed[$id] ?? false);
        }

        return $isChanged;
    }

    /** Which kind of lure suits a reading, whichever it asks for: every kind with the votes for it, best first. */
    public function rank(Reading $reading): Tally
    {
        $situation = new Situation($reading);
        $votes = [];
        foreach ($this->book->ranking()->effects as $effect) {
            $strength = $effect->rule->strength($situation);
            foreach ($strength > 0.0 ? $effect->pick->values($situation) : [] as $value) {
                $votes[] = new Vote($effect->rule, $value, $strength, $strength * $effect->weight);
            }
        }

        return Tally::count(Slot::LureRanking, $votes);
    }
}

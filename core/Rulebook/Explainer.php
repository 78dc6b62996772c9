<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Goal;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;

/** Explains any pick of an advice in one place: who voted, how much it counted, and the one change that would make the runner-up win. */
final readonly class Explainer
{
    /** Steps by which a number is walked away from where it stands; each is a share of how near counts as near. */
    private const STEP = 0.5;
    /** How many steps to walk each way before a number is given up. */
    private const STEPS = 60;
    /** What another word counts in steps of a number: a changed sky is as far as this many. (Chosen.) */
    private const WORD = 12;
    private const HALVINGS = 8;

    public function __construct(private Engine $engine)
    {
    }

    public function explain(Reading $reading, Slot $slot): ?Explanation
    {
        $decision = $this->engine->decide($reading);
        $tally = $decision->on($slot);
        if (null === $tally) {
            return null;
        }
        $votes = $tally->believed();
        usort($votes, static fn (Vote $a, Vote $b): int => abs($b->count) <=> abs($a->count));
        $second = $tally->second();

        return new Explanation($tally, $votes, null === $second ? null : $this->turn($decision, $slot, $second));
    }

    /** The nearest change of one field by which a value is picked that is not picked now. */
    private function turn(Decision $decision, Slot $slot, Value $wanted): ?NearestChange
    {
        $number = $this->nearestNumber($decision, $slot, $wanted);

        return null !== $number && $number[0] <= self::WORD
            ? $number[1]
            : $this->word($decision, $slot, $wanted) ?? ($number[1] ?? null);
    }

    /** @return array{int, NearestChange}|null how many steps away, and where */
    private function nearestNumber(Decision $decision, Slot $slot, Value $wanted): ?array
    {
        for ($step = 1; $step <= self::STEPS; ++$step) {
            foreach (Quantity::cases() as $quantity) {
                $from = $quantity->measure($decision->reading);
                if (null === $from || !$this->touches($slot, $decision, $quantity->value)) {
                    continue;
                }
                foreach ([-1, 1] as $way) {
                    $by = $way * self::STEP * $quantity->nearness(abs($from));
                    if ($this->winsAt($quantity, $from + $step * $by, $decision, $slot, $wanted)) {
                        return [$step, new NearestChange(
                            $quantity->value,
                            $from,
                            $this->refined($quantity, $from + ($step - 1) * $by, $from + $step * $by, $decision, $slot, $wanted),
                        )];
                    }
                }
            }
        }

        return null;
    }

    /** The number nearest to one at which the value does not win, between that and one at which it does; to a hundredth. */
    private function refined(Quantity $quantity, float $loses, float $wins, Decision $decision, Slot $slot, Value $wanted): float
    {
        for ($i = 0; $i < self::HALVINGS; ++$i) {
            $middle = ($loses + $wins) / 2;
            if ($this->winsAt($quantity, $middle, $decision, $slot, $wanted)) {
                $wins = $middle;
            } else {
                $loses = $middle;
            }
        }
        $rounded = round($wins, 2);

        return $this->winsAt($quantity, $rounded, $decision, $slot, $wanted) ? $rounded : $wins;
    }

    private function winsAt(Quantity $quantity, float $number, Decision $decision, Slot $slot, Value $wanted): bool
    {
        if (!$quantity->isSensible($number)) {
            return false;
        }
        $reading = $quantity->set($decision->reading, $number);

        return $this->wins($this->engine->reconsider($decision, $reading, $quantity->value), $slot, $wanted);
    }

    private function word(Decision $decision, Slot $slot, Value $wanted): ?NearestChange
    {
        foreach ($this->otherWords($decision->reading) as [$field, $from, $to, $reading]) {
            if (
                $this->touches($slot, $decision, $field)
                && $this->wins($this->engine->reconsider($decision, $reading, $field), $slot, $wanted)
            ) {
                return new NearestChange($field, $from->value, $to->value);
            }
        }

        return null;
    }

    /** @return iterable<int, array{string, \BackedEnum, \BackedEnum, Reading}> what changes by the hour first */
    private function otherWords(Reading $reading): iterable
    {
        foreach (Sky::cases() as $word) {
            yield ['sky', $reading->sky, $word, $reading->with(sky: $word)];
        }
        foreach (Wind::cases() as $word) {
            yield ['wind', $reading->wind, $word, $reading->with(wind: $word)];
        }
        foreach (Bite::cases() as $word) {
            yield ['bite', $reading->bite, $word, $reading->with(bite: $word)];
        }
        foreach (Tint::cases() as $word) {
            yield ['tint', $reading->tint, $word, $reading->with(tint: $word)];
        }
        foreach (Cover::cases() as $word) {
            yield ['cover', $reading->cover, $word, $reading->with(cover: $word)];
        }
        foreach (Forage::cases() as $word) {
            yield ['forage', $reading->forage, $word, $reading->with(forage: $word)];
        }
        foreach (Season::cases() as $word) {
            yield ['season', $reading->season, $word, $reading->with(season: $word)];
        }
        foreach (Bass::cases() as $word) {
            yield ['bass', $reading->bass, $word, $reading->with(bass: $word)];
        }
        foreach (Goal::cases() as $word) {
            yield ['goal', $reading->goal, $word, $reading->with(goal: $word)];
        }
    }

    /** Whether a question hangs on a field, by itself or through an earlier one. */
    private function touches(Slot $slot, Decision $decision, string $field): bool
    {
        $wanted = [$slot->value => true];
        $questions = $this->engine->book->questions($decision->reading->lure);
        foreach (array_reverse($questions) as $question) {
            if (isset($wanted[$question->slot->value])) {
                $wanted += $question->dependsOn;
            }
        }

        return isset($wanted[$field]);
    }

    private function wins(Decision $decision, Slot $slot, Value $wanted): bool
    {
        return \in_array($wanted->key, $decision->on($slot)?->keys() ?? [], true);
    }
}

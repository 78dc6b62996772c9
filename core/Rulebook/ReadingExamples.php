<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\SkirtForm;
use Kontrast\Reading\Reading;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Makes up cases for a rule: readings drafted from what its conditions ask for, the rest by dice that always fall the same way for
 * the same rule. Each case is then put to the whole book, which alone says who speaks and who wins.
 */
final readonly class ReadingExamples
{
    /** Half of them plain, half of them odd. */
    private const DRAFTS = 800;
    private const CASES = 80;

    public function __construct(private Engine $engine)
    {
    }

    /**
     * A reading in which the rule decides: without it a pick would be another. Failing that, one where it is the loudest for the pick or
     * for the runner-up; null where there is neither.
     */
    public function deciding(Rule $rule): ?Reading
    {
        $strongest = null;
        foreach ($this->cases($rule) as $case) {
            if ($this->decides($rule, $case)) {
                return $case->reading;
            }
            $strongest ??= $this->isStrongest($rule, $case) ? $case->reading : null;
        }

        return $strongest;
    }

    /** @return list<RuleConflict> the rules it meets in conflict, most often met first, over a number of cases */
    public function conflicts(Rule $rule): array
    {
        $conflicts = [];
        $left = self::CASES;
        foreach ($this->cases($rule) as $case) {
            foreach ($this->tallies($rule, $case) as $tally) {
                $slot = $tally->slot;
                foreach ($this->opposed($rule, $tally) as [$other, $won, $lost]) {
                    $id = $other->id.' '.$slot->value;
                    $so = $conflicts[$id] ?? new RuleConflict($other, $slot, 0, 0, 0);
                    $conflicts[$id] = new RuleConflict($other, $slot, $so->met + 1, $so->won + ($won ? 1 : 0), $so->lost + ($lost ? 1 : 0));
                }
            }
            if (0 === --$left) {
                break;
            }
        }
        usort($conflicts, static fn (RuleConflict $a, RuleConflict $b): int => $b->met <=> $a->met);

        return $conflicts;
    }

    /** @return iterable<int, Decision> in which the rule speaks */
    private function cases(Rule $rule): iterable
    {
        $dice = new Randomizer(new Mt19937(crc32($rule->id)));
        for ($i = 0; $i < self::DRAFTS; ++$i) {
            $draft = new ReadingBuilder($dice, $this->engine->book, $i >= self::DRAFTS / 2, $rule->kinds);
            if ([] !== array_filter([...$rule->for, ...$rule->against], self::needsSkirt(...))) {
                $draft->leanTowards(Slot::SkirtForm, [Value::of(SkirtForm::Trimmed)]);
            }
            $draft->satisfyRule($rule);
            $reading = $draft->reading();
            if ($rule->isFor($reading->lure)) {
                $case = $this->engine->decide($reading);
                if ($rule->strength($case->situation()) > 0.0) {
                    yield $i => $case;
                }
            }
        }
    }

    private static function needsSkirt(Pick $pick): bool
    {
        return Slot::HookSize === $pick->slot || 'skirt' === $pick->slot->part();
    }

    private function decides(Rule $rule, Decision $case): bool
    {
        if (null !== $rule->heading) {
            return $rule->strength($case->situation()) >= 0.5;
        }
        foreach ($this->tallies($rule, $case) as $tally) {
            if ($tally->outcome() !== $tally->without($rule)->outcome()) {
                return true;
            }
        }

        return false;
    }

    /** @return iterable<int, Tally> what bears on the lure as it ends up; for a rule that ranks kinds, the ranking */
    private function tallies(Rule $rule, Decision $case): iterable
    {
        if (Slot::LureRanking === ($rule->for[0] ?? $rule->against[0] ?? null)?->slot) {
            yield $this->engine->rank($case->reading);

            return;
        }
        foreach ((new Assembly($case))->slotsInUse() as $slot) {
            $tally = $case->on($slot);
            if (null !== $tally) {
                yield $tally;
            }
        }
    }

    private function isStrongest(Rule $rule, Decision $case): bool
    {
        foreach ($this->tallies($rule, $case) as $tally) {
            foreach (array_filter([...$tally->winners, $tally->second()]) as $value) {
                if ($tally->strongestFor($value)?->rule === $rule) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<array{Rule, bool, bool}> rules that want something else in this slot; whether this one won, whether they did */
    private function opposed(Rule $rule, Tally $tally): array
    {
        $mine = $tally->strongestVoteOf($rule);
        if (null === $mine) {
            return [];
        }
        $got = static fn (Vote $vote): bool => ($vote->count > 0) === \in_array($vote->value->key, $tally->keys(), true);
        $opposed = [];
        foreach ($tally->votes as $vote) {
            $sameValue = $vote->value->key === $mine->value->key;
            $against = ($vote->count > 0) !== ($mine->count > 0);
            if (
                $vote->rule !== $rule
                && ($sameValue ? $against : (1 === $tally->slot->capacity() && $vote->count > 0 && $mine->count > 0))
            ) {
                $opposed[$vote->rule->id] = [$vote->rule, $got($mine) && !$got($vote), $got($vote) && !$got($mine)];
            }
        }

        return array_values($opposed);
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Rulebook;
use Kontrast\Rulebook\SchoolQuestion;

/**
 * The log's own votes. On a question where the angler lets it have a say, it lends the school that the notes speak for a vote of its own:
 * that school's rules, whoever's side the angler is on, counted as notes and never as much as a special rule. In 400 simulated seasons of
 * luck alone, fewer than 1 in 50 turned any pick of any of 40 readings (LogRulesTest).
 */
final class LogRules
{
    /**
     * @param list<SchoolEvidence> $evidence
     * @param list<SchoolQuestion> $questions on which the log has a say
     *
     * @return list<Rule> none where the notes do not tell
     */
    public static function derive(Rulebook $book, array $evidence, array $questions): array
    {
        $rules = [];
        foreach ($questions as $question) {
            $best = self::best($question, $evidence);
            if (null === $best || Evidence::strengthOf($best) <= 0.0) {
                continue;
            }
            foreach ($book->rules as $rule) {
                if (null === $rule->heading && self::isOf($rule, $best->school)) {
                    $rules[] = $rule->asNoted(self::because($best), Evidence::of($best));
                }
            }
        }

        return $rules;
    }

    /** @param list<SchoolEvidence> $evidence */
    private static function best(SchoolQuestion $question, array $evidence): ?SchoolEvidence
    {
        $best = null;
        foreach ($evidence as $one) {
            if ($one->question === $question && $one->voteChance > ($best->voteChance ?? 0.0)) {
                $best = $one;
            }
        }

        return $best;
    }

    private static function isOf(Rule $rule, \BackedEnum $school): bool
    {
        return \in_array($school, $rule->schools, true);
    }

    private static function because(SchoolEvidence $best): string
    {
        return \sprintf(
            'Your log: %s got %s bites an hour, and is %s to be the best of its question.',
            str_replace('_', ' ', (string) $best->school->value),
            number_format($best->rate->mean(), 1),
            Certainty::words($best->voteChance, $best->hours),
        );
    }
}

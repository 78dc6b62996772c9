<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Inventory\GenericParts;
use Kontrast\Inventory\Inventory;
use Kontrast\Lure\Build;
use Kontrast\Lure\LureKind;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Advice;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\Decision;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Firmness;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Rulebook\Reason;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Tally;
use Kontrast\Rulebook\Value;
use Kontrast\Rulebook\Vote;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\PartFit;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Makes up waters to practice on, the same ones for the same seed. Every fact that decides a pick is a card: a water is drawn in which
 * one of its rules is the reason for a pick, and the tempting answer is what all other rules come to without the fact, or what else is
 * voted for.
 */
final readonly class Quiz
{
    /** The picks that are asked for: what is chosen by looking. */
    public const ASKED = [
        Slot::Set, Slot::Pairing, Slot::Weight, Slot::BladeLayout, Slot::Finish, Slot::MainShape, Slot::SkirtForm, Slot::SkirtBase,
        Slot::SkirtMaterial, Slot::TrailerFitted, Slot::TrailerStyle, Slot::TrailerBase,
    ];
    /** So many waters are drawn for a rule before another is tried. (Chosen.) */
    private const DRAWS = 24;
    /** So many waters of a card are looked at for one that is about as hard as is wished for. (Chosen.) */
    private const LOOKED_AT = 4;
    /** A wrong answer loses at least this much of 100, or it is no wrong one. (Chosen.) */
    private const LEAST_LOST = 1.0;

    private Adviser $adviser;
    /** @var list<LureKind> */
    private array $kinds;

    /** @param Inventory|null $owned where only what these parts make is asked for */
    public function __construct(private Engine $engine, private ReflectanceFitter $reflectances, private ?Inventory $owned = null)
    {
        $this->adviser = new Adviser($engine);
        $this->kinds = null === $owned ? LureKind::cases() : PartFit::kinds($owned);
    }

    /**
     * @param int|null $level from 1 to 5; null for all of them
     *
     * @return list<Question> fewer than asked for only where no water of this level is found
     */
    public function draw(int $seed, int $count, ?int $level = null): array
    {
        $dice = new Randomizer(new Xoshiro256StarStar($seed));

        return $this->each($dice, $seed, $count, [], fn (array $card, string $id): ?Question => $this->ask($dice, $card, $id, $level));
    }

    /**
     * Waters about as hard as is wished for, which are found much sooner than those that are exactly so.
     *
     * @param list<string> $first facts that are asked for before any other, as far as they are cards
     *
     * @return list<Question>
     */
    public function near(int $level, int $seed, int $count, array $first = []): array
    {
        $dice = new Randomizer(new Xoshiro256StarStar($seed));

        return $this->each($dice, $seed, $count, $first, function (array $card, string $id) use ($dice, $level): ?Question {
            $nearest = null;
            for ($i = 0; $i < self::LOOKED_AT && $nearest?->level !== $level; ++$i) {
                $one = $this->ask($dice, $card, $id, null);
                if (null === $nearest || (null !== $one && abs($one->level - $level) < abs($nearest->level - $level))) {
                    $nearest = $one;
                }
            }

            return $nearest;
        });
    }

    /**
     * Each card once before any comes again; a round that finds nothing ends it.
     *
     * @param list<string>                                              $first
     * @param callable(non-empty-list<Rule>, string): (Question|null) $ask
     *
     * @return list<Question>
     */
    private function each(Randomizer $dice, int $seed, int $count, array $first, callable $ask): array
    {
        $cards = $this->cards();
        $first = array_values(array_intersect($first, array_keys($cards)));
        $drawn = [];
        while (\count($drawn) < $count) {
            $before = \count($drawn);
            foreach (array_unique([...$first, ...$dice->shuffleArray(array_keys($cards))]) as $fact) {
                if (\count($drawn) === $count) {
                    break;
                }
                $question = $ask($cards[$fact], "$seed-".(\count($drawn) + 1));
                if (null !== $question) {
                    $drawn[] = $question;
                }
            }
            if (\count($drawn) === $before) {
                break;
            }
        }

        return $drawn;
    }

    /** @return array<string, non-empty-list<Rule>> rules that vote on what is asked for, by the fact they are named after */
    public function cards(): array
    {
        $cards = [];
        foreach ($this->engine->book->rules as $rule) {
            if ([] !== $rule->facts && [] !== self::slots($rule)) {
                $cards[$rule->facts[0]][] = $rule;
            }
        }

        return $cards;
    }

    /** @return list<Slot> */
    private static function slots(Rule $rule): array
    {
        return array_values(array_filter(
            self::ASKED,
            static fn (Slot $slot): bool => [] !== array_filter($rule->for, static fn ($pick): bool => $pick->slot === $slot),
        ));
    }

    /** @param non-empty-list<Rule> $rules of one fact */
    private function ask(Randomizer $dice, array $rules, string $id, ?int $level): ?Question
    {
        foreach ($dice->shuffleArray($rules) as $rule) {
            $kinds = array_values(array_filter($this->kinds, $rule->isFor(...)));
            for ($i = 0; [] !== $kinds && $i < self::DRAWS; ++$i) {
                $question = $this->question($rule, $rules, $this->water($dice, $rule, $kinds), $id);
                if (null !== $question && ($level ?? $question->level) === $question->level) {
                    return $question;
                }
            }
        }

        return null;
    }

    /**
     * A water in which a rule speaks, as anglers would read it who hold with the usual approaches, or with the one that the rule is of.
     *
     * @param non-empty-list<LureKind> $kinds
     */
    private function water(Randomizer $dice, Rule $rule, array $kinds): Reading
    {
        $draft = new ReadingBuilder($dice, $this->engine->book, false, $kinds);
        $draft->satisfyRule($rule);

        $reading = $draft->reading();
        $isAsked = static fn (string $field): bool => [] !== array_filter(
            $rule->dependsOn(),
            static fn (string $one): bool => str_starts_with($one, $field),
        );

        return Plausible::of($reading, $isAsked('season') && !$isAsked('surface_f'));
    }

    /** @param list<Rule> $card all rules of the fact: who does not know it has none of them */
    private function question(Rule $rule, array $card, Reading $reading, string $id): ?Question
    {
        if (!$rule->isFor($reading->lure) || (null !== $this->owned && !PartFit::makes($this->owned, $reading))) {
            return null;
        }
        $decision = $this->engine->decide($reading);
        $right = new Assembly($decision);
        foreach (self::slots($rule) as $slot) {
            $tally = \in_array($slot, $right->slotsInUse(), true) ? $decision->on($slot) : null;
            if (null === $tally || [] === $tally->winners || $tally->strongestFor($tally->winners[0])?->rule !== $rule) {
                continue;
            }
            foreach (self::tempting($card, $tally) as [$key, $why]) {
                if ($why === $rule->because || $this->isOfASchool($decision, $slot, $key)) {
                    continue;
                }
                $wrong = new Assembly($this->engine->answering($decision, [$slot->value => $key]));
                if ($wrong->keys($slot) !== [$key] || self::leavesOpen($right, $wrong)) {
                    continue;
                }
                $question = $this->scored($rule, $reading, $id, $slot, $right, $wrong, $why);
                if (null !== $question) {
                    return $question;
                }
            }
        }

        return null;
    }

    /**
     * Wrong answers with the sentence that speaks for each: what all other rules come to without the fact, and what else anything
     * speaks for, the most first. A toss-up has none, since it accepts both.
     *
     * @param list<Rule> $card
     *
     * @return list<array{string, non-empty-string}>
     */
    private static function tempting(array $card, Tally $tally): array
    {
        if (Firmness::TossUp === $tally->firmness()) {
            return [];
        }
        $without = array_reduce($card, static fn (Tally $left, Rule $rule): Tally => $left->without($rule), $tally);
        $others = array_map(static fn (Vote $vote): Value => $vote->value, $tally->votes);
        usort($others, static fn (Value $a, Value $b): int => ($tally->scores[$b->key] ?? 0.0) <=> ($tally->scores[$a->key] ?? 0.0));
        $found = [];
        foreach ([...\array_slice($without->winners, 0, 1), ...$others] as $value) {
            $why = $without->strongestFor($value)->rule->because ?? $tally->strongestFor($value)->rule->because ?? '';
            if ('' !== $why && [$value->key] !== $tally->keys()) {
                $found[$value->key] ??= [$value->key, $why];
            }
        }

        return array_values($found);
    }

    /** Beside some answers no rule votes for anything in another pick: that is nobody's lure. */
    private static function leavesOpen(Assembly $right, Assembly $wrong): bool
    {
        foreach ($wrong->slotsInUse() as $slot) {
            if (1 === $slot->capacity() && [] === $wrong->keys($slot) && [] !== $right->keys($slot)) {
                return true;
            }
        }

        return false;
    }

    private function scored(Rule $rule, Reading $reading, string $id, Slot $slot, Assembly $right, Assembly $wrong, string $why): ?Question
    {
        $scorer = new BuildScorer($reading, $this->adviser->brief($reading), $this->reflectances);
        $points = self::points($scorer, $right->build());
        $lost = self::points($scorer, $wrong->build());
        if ($points - $lost < self::LEAST_LOST) {
            return null;
        }
        $advice = $this->adviser->advise($reading);
        if (!self::isTold($advice, $rule, $slot)) {
            return null;
        }
        $tempting = new Tempting($wrong->build(), Change::between($right, $wrong), $lost, $why);

        return new Question($id, $reading, $advice, $points, $rule, $slot, $tempting, Topic::of($slot, $rule), Difficulty::of($advice));
    }

    /** Whether the advice itself gives this rule as the reason: a sentence that the whole lure does not bear out is not told. */
    private static function isTold(Advice $advice, Rule $rule, Slot $slot): bool
    {
        return [] !== array_filter(
            $advice->reasons,
            static fn (Reason $reason): bool => $reason->slot === $slot && $reason->rule === $rule,
        );
    }

    /** What another school would tie is right, and no wrong answer. */
    private function isOfASchool(Decision $decision, Slot $slot, string $key): bool
    {
        foreach (SchoolQuestion::cases() as $question) {
            foreach ($question->schools() as $school) {
                if ([$key] === $this->engine->inSchool($decision, $school)->on($slot)?->keys()) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function points(BuildScorer $scorer, Build $build): float
    {
        $measured = $scorer->measure(GenericParts::compose($build));

        return 0 === $measured->most() ? 0.0 : round(100 * $measured->points / $measured->most(), 1);
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\LureKind;

/** All rules, in the order of the book, sorted by lure and question where somebody asks. */
final class Rulebook
{
    /** @var array<string, list<Effect>> all that is said to each question, for any lure */
    private array $bySlot = [];
    /** @var array<string, list<Question>> by lure kind */
    private array $questions = [];
    /** @var array<string, array<string, true>> what the answers hang on, by lure kind */
    private array $dependsOn = [];
    private ?Question $ranking = null;

    /** @param array<string, Rule> $rules by id */
    private function __construct(public readonly array $rules)
    {
    }

    /** The whole book. */
    public static function standard(): self
    {
        return self::of(
            Rules\WholeRules::all(),
            Rules\HeadRules::all(),
            Rules\SetRules::all(),
            Rules\BladeFinishRules::all(),
            Rules\BladeShapeRules::all(),
            Rules\SkirtColourRules::all(),
            Rules\SkirtMakeRules::all(),
            Rules\TrailerStyleRules::all(),
            Rules\TrailerColourRules::all(),
            Rules\TrailerHookRules::all(),
            Rules\RetrieveRules::all(),
            Rules\TackleRules::all(),
            Rules\LureRules::all(),
            Rules\NoteRules::all(),
        );
    }

    /** @param iterable<Rule> ...$pages */
    public static function of(iterable ...$pages): self
    {
        return (new self([]))->and(...$pages);
    }

    /** @param iterable<Rule> ...$pages which share their conditions with each other; those of this book are shared already */
    private function and(iterable ...$pages): self
    {
        $rules = $this->rules;
        $shared = [];
        foreach ($pages as $page) {
            foreach ($page as $rule) {
                if (isset($rules[$rule->id])) {
                    throw new \LogicException("Two rules are called $rule->id.");
                }
                $rules[$rule->id] = $rule->sharing($shared);
            }
        }

        return new self($rules);
    }

    /** @param list<Rule> $rules more of them, at the end of the book */
    public function with(array $rules): self
    {
        return [] === $rules ? $this : $this->and($rules);
    }

    /**
     * The book as an angler reads it who does not believe some of its rules: they have a say only where otherwise there would be no
     * answer at all. What is never outvoted stays as it is (safety, and parts that cannot be), and so does what speaks where nobody
     * else does.
     *
     * @param list<string> $ids of rules; those that are not in the book are passed over
     */
    public function doubting(array $ids): self
    {
        $doubted = array_filter(
            array_intersect_key($this->rules, array_fill_keys($ids, true)),
            static fn (Rule $rule): bool => $rule->rank->canBeDoubted(),
        );

        return [] === $doubted ? $this : new self([
            ...$this->rules,
            ...array_map(static fn (Rule $rule): Rule => $rule->doubted(), $doubted),
        ]);
    }

    /** @return list<Question> every question that bears on such a lure, in the order of settling */
    public function questions(LureKind $kind): array
    {
        return $this->questions[$kind->value] ??= array_map(
            fn (Slot $slot): Question => Question::on($slot, $this->effects($slot, $kind)),
            array_values(array_filter(Slot::cases(), static fn (Slot $slot): bool => $slot->belongsTo($kind))),
        );
    }

    /**
     * Whether anything that is asked of such a lure hangs on any of these fields of the reading.
     *
     * @param array<string, true> $fields
     */
    public function hangsOn(LureKind $kind, array $fields): bool
    {
        $this->dependsOn[$kind->value] ??= array_merge(
            ...array_map(static fn (Question $question): array => $question->dependsOn, $this->questions($kind)),
        );

        return [] !== array_intersect_key($fields, $this->dependsOn[$kind->value]);
    }

    /** Which kind suits the water: asked of no kind in particular. */
    public function ranking(): Question
    {
        return $this->ranking ??= Question::on(Slot::LureRanking, $this->effects(Slot::LureRanking));
    }

    /** @return list<Effect> what the rules say to a question, in the order of the book */
    private function effects(Slot $slot, ?LureKind $kind = null): array
    {
        $effects = [];
        foreach ($this->bySlot()[$slot->value] ?? [] as $effect) {
            if (null === $kind || $effect->rule->isFor($kind)) {
                $effects[] = $effect;
            }
        }

        return $effects;
    }

    /** @return array<string, list<Effect>> */
    private function bySlot(): array
    {
        if ([] === $this->bySlot) {
            foreach ($this->rules as $rule) {
                foreach (Effect::all($rule) as $effect) {
                    $this->bySlot[$effect->pick->slot->value][] = $effect;
                }
            }
        }

        return $this->bySlot;
    }

    /** @return list<Rule> the rules that always pick this value */
    public function picking(LureKind $kind, Slot $slot, Value $value): array
    {
        $rules = [];
        foreach ($this->questions($kind) as $question) {
            foreach ($question->slot === $slot ? $question->effects : [] as $effect) {
                if ($effect->weight > 0 && $effect->pick->value?->key === $value->key) {
                    $rules[] = $effect->rule;
                }
            }
        }

        return $rules;
    }

    /** @return list<Rule> the rules that pick nothing but are worth telling */
    public function notes(LureKind $kind): array
    {
        return array_values(array_filter(
            $this->rules,
            static fn (Rule $rule): bool => null !== $rule->heading && Rank::Doubted !== $rule->rank && $rule->isFor($kind),
        ));
    }
}

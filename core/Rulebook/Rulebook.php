<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\LureKind;

/** All rules, in the order of the book, sorted once by lure and question. */
final class Rulebook
{
    /** @var array<string, list<Question>> by lure kind */
    private array $questions = [];
    /** Which kind suits the water: asked of no kind in particular. */
    public readonly Question $ranking;

    /** @param array<string, Rule> $rules by id */
    private function __construct(public readonly array $rules)
    {
        $this->ranking = Question::on(Slot::LureRanking, array_merge(...array_map(
            static fn (Rule $rule): array => array_values(
                array_filter(Effect::all($rule), static fn (Effect $effect): bool => Slot::LureRanking === $effect->pick->slot),
            ),
            array_values($rules),
        )));
        foreach (LureKind::cases() as $kind) {
            $effects = [];
            foreach ($rules as $rule) {
                if ($rule->isFor($kind)) {
                    foreach (Effect::all($rule) as $effect) {
                        $effects[$effect->pick->slot->value][] = $effect;
                    }
                }
            }
            foreach (Slot::cases() as $slot) {
                if ($slot->belongsTo($kind)) {
                    $this->questions[$kind->value][] = Question::on($slot, $effects[$slot->value] ?? []);
                }
            }
        }
    }

    /** The whole book. */
    public static function standard(): self
    {
        return self::of(
            Rules\WholeRules::all(),
            Rules\HeadRules::all(),
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
        $rules = [];
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
        return [] === $rules ? $this : self::of($this->rules, $rules);
    }

    /** @return list<Question> every question that bears on such a lure, in the order of settling */
    public function questions(LureKind $kind): array
    {
        return $this->questions[$kind->value];
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
        return array_values(array_filter($this->rules, static fn (Rule $rule): bool => null !== $rule->heading && $rule->isFor($kind)));
    }
}

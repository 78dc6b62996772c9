<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\LureKind;

/** All rules, in the order of the book, sorted once by lure and question. */
final class Rulebook
{
    /** @var array<string, list<Poll>> by lure kind */
    private array $polls = [];

    /** @param array<string, Rule> $rules by id */
    private function __construct(public readonly array $rules)
    {
        foreach (LureKind::cases() as $kind) {
            $sayings = [];
            foreach ($rules as $rule) {
                if ($rule->isFor($kind)) {
                    foreach (Saying::all($rule) as $saying) {
                        $sayings[$saying->pick->slot->value][] = $saying;
                    }
                }
            }
            foreach (Slot::cases() as $slot) {
                if ($slot->belongsTo($kind)) {
                    $this->polls[$kind->value][] = Poll::on($slot, $sayings[$slot->value] ?? []);
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
            Rules\NoteRules::all(),
        );
    }

    /** @param iterable<Rule> ...$pages */
    public static function of(iterable ...$pages): self
    {
        $rules = [];
        foreach ($pages as $page) {
            foreach ($page as $rule) {
                if (isset($rules[$rule->id])) {
                    throw new \LogicException("Two rules are called $rule->id.");
                }
                $rules[$rule->id] = $rule;
            }
        }

        return new self($rules);
    }

    /** @return list<Poll> every question that bears on such a lure, in the order of settling */
    public function polls(LureKind $kind): array
    {
        return $this->polls[$kind->value];
    }

    /** @return list<Rule> the rules that always pick this value */
    public function picking(LureKind $kind, Slot $slot, Value $value): array
    {
        $rules = [];
        foreach ($this->polls($kind) as $poll) {
            foreach ($poll->slot === $slot ? $poll->sayings : [] as $saying) {
                if ($saying->weight > 0 && $saying->pick->value?->key === $value->key) {
                    $rules[] = $saying->rule;
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

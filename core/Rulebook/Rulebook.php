<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\LureKind;

/** All rules, in the order of the book, sorted once by lure and question. */
final class Rulebook
{
    /** @var array<string, array<string, list<array{Rule, Pick, bool}>>> by lure kind and slot; the flag tells a pick for from a pick against */
    private array $bySlot = [];

    /** @param list<Rule> $rules */
    private function __construct(public readonly array $rules)
    {
        foreach (LureKind::cases() as $kind) {
            foreach ($rules as $rule) {
                if ($rule->isFor($kind)) {
                    $this->file($kind, $rule);
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

        return new self(array_values($rules));
    }

    /** @return list<array{Rule, Pick, bool}> */
    public function saying(LureKind $kind, Slot $slot): array
    {
        return $this->bySlot[$kind->value][$slot->value] ?? [];
    }

    private function file(LureKind $kind, Rule $rule): void
    {
        foreach ($rule->for as $pick) {
            $this->bySlot[$kind->value][$pick->slot->value][] = [$rule, $pick, true];
        }
        foreach ($rule->against as $pick) {
            $this->bySlot[$kind->value][$pick->slot->value][] = [$rule, $pick, false];
        }
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** A question with everything the book says to it, for one kind of lure. */
final readonly class Question
{
    /**
     * @param list<Effect>                                    $effects in the order of the book
     * @param array<string, array{Rule, array<string, true>}> $rules   each rule of them once, by id, with what its strength hangs on
     * @param array<string, true>                             $dependsOn fields of the reading, and earlier slots, that the answer hangs on
     * @param array<string, true>                             $picksDependOn the same of the values voted for, and of what is excluded
     */
    private function __construct(
        public Slot $slot,
        public array $effects,
        public array $rules,
        public array $dependsOn,
        public array $picksDependOn,
    ) {
    }

    /** @param list<Effect> $effects */
    public static function on(Slot $slot, array $effects): self
    {
        $rules = [];
        $dependsOn = [];
        $base = $slot->base();
        $picksDependOn = null === $base ? [] : [$base->value => true];
        foreach (SetLimits::on($slot) as $limit) {
            $picksDependOn[$limit->value] = true;
        }
        foreach ($effects as $effect) {
            $rules[$effect->rule->id] = [$effect->rule, $effect->ruleDependsOn];
            $dependsOn += $effect->dependsOn;
            $picksDependOn += array_fill_keys($effect->pick->dependsOn, true);
        }

        return new self($slot, $effects, $rules, $dependsOn + $picksDependOn, $picksDependOn);
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** One answer of one rule to one question, filed for the engine: what it counts and what it hangs on, worked out once. */
final readonly class Effect
{
    /** The one value it votes for, where that hangs on nothing. */
    public ?Value $fixed;

    /**
     * @param float               $weight  what a full word counts; negative where it speaks against
     * @param array<string, true> $ruleDependsOn fields of the reading and slots that the rule's strength hangs on
     * @param array<string, true> $dependsOn     the same, with what the answer itself is worked out from
     */
    private function __construct(
        public Rule $rule,
        public Pick $pick,
        public float $weight,
        public array $ruleDependsOn,
        public array $dependsOn,
    ) {
        $this->fixed = [] === $pick->dependsOn ? $pick->value : null;
    }

    /** @return list<self> everything a rule says, for and against */
    public static function all(Rule $rule): array
    {
        $touched = array_fill_keys($rule->dependsOn(), true);
        $effects = [];
        foreach ([1 => $rule->for, -1 => $rule->against] as $sign => $picks) {
            foreach ($picks as $pick) {
                $effects[] = new self(
                    $rule,
                    $pick,
                    $rule->weight() * $sign,
                    $touched,
                    $touched + array_fill_keys($pick->dependsOn, true),
                );
            }
        }

        return $effects;
    }
}

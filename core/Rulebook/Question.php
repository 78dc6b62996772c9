<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** A question with everything the book says to it, for one kind of lure. */
final readonly class Question
{
    /**
     * @param list<Effect>        $effects in the order of the book
     * @param array<string, true> $dependsOn fields of the reading, and earlier slots, that the answer hangs on
     */
    private function __construct(public Slot $slot, public array $effects, public array $dependsOn)
    {
    }

    /** @param list<Effect> $effects */
    public static function on(Slot $slot, array $effects): self
    {
        $dependsOn = [];
        foreach ($effects as $effect) {
            $dependsOn += $effect->dependsOn;
        }
        $base = $slot->base();

        return new self($slot, $effects, null === $base ? $dependsOn : $dependsOn + [$base->value => true]);
    }
}

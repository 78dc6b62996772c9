<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** A question with everything the book says to it, for one kind of lure. */
final readonly class Poll
{
    /**
     * @param list<Saying>        $sayings in the order of the book
     * @param array<string, true> $touches fields of the reading, and earlier slots, that the answer hangs on
     */
    private function __construct(public Slot $slot, public array $sayings, public array $touches)
    {
    }

    /** @param list<Saying> $sayings */
    public static function on(Slot $slot, array $sayings): self
    {
        $touches = [];
        foreach ($sayings as $saying) {
            $touches += $saying->touches;
        }
        $base = $slot->base();

        return new self($slot, $sayings, null === $base ? $touches : $touches + [$base->value => true]);
    }
}

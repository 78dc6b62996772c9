<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\Reading;

/** All that was voted on for one reading, slot by slot. */
final readonly class Decision
{
    /**
     * @param array<string, Tally> $tallies   by slot value, in the order of settling
     * @param array<string, float>  $strengths how fully each rule asked speaks here, by its id
     * @param bool                  $isSame    reconsidered, and every pick came out as before
     */
    public function __construct(
        public Reading $reading,
        public array $tallies,
        public array $strengths,
        public bool $isSame = false,
    ) {
    }

    /** The reading with everything settled, for whoever has to look at both afterwards. */
    public function situation(): Situation
    {
        $situation = new Situation($this->reading);
        foreach ($this->tallies as $tally) {
            $situation->settle($tally->slot, $tally->winners);
        }

        return $situation;
    }

    public function on(Slot $slot): ?Tally
    {
        return $this->tallies[$slot->value] ?? null;
    }

    /**
     * The answer to a question that holds one value.
     *
     * @template T of object
     *
     * @param class-string<T> $type
     *
     * @return T|null
     */
    public function pick(Slot $slot, string $type): ?object
    {
        $value = ($this->on($slot)->winners[0] ?? null)?->of;

        return $value instanceof $type ? $value : null;
    }

    /**
     * The answers to a question that holds several.
     *
     * @template T of object
     *
     * @param class-string<T> $type
     *
     * @return list<T>
     */
    public function picks(Slot $slot, string $type): array
    {
        $picks = [];
        foreach ($this->on($slot)->winners ?? [] as $value) {
            if ($value->of instanceof $type) {
                $picks[] = $value->of;
            }
        }

        return $picks;
    }

    public function isTrue(Slot $slot): bool
    {
        return true === ($this->on($slot)->winners[0] ?? null)?->of;
    }
}

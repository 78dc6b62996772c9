<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** One lure fished at a stretch in a trial, or with pauses. */
final class TrialBlock
{
    /** Seconds fished. */
    public int $length = 0;
    /** @var list<int> when something bit, in seconds of fishing */
    private array $bites = [];

    /** @param list<int> $bites seconds by any clock, within start and end */
    public function fish(int $start, int $end, array $bites): void
    {
        foreach ($bites as $at) {
            $this->bites[] = $this->length + $at - $start;
        }
        $this->length += $end - $start;
    }

    /** Bites in the first so many seconds. */
    public function bitesWithin(int $seconds): int
    {
        return \count(array_filter($this->bites, static fn (int $at): bool => $at <= $seconds));
    }
}

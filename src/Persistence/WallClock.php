<?php

declare(strict_types=1);

namespace App\Persistence;

/** The clock people keep somewhere, asked thousands of times: its changes between summer and winter are looked up once. */
final class WallClock
{
    /** @var list<array{int, int}> seconds since 1970, and the offset from then on, the latest first */
    private array $changes = [];

    /** @param string $zone by its name; the machine's own where there is none of that name */
    public function __construct(string $zone)
    {
        try {
            $clock = new \DateTimeZone('' === $zone ? date_default_timezone_get() : $zone);
        } catch (\Exception) {
            $clock = new \DateTimeZone(date_default_timezone_get());
        }
        $changes = $clock->getTransitions();
        foreach (array_reverse($changes) as $change) {
            $this->changes[] = [$change['ts'], $change['offset']];
        }
        $this->changes[] = [\PHP_INT_MIN, $clock->getOffset(new \DateTimeImmutable('@0'))];
    }

    /** Seconds to add to universal time. */
    public function offsetAt(int $time): int
    {
        foreach ($this->changes as [$from, $offset]) {
            if ($time >= $from) {
                return $offset;
            }
        }

        return 0;
    }
}

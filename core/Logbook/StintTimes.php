<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** When a lure was fished, by whom, and when something happened. */
final readonly class StintTimes
{
    /**
     * @param string                   $path   where it stands in its document
     * @param list<\DateTimeImmutable> $events
     */
    public function __construct(
        public string $path,
        public Angler $angler,
        public \DateTimeImmutable $start,
        public ?\DateTimeImmutable $end,
        public array $events = [],
    ) {
    }

    /** Whether it was running then, give or take. */
    public function holds(\DateTimeImmutable $at, int $slackSeconds = 0): bool
    {
        $time = $at->getTimestamp();

        return $time >= $this->start->getTimestamp() - $slackSeconds
            && (null === $this->end || $time <= $this->end->getTimestamp() + $slackSeconds);
    }
}

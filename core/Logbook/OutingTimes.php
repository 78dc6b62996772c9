<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Measure\TimeOfDay;

/**
 * The times of an outing as they were noted, held against each other: a stint is a lure fished from tying on to taking off, one at a time
 * for each angler, and events happen while one is on.
 */
final readonly class OutingTimes
{
    /** Longer, and somebody forgot to end it. (Chosen.) */
    public const MOST_HOURS = 36;
    /** Clocks of two devices may differ by so much. (Chosen.) */
    private const CLOCKS_DIFFER_S = 600;
    /** Noted to the second by one device and to the minute by another: so much is no contradiction. (Chosen.) */
    private const SLACK_S = 60;

    /** @param list<StintTimes> $stints */
    private function __construct(public \DateTimeImmutable $start, public ?\DateTimeImmutable $end, public array $stints)
    {
    }

    /**
     * @param list<StintTimes> $stints in any order
     *
     * @throws NotAnOuting
     */
    public static function of(
        \DateTimeImmutable $start,
        ?\DateTimeImmutable $end,
        array $stints,
        \DateTimeImmutable $now,
        \DateTimeZone $zone,
    ): self {
        $times = new self($start, $end, $stints);
        $clock = static fn (\DateTimeImmutable $at): string => TimeOfDay::withDay($at->setTimezone($zone));
        $times->checkWhole($now, $clock);
        $times->checkStints($clock);
        foreach ($stints as $stint) {
            $times->checkEvents($stint, $now, $clock);
        }

        return $times;
    }

    /** @param callable(\DateTimeImmutable): string $clock */
    private function checkWhole(\DateTimeImmutable $now, callable $clock): void
    {
        if (null !== $this->end && $this->end < $this->start) {
            throw NotAnOuting::endsBeforeItStarts('ended_at', 'The outing', $clock($this->start), $clock($this->end));
        }
        self::checkFuture('started_at', $this->start, $now, $clock);
        if (null === $this->end) {
            return;
        }
        self::checkFuture('ended_at', $this->end, $now, $clock);
        if (self::seconds($this->start, $this->end) > 3600 * self::MOST_HOURS) {
            throw NotAnOuting::tooLong('ended_at', $clock($this->start), $clock($this->end), self::MOST_HOURS);
        }
    }

    /** @param callable(\DateTimeImmutable): string $clock */
    private function checkStints(callable $clock): void
    {
        foreach (Angler::cases() as $angler) {
            $own = array_values(array_filter($this->stints, static fn (StintTimes $stint): bool => $stint->angler === $angler));
            usort($own, static fn (StintTimes $a, StintTimes $b): int => $a->start <=> $b->start);
            foreach ($own as $i => $stint) {
                $this->checkStint($stint, $clock);
                $before = $own[$i - 1] ?? null;
                if (null !== $before && null === $before->end) {
                    throw NotAnOuting::stillOpen("$stint->path.started_at", $clock($stint->start));
                }
                if (null !== $before?->end && self::seconds($stint->start, $before->end) > 0) {
                    throw NotAnOuting::overlap("$stint->path.started_at", $clock($stint->start), $clock($before->end));
                }
            }
        }
    }

    /** @param callable(\DateTimeImmutable): string $clock */
    private function checkStint(StintTimes $stint, callable $clock): void
    {
        if (null !== $stint->end && $stint->end < $stint->start) {
            throw NotAnOuting::endsBeforeItStarts("$stint->path.ended_at", 'The stint', $clock($stint->start), $clock($stint->end));
        }
        if (null !== $this->end && null === $stint->end) {
            throw NotAnOuting::openInEnded("$stint->path.ended_at", $clock($stint->start));
        }
        $last = $stint->end ?? $stint->start;
        foreach (['started_at' => $stint->start, 'ended_at' => $last] as $field => $at) {
            $isLate = null !== $this->end && self::seconds($this->end, $at) > self::SLACK_S;
            if ($isLate || self::seconds($at, $this->start) > self::SLACK_S) {
                $to = null === $this->end ? 'now' : $clock($this->end);
                throw NotAnOuting::outside("$stint->path.$field", 'The stint', $clock($at), 'the outing', $clock($this->start), $to);
            }
        }
    }

    /** @param callable(\DateTimeImmutable): string $clock */
    private function checkEvents(StintTimes $stint, \DateTimeImmutable $now, callable $clock): void
    {
        foreach ($stint->events as $i => $at) {
            self::checkFuture("$stint->path.events[$i].at", $at, $now, $clock);
            if (!$stint->holds($at, self::SLACK_S)) {
                $to = null === $stint->end ? 'now' : $clock($stint->end);
                throw NotAnOuting::outside("$stint->path.events[$i].at", 'An event', $clock($at), 'its stint', $clock($stint->start), $to);
            }
        }
    }

    /** @param callable(\DateTimeImmutable): string $clock */
    private static function checkFuture(string $field, \DateTimeImmutable $at, \DateTimeImmutable $now, callable $clock): void
    {
        if (self::seconds($now, $at) > self::CLOCKS_DIFFER_S) {
            throw NotAnOuting::inTheFuture($field, $clock($at));
        }
    }

    /** From one to the other, negative where the other is earlier. */
    private static function seconds(\DateTimeImmutable $from, \DateTimeImmutable $to): int
    {
        return $to->getTimestamp() - $from->getTimestamp();
    }
}

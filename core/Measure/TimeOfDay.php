<?php

declare(strict_types=1);

namespace Kontrast\Measure;

/** A time by the clock, to the minute: as documents have it, by twenty-four hours, and as people say it. */
final readonly class TimeOfDay
{
    private const DAY = 1440;
    private const NOON = 720;

    /** @param int $minute minutes after midnight, up to 1440: the midnight that ends the day */
    private function __construct(public int $minute)
    {
    }

    public static function atMinute(int $minute): self
    {
        return new self($minute);
    }

    /** A moment with its day: May 9, 2026, 5:30 PM. */
    public static function withDay(\DateTimeImmutable $at): string
    {
        return $at->format('M j, Y, ').self::atMinute(60 * (int) $at->format('G') + (int) $at->format('i'))->said();
    }

    /** 17:30 */
    public function written(): string
    {
        return \sprintf('%d:%02d', intdiv($this->minute, 60), $this->minute % 60);
    }

    /** 5:30 PM */
    public function said(): string
    {
        return match (true) {
            0 === $this->minute % self::DAY => 'midnight',
            self::NOON === $this->minute => 'noon',
            default => \sprintf(
                '%d:%02d %s',
                (intdiv($this->minute, 60) + 11) % 12 + 1,
                $this->minute % 60,
                $this->minute < self::NOON ? 'AM' : 'PM',
            ),
        };
    }
}

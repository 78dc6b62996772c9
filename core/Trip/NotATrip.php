<?php

declare(strict_types=1);

namespace Kontrast\Trip;

/** Thrown where a plan cannot be a day on the water; the field is told, and a sentence says what is wrong. */
final class NotATrip extends \DomainException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function unknownDate(string $date): self
    {
        return new self('date', "“{$date}” is not a date. Write it as 2026-05-09.");
    }

    public static function unknownTime(string $field, string $time): self
    {
        return new self($field, "“{$time}” is not a time. Write it as 5:30 or 17:30.");
    }

    public static function endsBeforeItStarts(string $from, string $to): self
    {
        return new self(
            'to',
            "The trip ends at $to, before it starts at $from. A trip ends on the day it starts; plan a night in two trips.",
        );
    }

    public static function skipped(): self
    {
        return new self('from', 'The clock skips these hours on that day, since summer time begins. Choose a later start or end.');
    }

    public static function chances(string $at, float $sum): self
    {
        $percent = round(100 * $sum);

        return new self('sky', "The chances of the sky at $at add up to $percent %. They must add up to 100 %.");
    }

    public static function clarity(): self
    {
        return new self('visibility_in', 'Visibility needs three numbers above 0, in this order: low, likely, high.');
    }

    public static function nothingCarried(string $field): self
    {
        return new self($field, 'Carry at least one lure, and none or more trailers.');
    }

    public static function moods(float $sum): self
    {
        return new self('moods', \sprintf('The chances of how they bite add up to %d %%. They must add up to 100 %%.', round(100 * $sum)));
    }

    public static function tooManyKinds(int $most): self
    {
        return new self('carry.kinds', "There can be at most $most kinds of lure among those you carry.");
    }

    public static function nothingToCarry(): self
    {
        return new self('carry', 'Your parts make no lure of these types yet. Add parts, or choose other lures.');
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** Thrown where notes contradict themselves; the field is told, and a sentence says what is wrong. */
final class NotAnOuting extends \DomainException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function endsBeforeItStarts(string $field, string $what, string $start, string $end): self
    {
        return new self($field, "$what ends at $end, before it starts at $start.");
    }

    public static function outside(string $field, string $what, string $at, string $whole, string $from, string $to): self
    {
        return new self($field, "$what at $at is outside $whole, which ran from $from to $to.");
    }

    public static function overlap(string $field, string $start, string $before): self
    {
        return new self(
            $field,
            "A lure is tied on at $start while the one before it was fished until $before. Only one lure is fished at a time.",
        );
    }

    public static function stillOpen(string $field, string $start): self
    {
        return new self($field, "A lure is tied on at $start while the one before it is still on. End that one first.");
    }

    public static function openInEnded(string $field, string $start): self
    {
        return new self($field, "The outing has ended, but the lure tied on at $start has no end. Say when it came off.");
    }

    public static function inTheFuture(string $field, string $at): self
    {
        return new self($field, "$at is in the future. Check the clock of the phone.");
    }

    public static function tooLong(string $field, string $start, string $end, int $hours): self
    {
        return new self($field, "From $start to $end is more than $hours hours. Say when the outing really ended.");
    }

    public static function noStint(string $field, string $at): self
    {
        return new self($field, "No lure was tied on at $at. Tie one on first, or set the time to when one was on.");
    }

    public static function twice(string $field): self
    {
        return new self($field, 'Another entry of this outing has this id already.');
    }
}

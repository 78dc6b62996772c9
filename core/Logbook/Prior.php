<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Statistics\Rate;

/**
 * What is believed of a rate before its own notes are counted: as if it had been fished for an hour as well as the average of the log; half
 * a bite an hour where there is no log yet. (Chosen; told on screen.).
 */
final readonly class Prior
{
    private const HOURS = 1.0;
    /** A skeptic believes in the average as firmly as so many hours would tell. (Chosen, tried by simulation: see LogRules.) */
    private const SKEPTICAL_HOURS = 10.0;

    private function __construct(public float $bites, private float $fish, public float $hours)
    {
    }

    public static function of(Count $all): self
    {
        $average = static fn (int $events): float => self::HOURS * Rate::of($events, $all->hours)->mean();

        return new self($average($all->bites), $average($all->fish), self::HOURS);
    }

    public function bites(float $bites, float $hours): Rate
    {
        return Rate::of($bites, $hours, $this->bites, $this->hours);
    }

    /** The same for who wants to be convinced before anything is changed because of it. */
    public function skeptical(float $bites, float $hours): Rate
    {
        $times = self::SKEPTICAL_HOURS / self::HOURS;

        return Rate::of($bites, $hours, $times * $this->bites, $times * $this->hours);
    }

    public function fish(float $fish, float $hours): Rate
    {
        return Rate::of($fish, $hours, $this->fish, $this->hours);
    }
}

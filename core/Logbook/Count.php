<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** Hours fished, and what bit in them. */
final class Count
{
    public float $hours = 0.0;
    public int $bites = 0;
    public int $fish = 0;

    public function add(float $hours, int $bites, int $fish): void
    {
        $this->hours += $hours;
        $this->bites += $bites;
        $this->fish += $fish;
    }
}

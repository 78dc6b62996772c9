<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** A stint that has ended, as it is counted. */
final readonly class FishedStint
{
    /**
     * @param string                    $key     the same for stints that are counted under the same
     * @param string                    $outing  which outing, so that days can be told apart
     * @param int                       $start   seconds by the clock of the water, so that hours are hours of the day there
     * @param int                       $end     the same
     * @param array<string, string>     $levels  by factor
     * @param string|null               $stratum water and light that were alike; null where nobody looked
     * @param array<string, list<string>> $schools by question
     * @param list<int>                 $bites   when, in seconds by the clock of the water
     * @param list<int>                 $landed  those of them that ended in the hand
     * @param array{float, int}         $uneven  how the bites are spread over blocks of the time (CountCells::uneven)
     * @param bool|null                 $isAdvised whether the lure is what was advised in that moment; null where nobody knows
     */
    public function __construct(
        public string $key,
        public string $outing,
        public int $start,
        public int $end,
        public array $levels,
        public ?string $stratum,
        public array $schools,
        public array $bites,
        public array $landed,
        public array $uneven,
        public Angler $angler = Angler::Me,
        public ?bool $isAdvised = null,
    ) {
    }

    public function hours(): float
    {
        return ($this->end - $this->start) / 3600;
    }
}

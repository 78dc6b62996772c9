<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** All notes, counted: by level of each factor, by level within one day's water and light that were alike, and by school. */
final class Counts
{
    public readonly Count $all;
    /** @var array<string, array<int|string, Count>> by factor and level */
    public array $byLevel = [];
    /** @var array<string, array<string, array<int|string, Count>>> by factor, day's stratum and level; only what the angler chose */
    public array $alike = [];
    /** @var array<string, array<string, array<string, Count>>> by question, school and stratum */
    public array $bySchool = [];
    /** @var array<string, Count> by stratum */
    public array $byStratum = [];
    /** @var list<array{string, int, float}> each stint: the day's stratum, bites, hours */
    public array $stints = [];

    private function __construct()
    {
        $this->all = new Count();
    }

    /** @param iterable<FishedStint> $stints */
    public static function of(iterable $stints): self
    {
        $counts = new self();
        foreach ($stints as $stint) {
            $counts->add($stint);
        }

        return $counts;
    }

    private function add(FishedStint $stint): void
    {
        $hours = $stint->hours();
        $bites = \count($stint->bites);
        $fish = $stint->fish();
        $stratum = $stint->stratum;
        $this->all->add($hours, $bites, $fish);
        ($this->byStratum[$stratum] ??= new Count())->add($hours, $bites, $fish);
        $day = "$stratum\n$stint->outing";
        $this->stints[] = [$day, $bites, $hours];
        foreach ($stint->levels as $factor => $level) {
            ($this->byLevel[$factor][$level] ??= new Count())->add($hours, $bites, $fish);
            if (isset(self::chosen()[$factor])) {
                ($this->alike[$factor][$day][$level] ??= new Count())->add($hours, $bites, $fish);
            }
        }
        foreach ($stint->schools as $question => $schools) {
            foreach ($schools as $school) {
                ($this->bySchool[$question][$school][$stratum] ??= new Count())->add($hours, $bites, $fish);
            }
        }
        $this->addHours($stint);
    }

    /** A stint of several hours counts toward each by as much of it as was fished. */
    private function addHours(FishedStint $stint): void
    {
        $at = $stint->start;
        while ($at < $stint->end) {
            $next = min($stint->end, (intdiv($at, 3600) + 1) * 3600);
            $this->hour($at)->add(($next - $at) / 3600, 0, 0);
            $at = $next;
        }
        foreach ($stint->bites as [$second, $isFish]) {
            $this->hour($second)->add(0.0, 1, $isFish ? 1 : 0);
        }
    }

    private function hour(int $second): Count
    {
        return $this->byLevel[Factor::Hour->value][intdiv($second, 3600) % 24] ??= new Count();
    }

    /** @return array<string, true> */
    private static function chosen(): array
    {
        static $chosen = null;
        $chosen ??= array_fill_keys(array_map(
            static fn (Factor $factor): string => $factor->value,
            array_filter(Factor::cases(), static fn (Factor $factor): bool => $factor->isChosen()),
        ), true);
        /** @var array<string, true> $chosen */

        return $chosen;
    }
}

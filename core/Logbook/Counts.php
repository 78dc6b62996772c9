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
    /** @var list<array{string, string, int, float}> each stint of a known stratum: that of the day, the lure, bites, hours */
    public array $stints = [];

    private function __construct()
    {
        $this->all = new Count();
    }

    /** @param iterable<FishedStint> $stints */
    public static function of(iterable $stints): self
    {
        $counts = new self();
        $alike = $days = $lures = [];
        foreach ($stints as $stint) {
            $hours = $stint->hours();
            $bites = \count($stint->bites);
            $fish = \count($stint->landed);
            $counts->all->add($hours, $bites, $fish);
            $alike[$stint->key] ??= [$stint, new Count()];
            $alike[$stint->key][1]->add($hours, $bites, $fish);
            $counts->addHours($stint);
            if (null === $stint->stratum) {
                continue;
            }
            $day = "$stint->stratum\n$stint->outing";
            $lure = $lures[$stint->key] ??= implode(' ', array_intersect_key($stint->levels, self::chosen()));
            $counts->stints[] = [$day, $lure, $bites, $hours];
            $days[$day][] = [$stint->key, $hours, $bites, $fish];
        }
        foreach ($alike as [$stint, $count]) {
            $counts->addLevels($stint, $count);
        }
        foreach ($days as $day => $fished) {
            // A day on which one lure was fished in that light compares nothing.
            foreach (\count($fished) > 1 ? $fished : [] as [$key, $hours, $bites, $fish]) {
                $counts->addToDay($day, $alike[$key][0], $hours, $bites, $fish);
            }
        }

        return $counts;
    }

    /** All stints that are counted under the same, at once. */
    private function addLevels(FishedStint $stint, Count $count): void
    {
        foreach ($stint->levels as $factor => $level) {
            ($this->byLevel[$factor][$level] ??= new Count())->add($count->hours, $count->bites, $count->fish);
        }
        if (null === $stint->stratum) {
            return;
        }
        ($this->byStratum[$stint->stratum] ??= new Count())->add($count->hours, $count->bites, $count->fish);
        foreach ($stint->schools as $question => $schools) {
            foreach ($schools as $school) {
                ($this->bySchool[$question][$school][$stint->stratum] ??= new Count())->add($count->hours, $count->bites, $count->fish);
            }
        }
    }

    private function addToDay(string $day, FishedStint $like, float $hours, int $bites, int $fish): void
    {
        foreach (array_intersect_key($like->levels, self::chosen()) as $factor => $level) {
            ($this->alike[$factor][$day][$level] ??= new Count())->add($hours, $bites, $fish);
        }
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
        foreach ($stint->bites as $second) {
            $this->hour($second)->add(0.0, 1, 0);
        }
        foreach ($stint->landed as $second) {
            $this->hour($second)->add(0.0, 0, 1);
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

<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Statistics\Stratum;

/** All notes, counted: by level of each factor, by school, and by whether the advice was followed. */
final class Counts
{
    public readonly Count $all;
    /** @var array<string, array<int|string, Count>> by factor and level */
    public array $byLevel = [];
    /** @var array<string, array<string, SchoolCount>> by question and school */
    public array $bySchool = [];
    /** @var array<string, array{Count, Count}> by day, fished as advised and otherwise, where the advice of then is known */
    public array $byAdvice = [];
    /** @var list<FishedStint> */
    public array $stints = [];

    private function __construct()
    {
        $this->all = new Count();
    }

    /** @param iterable<FishedStint> $stints */
    public static function of(iterable $stints): self
    {
        $counts = new self();
        $alike = $days = $anglers = [];
        foreach ($stints as $stint) {
            $counts->stints[] = $stint;
            $hours = $stint->hours();
            $bites = \count($stint->bites);
            $fish = \count($stint->landed);
            $alike[$stint->key] ??= [$stint, new Count()];
            $alike[$stint->key][1]->add($hours, $bites, $fish);
            ($anglers[$stint->angler->value] ??= new Count())->add($hours, $bites, $fish);
            if (null !== $stint->isAdvised && Angler::Me === $stint->angler) {
                $counts->byAdvice[$stint->outing] ??= [new Count(), new Count()];
                $counts->byAdvice[$stint->outing][$stint->isAdvised ? 0 : 1]->add($hours, $bites, $fish);
            }
            if (null !== $stint->stratum) {
                $days[$stint->stratum][$stint->outing][] = $stint;
            }
        }
        foreach ($alike as [$stint, $count]) {
            $counts->all->add($count->hours, $count->bites, $count->fish);
            $counts->addLevels($stint, $count);
        }
        $counts->byLevel[Factor::Angler->value] = $anglers;
        $counts->addHours();
        $counts->addSchools($days, $alike);

        return $counts;
    }

    /** All stints that are counted under the same, at once. */
    private function addLevels(FishedStint $stint, Count $count): void
    {
        foreach ($stint->levels as $factor => $level) {
            ($this->byLevel[$factor][$level] ??= new Count())->add($count->hours, $count->bites, $count->fish);
        }
    }

    /**
     * Every school beside what else was fished on its days, in its water and light.
     *
     * @param array<string, array<string, list<FishedStint>>> $days  by stratum and outing
     * @param array<string, array{FishedStint, Count}>        $alike those that are counted under the same
     */
    private function addSchools(array $days, array $alike): void
    {
        foreach ($alike as $key => [$stint, $count]) {
            foreach (null === $stint->stratum ? [] : $stint->schools as $question => $schools) {
                foreach ($schools as $school) {
                    ($this->bySchool[$question][$school] ??= new SchoolCount())->add($key, $count);
                }
            }
        }
        foreach ($days as $outings) {
            foreach ($outings as $stints) {
                \count($stints) > 1 ? $this->addDay($stints) : null;
            }
        }
    }

    /** @param list<FishedStint> $stints of one day, in water and light that were alike */
    private function addDay(array $stints): void
    {
        $all = new Count();
        $own = [];
        foreach ($stints as $stint) {
            $hours = $stint->hours();
            $bites = \count($stint->bites);
            $all->add($hours, $bites, 0);
            foreach ($stint->schools as $question => $schools) {
                foreach ($schools as $school) {
                    ($own[$question][$school] ??= new Count())->add($hours, $bites, 0);
                }
            }
        }
        foreach ($own as $question => $schools) {
            foreach ($schools as $school => $count) {
                $this->bySchool[$question][$school]->strata[] = new Stratum(
                    $count->bites,
                    $count->hours,
                    $all->bites - $count->bites,
                    $all->hours - $count->hours,
                );
            }
        }
    }

    /** A stint of several hours counts toward each by as much of it as was fished. */
    private function addHours(): void
    {
        $hours = [];
        for ($hour = 0; $hour < 24; ++$hour) {
            $hours[] = new Count();
        }
        foreach ($this->stints as $stint) {
            $at = $stint->start;
            while ($at < $stint->end) {
                $next = min($stint->end, (intdiv($at, 3600) + 1) * 3600);
                $hours[intdiv($at, 3600) % 24]->hours += ($next - $at) / 3600;
                $at = $next;
            }
            foreach ($stint->bites as $second) {
                ++$hours[intdiv($second, 3600) % 24]->bites;
            }
            foreach ($stint->landed as $second) {
                ++$hours[intdiv($second, 3600) % 24]->fish;
            }
        }
        $this->byLevel[Factor::Hour->value] = array_filter(
            $hours,
            static fn (Count $one): bool => $one->hours > 0 || $one->bites > 0,
        );
    }
}

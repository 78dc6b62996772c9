<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Statistics\Best;
use Kontrast\Statistics\Dispersion;
use Kontrast\Statistics\Rate;

/** What the notes show, and how surely. */
final readonly class Analysis
{
    /** Counts up with how anything in it is worked out: what was kept of an older one is worked out again. */
    public const VERSION = 2;

    /**
     * @param list<LevelRate>      $rates       by factor, most fished first
     * @param list<Comparison>     $comparisons surest first
     * @param list<SchoolEvidence> $schools     by question
     * @param float                $dispersion  how many times as much stints of a day differ as chance would have them
     */
    private function __construct(
        public Count $all,
        public array $rates,
        public array $comparisons,
        public array $schools,
        public float $dispersion,
        public Prior $prior,
    ) {
    }

    /** @param iterable<FishedStint> $stints */
    public static function of(iterable $stints): self
    {
        $counts = Counts::of($stints);
        $dispersion = Dispersion::estimate($counts->stints);
        $prior = Prior::of($counts->all);
        $comparisons = Comparisons::compare($counts, $dispersion);

        return new self(
            $counts->all,
            self::rates($counts, $comparisons, $prior),
            $comparisons,
            self::schools($counts, $dispersion, $prior),
            $dispersion,
            $prior,
        );
    }

    /**
     * @param list<Comparison> $comparisons
     *
     * @return list<LevelRate>
     */
    private static function rates(Counts $counts, array $comparisons, Prior $prior): array
    {
        $compared = [];
        foreach ($comparisons as $one) {
            $compared[$one->factor->value][$one->a] = $compared[$one->factor->value][$one->b] = true;
        }
        $rates = [];
        foreach (Factor::cases() as $factor) {
            $levels = $counts->byLevel[$factor->value] ?? [];
            Factor::Hour === $factor
                ? ksort($levels)
                : uasort($levels, static fn (Count $a, Count $b): int => $b->hours <=> $a->hours);
            foreach ($levels as $level => $count) {
                $rates[] = new LevelRate(
                    $factor,
                    (string) $level,
                    $prior->bites($count->bites, $count->hours),
                    $prior->fish($count->fish, $count->hours),
                    isset($compared[$factor->value][$level]),
                );
            }
        }

        return $rates;
    }

    /** @return list<SchoolEvidence> */
    private static function schools(Counts $counts, float $dispersion, Prior $prior): array
    {
        return array_merge(...array_map(
            static fn (SchoolQuestion $question): array => self::schoolsOf($question, $counts, $dispersion, $prior),
            SchoolQuestion::cases(),
        ));
    }

    /** @return list<SchoolEvidence> */
    private static function schoolsOf(SchoolQuestion $question, Counts $counts, float $dispersion, Prior $prior): array
    {
        $strata = array_map(
            static fn (\BackedEnum $school): array => $counts->bySchool[$question->value][$school->value] ?? [],
            $question->schools(),
        );
        $fished = array_map(self::sum(...), $strata);
        $rates = array_map(
            static fn (Count $count, array $strata): Rate => self::setRight($count, $strata, $counts, $dispersion, $prior),
            $fished,
            $strata,
        );
        $chances = Best::chances($rates);
        $voteChances = Best::chances(array_map(static fn (Rate $rate): Rate => $prior->skeptical($rate->events, $rate->hours), $rates));

        return array_map(
            static fn (\BackedEnum $school, Count $count, Rate $rate, float $chance, float $vote): SchoolEvidence => new SchoolEvidence(
                $question,
                $school,
                $count->hours,
                $count->bites,
                $rate,
                $chance,
                $vote,
            ),
            $question->schools(),
            $fished,
            $rates,
            $chances,
            $voteChances,
        );
    }

    /**
     * The rate as it would be had the school been fished in the same water and light as all the rest: its bites beside those that all
     * lures would have had in its own hours (indirect standardization: Breslow & Day, Statistical Methods in Cancer Research II, 1987).
     * Where stints differ more than by chance, bites and hours count for less in the same measure.
     *
     * @param array<string, Count> $strata
     */
    private static function setRight(Count $count, array $strata, Counts $counts, float $dispersion, Prior $prior): Rate
    {
        $overall = $counts->all->bites / max(1e-9, $counts->all->hours);
        $expected = 0.0;
        foreach ($strata as $stratum => $own) {
            $all = $counts->byStratum[$stratum];
            $expected += $own->hours * ($all->bites / max(1e-9, $all->hours));
        }
        $hours = $overall > 0 && $expected > 0 ? $expected / $overall : $count->hours;

        return $prior->bites($count->bites / $dispersion, $hours / $dispersion);
    }

    /** @param array<string, Count> $strata */
    private static function sum(array $strata): Count
    {
        $sum = new Count();
        foreach ($strata as $one) {
            $sum->add($one->hours, $one->bites, $one->fish);
        }

        return $sum;
    }
}

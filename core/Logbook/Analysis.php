<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Statistics\Best;
use Kontrast\Statistics\Rate;
use Kontrast\Statistics\RateRatio;
use Kontrast\Statistics\Stratum;

/** What the notes show, and how surely. */
final readonly class Analysis
{
    /** Counts up with how anything in it is worked out: what was kept of an older one is worked out again. */
    public const VERSION = 3;

    /**
     * @param list<LevelRate>      $rates   by factor, most fished first
     * @param list<SchoolEvidence> $schools by question
     */
    private function __construct(
        public Count $all,
        public array $rates,
        public Effects $effects,
        public array $schools,
        public AdviceWorth $advice,
        public Prior $prior,
    ) {
    }

    /**
     * @param iterable<FishedStint> $stints
     * @param Effects|null          $before what an earlier log came to: with a stint more it is much the same
     */
    public static function of(iterable $stints, ?Effects $before = null): self
    {
        $counts = Counts::of($stints);
        $effects = Effects::of($counts->stints, $before);
        $dispersion = $effects->dispersion();
        $prior = Prior::of($counts->all);

        return new self(
            $counts->all,
            self::rates($counts, $effects, $dispersion, $prior),
            $effects,
            self::schools($counts, $dispersion, $prior),
            self::advice($counts, $dispersion),
            $prior,
        );
    }

    /** @return list<LevelRate> */
    private static function rates(Counts $counts, Effects $effects, float $dispersion, Prior $prior): array
    {
        $rates = [];
        foreach (Factor::cases() as $factor) {
            $levels = $counts->byLevel[$factor->value] ?? [];
            Factor::Hour === $factor
                ? ksort($levels)
                : uasort($levels, static fn (Count $a, Count $b): int => $b->hours <=> $a->hours);
            $told = $factor->isChosen() ? $effects->levels($factor) : [];
            foreach ($levels as $level => $count) {
                $rates[] = new LevelRate(
                    $factor,
                    (string) $level,
                    $count,
                    // Bites in flurries tell as much as fewer that came one by one.
                    $prior->bites($count->bites / $dispersion, $count->hours / $dispersion),
                    $prior->fish($count->fish / $dispersion, $count->hours / $dispersion),
                    \count($told) > 1 && \in_array((string) $level, $told, true),
                );
            }
        }

        return $rates;
    }

    /** Stints as advised beside the others of the same day. */
    private static function advice(Counts $counts, float $dispersion): AdviceWorth
    {
        $strata = [];
        [$followed, $not] = [new Count(), new Count()];
        foreach ($counts->byAdvice as [$as, $other]) {
            $followed->add($as->hours, $as->bites, $as->fish);
            $not->add($other->hours, $other->bites, $other->fish);
            $strata[] = new Stratum($as->bites, $as->hours, $other->bites, $other->hours);
        }

        return new AdviceWorth($followed->hours, $not->hours, RateRatio::of($strata, $dispersion));
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
        $fished = array_map(
            static fn (\BackedEnum $school): SchoolCount => $counts->bySchool[$question->value][$school->value] ?? new SchoolCount(),
            $question->schools(),
        );
        $rates = array_map(
            static fn (SchoolCount $one): Rate => self::setRight($one, $counts->all, $dispersion, $prior->bites(...)),
            $fished,
        );
        $chances = Best::chances($rates);
        $votes = self::votes($fished, $counts->all, $dispersion, $prior);

        return array_map(
            static fn (\BackedEnum $school, SchoolCount $one, Rate $rate, float $chance, float $vote): SchoolEvidence => new SchoolEvidence(
                $question,
                $school,
                $one->count->hours,
                $one->count->bites,
                $rate,
                $chance,
                $vote,
            ),
            $question->schools(),
            $fished,
            $rates,
            $chances,
            $votes,
        );
    }

    /**
     * The chances to be the best that a vote rests on. Schools that fished the same stints are judged as one, and the first of them speaks;
     * one that was never fished is neither better nor worse, and blocks nobody; where only one was fished there is nothing to choose.
     *
     * @param list<SchoolCount> $fished
     *
     * @return list<float> in the same order
     */
    private static function votes(array $fished, Count $all, float $dispersion, Prior $prior): array
    {
        $judged = [];
        foreach ($fished as $i => $one) {
            $isKnown = [] !== array_filter($judged, static fn (SchoolCount $other): bool => $one->isSameAs($other));
            if ($one->count->hours > 0 && !$isKnown) {
                $judged[$i] = $one;
            }
        }
        $votes = array_map(static fn (): float => 0.0, $fished);
        if (\count($judged) < 2) {
            return $votes;
        }
        $chances = Best::chances(array_values(array_map(
            static fn (SchoolCount $one): Rate => self::setRight($one, $all, $dispersion, $prior->skeptical(...)),
            $judged,
        )));

        return array_values(array_replace($votes, array_combine(array_keys($judged), $chances)));
    }

    /**
     * The rate as it would be had the school been fished on the same days in the same water and light as all the rest: that of the rest, so
     * many times as the two differ day by day (Mantel & Haenszel), and as firmly as the error of that tells.
     *
     * @param callable(float, float): Rate $believed of bites and hours
     */
    private static function setRight(SchoolCount $one, Count $all, float $dispersion, callable $believed): Rate
    {
        $overall = $all->bites / max(1e-9, $all->hours);
        $beside = RateRatio::of($one->strata, $dispersion);
        if (null !== $beside) {
            $bites = 1 / $beside->logError ** 2;

            return $believed($bites, $bites / ($beside->ratio * $overall));
        }
        // Nothing bit on it, or on nothing else: it is known as far as its own hours tell.
        $own = $other = $hours = 0.0;
        foreach ($one->strata as $stratum) {
            $own += $stratum->eventsA;
            $other += $stratum->eventsB;
            $hours += $stratum->hoursA * $stratum->hoursB / ($stratum->hoursA + $stratum->hoursB);
        }

        return $believed($own / $dispersion, $own + $other > 0 ? $hours / $dispersion : 0.0);
    }
}

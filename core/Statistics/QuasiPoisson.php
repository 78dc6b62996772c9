<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/**
 * A quasi-Poisson regression of counts, their hours being the exposure (McCullagh & Nelder, Generalized Linear Models, 2nd ed., 6.2; from
 * memory). Days are free and eliminated: given a day's total, its counts are multinomial, which is the same likelihood. The effects of a
 * group of columns are drawn toward 0 together, by one variance each, found by generalized Fellner-Schall steps on the working model
 * (penalized quasi-likelihood: Wood & Fasiolo 2017, Biometrics 73; from memory), with a weak prior.
 */
final class QuasiPoisson
{
    private const MOST_ROUNDS = 40;
    private const MOST_STEPS = 12;
    /** Of a log that grew by less the likelihood bends as it did. (Chosen.) */
    private const MUCH_ALIKE = 0.02;
    /** An effect moves no further in one round: five times as good. */
    private const FARTHEST = 1.6;
    private const LEAST_VARIANCE = 1e-6;

    /** @var array<int, float> */
    private array $effects;
    /** @var array<int, float> by group */
    private array $variances;
    private float $dispersion = 1.0;
    /** @var array<int, int> columns by group */
    private array $sizes;
    private ?PoissonFit $start = null;

    /**
     * @param list<int>  $groups      by column
     * @param float      $priorLevels how many levels the prior of a variance is worth; 0 for none
     * @param float      $priorSpread standard deviation of the logarithm of a ratio that it holds for likely
     * @param float|null $given       a dispersion that is known
     */
    private function __construct(
        private readonly CountCells $cells,
        private readonly array $groups,
        private readonly float $priorLevels,
        private readonly float $priorSpread,
        private readonly float $precision,
        private readonly ?float $given,
    ) {
        $this->effects = array_fill(0, \count($groups), 0.0);
        $most = [] === $groups ? -1 : max($groups);
        $this->sizes = array_fill(0, $most + 1, 0);
        foreach ($groups as $group) {
            ++$this->sizes[$group];
        }
        $this->variances = array_fill(0, $most + 1, $priorSpread ** 2);
        $this->dispersion = $given ?? 1.0;
    }

    /**
     * @param list<int>       $groups    by column
     * @param PoissonFit|null $start     a fit that was much like it: what it does not know starts as ever
     * @param float           $precision an effect that moves less than so far has settled
     * @param float|null      $given     a dispersion that is known
     */
    public static function shrunk(
        CountCells $cells,
        array $groups,
        float $priorLevels,
        float $priorSpread,
        ?PoissonFit $start = null,
        float $precision = 1e-3,
        ?float $given = null,
    ): PoissonFit {
        $fit = new self($cells, $groups, $priorLevels, $priorSpread, $precision, $given);
        if (null !== $start) {
            $fit->start = \count($start->bend) === \count($groups) ? $start : null;
            $fit->effects = array_replace($fit->effects, $start->effects);
            $fit->variances = array_replace($fit->variances, $start->variances);
            $fit->dispersion = $given ?? $start->dispersion;
        }

        return $fit->run(true);
    }

    /**
     * Without anything drawn toward anything: contrasts within a group mean something, single effects do not.
     *
     * @param list<int> $groups by column
     */
    public static function free(CountCells $cells, array $groups, ?float $given = null): PoissonFit
    {
        $fit = new self($cells, $groups, 0.0, 1.0, 1e-10, $given);
        $fit->variances = array_fill(0, \count($fit->sizes), 1e5);

        return $fit->run(false);
    }

    private function run(bool $isShrunk): PoissonFit
    {
        if ([] === $this->groups) {
            $this->dispersion = $this->given ?? $this->pearson(0.0);

            return new PoissonFit([], [], [], $this->dispersion, 0);
        }
        $round = 0;
        $events = $this->events();
        $known = null !== $this->start && abs($events / $this->start->events - 1) < self::MUCH_ALIKE ? $this->start : null;
        do {
            [$slopes, $bend] = null === $known ? $this->slopes() : [$this->slopes(false)[0], $known->bend];
            [$moved, $triangle] = $this->step($slopes, $bend, $isShrunk);
        } while (++$round < self::MOST_ROUNDS && $moved >= $this->precision);

        return new PoissonFit(
            $this->effects,
            $triangle->inverse(),
            $this->variances,
            $this->dispersion,
            $round,
            $bend,
            null === $known ? $events : $known->events,
        );
    }

    /**
     * The top of the working model, and the variances that fit it.
     *
     * @param array<int, float>       $slopes
     * @param array<int, array<int, float>> $bend
     *
     * @return array{float, Cholesky} how far the effects and the variances moved, and the working model
     */
    private function step(array $slopes, array $bend, bool $isShrunk): array
    {
        $right = $slopes;
        foreach ($bend as $i => $row) {
            foreach ($row as $j => $value) {
                $right[$i] += $value * $this->effects[$j];
                if ($j < $i) {
                    $right[$j] += $value * $this->effects[$i];
                }
            }
        }
        $moved = 0.0;
        $step = 0;
        do {
            $triangle = Cholesky::of($this->penalized($bend));
            $next = $triangle->solve(array_map(fn (float $one): float => $one / $this->dispersion, $right));
            $errors = $triangle->inverseDiagonal();
            $used = $this->used($errors);
            if (!$isShrunk) {
                break;
            }
            $changed = $this->moveVariances($next, $errors);
            $moved = max($moved, 0 === $step ? $changed / 10 : 0.0);
        } while (++$step < self::MOST_STEPS && $changed >= 10 * $this->precision);
        $farthest = 0.0;
        foreach ($next as $i => $effect) {
            $farthest = max($farthest, abs($effect - $this->effects[$i]));
        }
        $share = $farthest > self::FARTHEST ? self::FARTHEST / $farthest : 1.0;
        foreach ($next as $i => $effect) {
            $this->effects[$i] += $share * ($effect - $this->effects[$i]);
        }
        $before = $this->dispersion;
        $this->dispersion = $this->given ?? $this->pearson($used);

        return [max($moved, $farthest, abs(log($this->dispersion / $before)) / 10), $triangle];
    }

    /**
     * @param array<int, float> $errors variance by column
     *
     * @return float of how many free effects the data make use, all in all
     */
    private function used(array $errors): float
    {
        $used = 0.0;
        foreach ($this->groups as $i => $group) {
            $used += 1 - $errors[$i] / $this->variances[$group];
        }

        return $used;
    }

    /**
     * @param array<int, float> $effects
     * @param array<int, float> $errors  variance by column
     *
     * @return float the largest change of a logarithm of a variance
     */
    private function moveVariances(array $effects, array $errors): float
    {
        $squares = $used = array_fill(0, \count($this->sizes), 0.0);
        foreach ($this->groups as $i => $group) {
            $squares[$group] += $effects[$i] ** 2;
            $used[$group] += 1 - $errors[$i] / $this->variances[$group];
        }
        $moved = 0.0;
        foreach ($this->variances as $group => $before) {
            $known = max(1e-9, $used[$group] + $this->priorLevels);
            $now = max(self::LEAST_VARIANCE, ($squares[$group] + $this->priorLevels * $this->priorSpread ** 2) / $known);
            $moved = max($moved, abs(log($now / $before)));
            $this->variances[$group] = $now;
        }

        return $moved;
    }

    /**
     * @param array<int, array<int, float>> $bend
     *
     * @return array<int, array<int, float>> with what the dispersion takes off and the variances add
     */
    private function penalized(array $bend): array
    {
        $by = 1 / $this->dispersion;
        foreach ($bend as $i => $row) {
            foreach ($row as $j => $value) {
                $row[$j] = $by * $value;
            }
            $row[$i] += 1 / $this->variances[$this->groups[$i]];
            $bend[$i] = $row;
        }

        return $bend;
    }

    private function events(): int
    {
        $events = 0;
        foreach ($this->cells->days as $cells) {
            foreach ($cells as $cell) {
                $events += $cell[2];
            }
        }

        return max(1, $events);
    }

    /**
     * The slopes of the likelihood where the effects stand, and how it bends there.
     *
     * @param bool $bends false where that is known
     *
     * @return array{array<int, float>, array<int, array<int, float>>} by column; rows of the lower triangle
     */
    private function slopes(bool $bends = true): array
    {
        $size = \count($this->groups);
        $slopes = array_fill(0, $size, 0.0);
        $bend = [];
        for ($i = 0; $i < $size; ++$i) {
            $bend[] = array_fill(0, $i + 1, 0.0);
        }
        $times = $this->times();
        $expected = $missing = array_fill(0, \count($times), 0.0);
        foreach ($this->cells->days as $cells) {
            [$rate, $total] = $this->day($cells, $times);
            if (0.0 === $rate) {
                continue;
            }
            $columns = [];
            foreach ($cells as [$pattern, $hours, $events]) {
                $mean = $rate * $hours * $times[$pattern];
                $expected[$pattern] += $mean;
                $missing[$pattern] += $events - $mean;
                foreach ($bends ? $this->cells->patterns[$pattern] : [] as $column) {
                    $columns[$column] = ($columns[$column] ?? 0.0) + $mean;
                }
            }
            krsort($columns);
            foreach ($columns as $i => $own) {
                $row = &$bend[$i];
                $own /= $total;
                foreach ($columns as $j => $other) {
                    $row[$j] -= $own * $other;
                }
                unset($row, $columns[$i]);
            }
        }
        foreach ($this->cells->patterns as $pattern => $columns) {
            $weight = $expected[$pattern];
            $short = $missing[$pattern];
            if (0.0 === $weight) {
                continue;
            }
            foreach ($columns as $at => $i) {
                $slopes[$i] += $short;
                if (!$bends) {
                    continue;
                }
                $row = &$bend[$i];
                for ($k = 0; $k <= $at; ++$k) {
                    $row[$columns[$k]] += $weight;
                }
                unset($row);
            }
        }

        return [$slopes, $bend];
    }

    /** @return array<int, float> by pattern, how many times the rate of the day */
    private function times(): array
    {
        $times = [];
        foreach ($this->cells->patterns as $columns) {
            $sum = 0.0;
            foreach ($columns as $column) {
                $sum += $this->effects[$column];
            }
            $times[] = exp($sum);
        }

        return $times;
    }

    /**
     * @param list<array{int, float, int, float, int}> $cells
     * @param array<int, float>                              $times
     *
     * @return array{float, float} what the day multiplies, and its events; 0 where it tells nothing
     */
    private function day(array $cells, array $times): array
    {
        $total = 0;
        $sum = 0.0;
        foreach ($cells as [$pattern, $hours, $events]) {
            $total += $events;
            $sum += $hours * $times[$pattern];
        }

        return \count($cells) > 1 && $total > 0 && $sum > 0 ? [$total / $sum, (float) $total] : [0.0, 0.0];
    }

    /**
     * Pearson's statistic over its degrees of freedom, of whole stints and of their blocks: whichever tells of more, and 1 at least. Among
     * blocks a day counts by its events, since a day with one flurry tells of a short one more often than of a long one.
     *
     * @param float $used of how many free effects the data made use, beside the days
     */
    private function pearson(float $used): float
    {
        $times = $this->times();
        $ofStints = $ofBlocks = $free = $freeBlocks = $weighed = 0.0;
        foreach ($this->cells->days as $cells) {
            [$rate, $total] = $this->day($cells, $times);
            if (0.0 === $rate) {
                continue;
            }
            $uneven = -$total;
            $blocks = -1;
            foreach ($cells as [$pattern, $hours, $events, $square, $in]) {
                $mean = $rate * $hours * $times[$pattern];
                $ofStints += ($events - $mean) ** 2 / $mean;
                $uneven += $square / $mean;
                $blocks += $in;
            }
            $ofBlocks += $total * $uneven;
            $weighed += $total * $blocks;
            $freeBlocks += $blocks;
            $free += \count($cells) - 1;
        }
        $stints = $free > $used ? $ofStints / ($free - $used) : 1.0;
        $blocks = $freeBlocks > $used ? $ofBlocks / $weighed / (1 - $used / $freeBlocks) : 1.0;

        return max(1.0, $stints, $blocks);
    }
}

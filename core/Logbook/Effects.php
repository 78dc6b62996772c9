<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Reading\ClarityBand;
use Kontrast\Statistics\PoissonFit;
use Kontrast\Statistics\QuasiPoisson;

/**
 * What each part is worth, all else being equal: one regression of bites over all stints, days being free, so that a good day and what was
 * always tied together are not credited to a part.
 */
final readonly class Effects
{
    /** What is believed of a factor before anything is noted: its levels lie so far apart, as firmly as two levels would tell. */
    private const PRIOR_LEVELS = 2.0;
    private const PRIOR_SPREAD = 0.17;
    /** A pair is told once the notes have told so much of what was not known before. (Chosen.) */
    private const LEAST_TOLD = 0.1;

    private function __construct(private FishedColumns $fished, private PoissonFit $fit)
    {
    }

    /**
     * @param list<FishedStint> $stints
     * @param self|null         $before what an earlier log came to: with a stint more it is much the same
     */
    public static function of(array $stints, ?self $before = null): self
    {
        [$fished, $cells] = FishedColumns::of($stints);

        return new self($fished, QuasiPoisson::shrunk(
            $cells,
            $fished->groupOf,
            self::PRIOR_LEVELS,
            self::PRIOR_SPREAD,
            $before?->among($fished),
        ));
    }

    public function dispersion(): float
    {
        return $this->fit->dispersion;
    }

    /** What is known, by the columns of another log. */
    private function among(FishedColumns $fished): PoissonFit
    {
        $effects = $variances = [];
        foreach ($fished->groups as $i => $group) {
            $known = array_search($group, $this->fished->groups, true);
            if (false === $known) {
                continue;
            }
            $variances[$i] = $this->fit->variances[$known];
            foreach (array_intersect_key($fished->columns[$group], $this->fished->columns[$group]) as $level => $column) {
                $effects[$column] = $this->fit->effects[$this->fished->columns[$group][$level]];
            }
        }

        $isSame = $fished->columns === $this->fished->columns;

        return new PoissonFit($effects, [], $variances, $this->fit->dispersion, 0, $isSame ? $this->fit->bend : [], $this->fit->events);
    }

    /** @return array<string, float> by group, how far its levels lie apart: the standard deviation of the logarithm of their ratios */
    public function spreads(): array
    {
        return array_combine($this->fished->groups, array_map(sqrt(...), $this->fit->variances));
    }

    /** @return list<string> the levels of a factor that were fished long enough to be told apart */
    public function levels(Factor $factor): array
    {
        return $this->fished->levelsOf($factor);
    }

    /**
     * Every pair of which the notes tell something, the better one first: over all waters, and in each clarity by itself where that may
     * differ.
     *
     * @return list<Effect> the surest first
     */
    public function all(): array
    {
        $effects = [];
        foreach (array_filter(Factor::cases(), static fn (Factor $one): bool => $one->isChosen()) as $factor) {
            $levels = $this->levels($factor);
            foreach ($levels as $i => $a) {
                foreach (\array_slice($levels, $i + 1) as $b) {
                    $effects = [...$effects, ...$this->views($factor, $a, $b)];
                }
            }
        }
        usort($effects, static fn (Effect $x, Effect $y): int => $y->leaning() <=> $x->leaning());

        return $effects;
    }

    /** One beside another; of what was not fished, or for too short a time, nothing is told. */
    public function one(Factor $factor, string $a, string $b, ?ClarityBand $clarity = null): Effect
    {
        $isByClarity = \in_array($factor, FishedColumns::BY_CLARITY, true);
        $clarity = $isByClarity ? $clarity : null;
        $parts = [[$this->variance($factor), 1.0, null]];
        foreach ($isByClarity ? $this->waters($factor, $a, $b, $clarity) : [] as $water => $share) {
            $parts[] = [$this->variance($factor, true), $share, ClarityBand::from($water)];
        }
        $isKnown = null !== $this->fished->column($factor, $a) && null !== $this->fished->column($factor, $b);
        $weights = [];
        $prior = $unknown = 0.0;
        foreach ($parts as [$variance, $share, $water]) {
            $prior += 2 * $variance * $share ** 2;
            foreach ([[$a, $share], [$b, -$share]] as [$level, $weight]) {
                $column = $this->fished->column($factor, $level, $water);
                if (null === $column || !$isKnown) {
                    $unknown += $variance * $share ** 2;
                } else {
                    $weights[$column] = $weight;
                }
            }
        }
        [$value, $variance] = $this->fit->sum($weights);
        $hours = $this->fished->hoursOf($factor, $a, $clarity) + $this->fished->hoursOf($factor, $b, $clarity);

        return new Effect($factor, $clarity, $a, $b, $value, sqrt($variance + $unknown), $prior, $hours);
    }

    /** @return list<Effect> */
    private function views(Factor $factor, string $a, string $b): array
    {
        $views = [];
        foreach ([null, ...(\in_array($factor, FishedColumns::BY_CLARITY, true) ? ClarityBand::cases() : [])] as $clarity) {
            // Where either was not fished nothing is told of it.
            $fished = fn (string $level): bool => null === $clarity || $this->fished->hoursOf($factor, $level, $clarity) > 0;
            if (!$fished($a) || !$fished($b)) {
                continue;
            }
            $effect = $this->one($factor, $a, $b, $clarity);
            if ($effect->told() >= self::LEAST_TOLD) {
                $views[] = $effect->value < 0 ? $effect->turned() : $effect;
            }
        }

        return $views;
    }

    /** @return array<string, float> the clarities that either was fished in, each with its share of the hours */
    private function waters(Factor $factor, string $a, string $b, ?ClarityBand $only): array
    {
        if (null !== $only) {
            return [$only->value => 1.0];
        }
        $hours = [];
        foreach (ClarityBand::cases() as $clarity) {
            $hours[$clarity->value] = $this->fished->hoursOf($factor, $a, $clarity) + $this->fished->hoursOf($factor, $b, $clarity);
        }
        $sum = array_sum($hours);

        return array_map(static fn (float $one): float => $one / $sum, array_filter($hours, static fn (float $one): bool => $one > 0));
    }

    private function variance(Factor $factor, bool $isByClarity = false): float
    {
        $group = array_search(FishedColumns::group($factor, $isByClarity), $this->fished->groups, true);

        return false === $group ? self::PRIOR_SPREAD ** 2 : $this->fit->variances[$group];
    }
}

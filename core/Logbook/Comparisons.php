<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Reading\ClarityBand;
use Kontrast\Statistics\RateRatio;
use Kontrast\Statistics\Shrinkage;
use Kontrast\Statistics\Stratum;

/**
 * Every choice beside every other of its kind, on the same day in water and light that were alike: over all waters, and in each clarity
 * where both were fished.
 */
final class Comparisons
{
    /** Two levels are compared where each was fished so long that day. (Chosen.) */
    private const LEAST_HOURS = 0.25;

    /** @return list<Comparison> the surest first */
    public static function compare(Counts $counts, float $dispersion): array
    {
        $seen = [];
        foreach ($counts->alike as $factor => $days) {
            foreach (self::pairs($days) as [$a, $b, $byClarity]) {
                foreach (self::views($byClarity) as [$clarity, $strata]) {
                    $ratio = RateRatio::of($strata, $dispersion);
                    if (null !== $ratio) {
                        $seen[] = [Factor::from($factor), $clarity, $a, $b, $ratio];
                    }
                }
            }
        }
        $believed = Shrinkage::shrink(array_map(static fn (array $one): array => [log($one[4]->ratio), $one[4]->logError], $seen));
        $comparisons = [];
        foreach ($seen as $i => [$factor, $clarity, $a, $b, $ratio]) {
            $comparisons[] = new Comparison($factor, $clarity, $a, $b, $ratio, $ratio->believed($believed[$i]));
        }
        usort($comparisons, static fn (Comparison $x, Comparison $y): int => $y->sureness() <=> $x->sureness());

        return $comparisons;
    }

    /**
     * All waters together, and each clarity by itself where there are several.
     *
     * @param array<string, list<Stratum>> $byClarity
     *
     * @return list<array{ClarityBand|null, list<Stratum>}>
     */
    private static function views(array $byClarity): array
    {
        $views = 1 === \count($byClarity) ? [] : [[null, array_merge(...array_values($byClarity))]];
        foreach ($byClarity as $clarity => $strata) {
            $views[] = [ClarityBand::from($clarity), $strata];
        }

        return $views;
    }

    /**
     * The better one of each pair first, as far as the notes go.
     *
     * @param array<string, array<int|string, Count>> $days by day's stratum and level
     *
     * @return list<array{string, string, array<string, list<Stratum>>}> strata by clarity
     */
    private static function pairs(array $days): array
    {
        $pairs = [];
        foreach ($days as $stratum => $levels) {
            unset($levels[StintLevels::NONE]);
            $levels = array_filter($levels, static fn (Count $count): bool => $count->hours >= self::LEAST_HOURS);
            $clarity = substr($stratum, 0, (int) strpos($stratum, ' '));
            ksort($levels);
            $names = array_keys($levels);
            foreach ($names as $i => $a) {
                for ($k = $i + 1; $k < \count($names); ++$k) {
                    $b = $names[$k];
                    $pairs["$a\n$b"][$clarity][] = new Stratum(
                        $levels[$a]->bites,
                        $levels[$a]->hours,
                        $levels[$b]->bites,
                        $levels[$b]->hours,
                    );
                }
            }
        }

        return array_map(self::betterFirst(...), array_map(strval(...), array_keys($pairs)), array_values($pairs));
    }

    /**
     * @param array<string, list<Stratum>> $byClarity
     *
     * @return array{string, string, array<string, list<Stratum>>}
     */
    private static function betterFirst(string $key, array $byClarity): array
    {
        [$a, $b] = [...explode("\n", $key), ''];
        $isTurned = (RateRatio::of(array_merge(...array_values($byClarity)))->ratio ?? 1.0) < 1.0;

        return $isTurned
            ? [$b, $a, array_map(
                static fn (array $strata): array => array_map(static fn (Stratum $one): Stratum => $one->turned(), $strata),
                $byClarity,
            )]
            : [$a, $b, $byClarity];
    }
}

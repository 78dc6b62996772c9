<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/**
 * How many times as much counts vary as chance alone would have it: Pearson's statistic over its degrees of freedom (McCullagh & Nelder,
 * Generalized Linear Models, 2nd ed., 4.5 and 6.2; from memory). Days differ, and who does not allow for it is too sure.
 */
final class Dispersion
{
    /**
     * @param iterable<array{string, int, float}> $cells group, events and hours of each; the cells of a group share one rate
     *
     * @return float 1 or more
     */
    public static function of(iterable $cells): float
    {
        $groups = [];
        foreach ($cells as [$group, $events, $hours]) {
            if ($hours > 0) {
                $groups[$group][] = [$events, $hours];
            }
        }
        $pearson = 0.0;
        $free = 0;
        foreach ($groups as $group) {
            $events = array_sum(array_column($group, 0));
            $hours = array_sum(array_column($group, 1));
            if (0 === $events || \count($group) < 2) {
                continue;
            }
            foreach ($group as [$seen, $fished]) {
                $expected = $events * $fished / $hours;
                $pearson += ($seen - $expected) ** 2 / $expected;
            }
            $free += \count($group) - 1;
        }

        return 0 === $free ? 1.0 : max(1.0, $pearson / $free);
    }
}

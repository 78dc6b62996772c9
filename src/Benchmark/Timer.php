<?php

declare(strict_types=1);

namespace App\Benchmark;

/** Runs a thing over and over and tells how long one run took. */
final class Timer
{
    /**
     * The middle of several runs, after one that warms up.
     *
     * @return float milliseconds a run
     */
    public static function median(callable $run, int $times = 31): float
    {
        $run();
        $took = [];
        for ($i = 0; $i < $times; ++$i) {
            $start = hrtime(true);
            $run();
            $took[] = (hrtime(true) - $start) / 1e6;
        }
        sort($took);

        return $took[intdiv($times, 2)];
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Practice;

/**
 * How sharp an eye is: the share of right answers by how many times as far one lure is seen as the other, a logistic psychometric function
 * with a guess rate of one half and a lapse rate of 2 % (Wichmann & Hill 2001, Perception & Psychophysics 63, 1293; from memory), its
 * threshold and slope as the mean over a grid, weighed by the answers and by what one would think before any.
 */
final readonly class Sharpness
{
    private const GUESS = 0.5;
    private const LAPSE = 0.02;
    /** Before any answer: the threshold lies about here, and so many natural logarithms to either side of it. (Chosen.) */
    private const USUAL = 2.5;
    private const SPREAD = 0.6;
    private const THRESHOLDS = [1.1, 12.0, 40];
    private const SLOPES = [0.15, 0.25, 0.4, 0.6, 0.9];

    private function __construct(private float $place, private float $slope)
    {
    }

    /** @param list<array{float, bool}> $answers ratio, and whether it was right */
    public static function of(array $answers): self
    {
        [$from, $to, $steps] = self::THRESHOLDS;
        $sum = $place = $slope = 0.0;
        $grid = [];
        for ($i = 0; $i <= $steps; ++$i) {
            $at = log($from) + $i / $steps * (log($to) - log($from));
            foreach (self::SLOPES as $steep) {
                $one = new self($at, $steep);
                $log = -0.5 * (($at - log(self::USUAL)) / self::SPREAD) ** 2;
                foreach ($answers as [$ratio, $isRight]) {
                    $share = $one->share($ratio);
                    $log += log($isRight ? $share : 1 - $share);
                }
                $grid[] = [$log, $at, $steep];
            }
        }
        $most = max(-\INF, ...array_column($grid, 0));
        foreach ($grid as [$log, $at, $steep]) {
            $weight = exp($log - $most);
            $sum += $weight;
            $place += $weight * $at;
            $slope += $weight * $steep;
        }

        return new self($place / $sum, $slope / $sum);
    }

    /** The share of right answers where the one is seen so many times as far as the other. */
    public function share(float $ratio): float
    {
        return self::GUESS + (1 - self::GUESS - self::LAPSE) / (1 + exp(-(log($ratio) - $this->place) / $this->slope));
    }

    /** Where three answers in four are right, about: what teaches most. */
    public function threshold(): float
    {
        return exp($this->place);
    }
}

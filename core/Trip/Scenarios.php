<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Measure\Angle;
use Kontrast\Reading\Sky;
use Kontrast\Reading\SkyAt;

/**
 * The day cut into scenarios: the skies a reading can have, at their mean sun height, times clarity, cover and forage. Quarter hours under
 * the same sky are one scenario, because every rule sees the same in them.
 */
final class Scenarios
{
    /** How likely low, likely and high visibility are. (Chosen.) */
    private const CLARITY = [0.25, 0.5, 0.25];

    /** @return non-empty-list<Scenario> their weights add up to 1 */
    public static function divide(TripPlan $plan): array
    {
        $forageSum = array_sum(array_column($plan->forage, 1));
        $scenarios = [];
        foreach (self::skies($plan) as [$sky, $elevation, $share, $from, $to]) {
            foreach ($plan->visibility as $i => $visibility) {
                foreach ($plan->covers as $cover) {
                    foreach ($plan->forage as [$forage, $of]) {
                        $scenarios[] = new Scenario(
                            $plan->reading->with(
                                sky: $sky,
                                sunElevation: $elevation,
                                visibility: $visibility,
                                cover: $cover,
                                forage: $forage,
                            ),
                            $share * self::CLARITY[$i] / \count($plan->covers) * $of / $forageSum,
                            $i,
                            $from,
                            $to,
                        );
                    }
                }
            }
        }

        return [] === $scenarios ? throw new \LogicException('A trip has at least one sky.') : self::merged($scenarios);
    }

    /**
     * @return list<array{Sky, Angle, float, int, int}> skies of a reading with the mean height of the sun under them, their share of the
     *                                                  day, and the minutes from which and to which they may be
     */
    private static function skies(TripPlan $plan): array
    {
        $found = [];
        $quarters = $plan->quarters();
        foreach ($quarters as $minute) {
            $middle = min($plan->to - 1, $minute + intdiv(TripPlan::QUARTER, 2));
            foreach ($plan->skiesAt($minute) as $overhead => $chance) {
                $light = SkyAt::of(Sky::from($overhead), $plan->sunAt($middle));
                $share = $chance / \count($quarters);
                [$sum, $height, $from] = $found[$light->sky->value] ?? [0.0, 0.0, $minute];
                $found[$light->sky->value] = [
                    $sum + $share,
                    $height + $share * $light->elevation->inDegrees(),
                    $from,
                    min($plan->to, $minute + TripPlan::QUARTER),
                ];
            }
        }

        return array_map(
            static fn (string $sky, array $one): array => [Sky::from($sky), Angle::degrees($one[1] / $one[0]), $one[0], $one[2], $one[3]],
            array_keys($found),
            $found,
        );
    }

    /**
     * @param non-empty-list<Scenario> $scenarios
     *
     * @return non-empty-list<Scenario> equal ones as one, as where all three visibilities are the same
     */
    private static function merged(array $scenarios): array
    {
        $merged = [];
        foreach ($scenarios as $one) {
            $key = serialize([$one->reading->sky, $one->reading->visibility->inInches(), $one->reading->cover, $one->reading->forage]);
            $merged[$key] = new Scenario(
                $one->reading,
                $one->weight + ($merged[$key]->weight ?? 0.0),
                $one->clarity,
                $one->from,
                $one->to,
            );
        }

        return array_values($merged);
    }
}

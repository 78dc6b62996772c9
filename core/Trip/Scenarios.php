<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Lure\LureKind;
use Kontrast\Measure\Angle;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Reading\SkyAt;
use Kontrast\Rulebook\LureRanking;

/**
 * The day cut into scenarios: the skies a reading can have, at their mean sun height, times clarity, cover, depth, forage and how they
 * bite. Quarter hours under the same sky are one scenario, because every rule sees the same in them.
 */
final class Scenarios
{
    /** How likely low, likely and high visibility are. (Chosen.) */
    private const CLARITY = [0.25, 0.5, 0.25];
    /** So many at most: the thinnest are taken for those that are most like them. (Chosen: with every draw, 1,000 rows.) */
    public const MOST = 40;
    /** How much of the time that is fished with a lure that covers water goes to the spot where one has bitten. (Chosen.) */
    private const AFTER_BITE = 0.15;

    /** @return non-empty-list<Scenario> their weights add up to 1 */
    public static function divide(TripPlan $plan): array
    {
        $scenarios = [];
        foreach (self::skies($plan) as [$sky, $elevation, $share, $from, $to]) {
            foreach (self::waters($plan) as [$water, $clarity, $of]) {
                $scenarios[] = new Scenario(
                    $water->with(sky: $sky, sunElevation: $elevation),
                    $share * $of,
                    $clarity,
                    $from,
                    $to,
                );
            }
        }

        return [] === $scenarios ? throw new \LogicException('A trip has at least one sky.') : self::merged($scenarios);
    }

    /**
     * With the spot where one has bitten, fished slower, where a lure that covers water suits best; as few as can be told apart.
     *
     * @param non-empty-list<Scenario> $scenarios
     * @param list<LureKind>           $lures
     *
     * @return non-empty-list<Scenario>
     */
    public static function ofLures(array $scenarios, LureRanking $ranking, array $lures): array
    {
        $all = [];
        foreach ($scenarios as $one) {
            $isSearch = \count($lures) > 1 && \in_array(LureKind::Jig, $lures, true) && self::best($one, $ranking, $lures)->isWound();
            $all[] = $isSearch ? $one->weighing((1 - self::AFTER_BITE) * $one->weight) : $one;
            if ($isSearch) {
                $all[] = $one->weighing(self::AFTER_BITE * $one->weight, true);
            }
        }

        return self::thinned($all);
    }

    /** @param list<LureKind> $lures */
    private static function best(Scenario $scenario, LureRanking $ranking, array $lures): LureKind
    {
        foreach ($ranking->rank($scenario->reading) as $ranked) {
            if (\in_array($ranked->kind, $lures, true)) {
                return $ranked->kind;
            }
        }

        throw new \LogicException('Every kind is ranked.');
    }

    /** @return list<array{Reading, int, float}> under any sky, which clarity, and its share */
    private static function waters(TripPlan $plan): array
    {
        $waters = [];
        foreach ($plan->visibility as $i => $visibility) {
            foreach ($plan->covers as $c => $cover) {
                foreach ($plan->depths as [$depth, $ofDepth]) {
                    foreach ($plan->forage as [$forage, $ofForage]) {
                        foreach ($plan->moods as [$bite, $ofMood]) {
                            $waters[] = [
                                $plan->reading->with(visibility: $visibility, cover: $cover, depth: $depth, forage: $forage, bite: $bite),
                                $i,
                                self::CLARITY[$i] * $plan->coverShares[$c] * $ofDepth * $ofForage * $ofMood,
                            ];
                        }
                    }
                }
            }
        }
        $sum = array_sum(array_column($waters, 2));

        return array_map(static fn (array $one): array => [$one[0], $one[1], $one[2] / $sum], $waters);
    }

    /**
     * @return list<array{Sky, Angle, float, int, int}> skies of a reading with the mean height of the sun under them, their share of the
     *                                                  day, and the minutes from which and to which they may be
     */
    private static function skies(TripPlan $plan): array
    {
        $found = [];
        $quarters = $plan->quarters();
        $all = array_sum(array_map($plan->minutesFrom(...), $quarters));
        foreach ($quarters as $minute) {
            $middle = min($plan->to - 1, $minute + intdiv(TripPlan::QUARTER, 2));
            foreach ($plan->skiesAt($minute) as $overhead => $chance) {
                $light = SkyAt::of(Sky::from($overhead), $plan->sunAt($middle));
                $share = $chance * $plan->minutesFrom($minute) / $all;
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
            $reading = $one->reading;
            $key = serialize([
                $reading->sky, $reading->visibility->inInches(), $reading->cover, $reading->depth->inInches(), $reading->forage,
                $reading->bite,
            ]);
            $merged[$key] = $one->weighing($one->weight + ($merged[$key]->weight ?? 0.0));
        }

        return array_values($merged);
    }

    /**
     * @param non-empty-list<Scenario> $scenarios
     *
     * @return non-empty-list<Scenario> the thinnest taken for those that are most like them, until they are few
     */
    private static function thinned(array $scenarios): array
    {
        usort($scenarios, static fn (Scenario $a, Scenario $b): int => $b->weight <=> $a->weight);
        while (\count($scenarios) > self::MOST) {
            $thin = array_pop($scenarios);
            $nearest = 0;
            $least = \INF;
            foreach ($scenarios as $i => $one) {
                $apart = $one->apart($thin);
                if ($apart < $least) {
                    [$nearest, $least] = [$i, $apart];
                }
            }
            $scenarios[$nearest] = $scenarios[$nearest]->weighing($scenarios[$nearest]->weight + $thin->weight);
        }

        return array_values($scenarios);
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Reading\SkyAt;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\Decision;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Value;

/**
 * Every moment at which a pick changes: as the sun moves, for each sky that may come; as one likely sky follows another; and as the water
 * clears. No rule looks at the sun's height itself (a test holds them to that), so picks change where the sky of a reading does, and those
 * moments are found exactly.
 */
final class Turns
{
    /** From one visibility to the next on the way from low to high, and how closely a change is found, inches. (Chosen.) */
    private const CLARITY_STEP = 1.06;
    private const CLARITY_TO_IN = 0.05;

    /** @var array<string, Decision> by what rules look at */
    private array $decided = [];

    public function __construct(private readonly Engine $engine)
    {
    }

    /** @return list<Turn> in the order of the day */
    public function ofLight(TripPlan $plan): array
    {
        $turns = [];
        foreach ($plan->possibleSkies() as $sky) {
            foreach ($this->limits($plan) as [$minute, $why]) {
                if (isset($plan->skiesAt($minute)[$sky->value])) {
                    $turns = [...$turns, ...$this->between($plan, $minute - 1, $sky, $minute, $sky, $why)];
                }
            }
        }
        foreach ($this->skyChanges($plan) as [$minute, $before, $after]) {
            $why = "the likely sky changes to {$after->label()}";
            $turns = [...$turns, ...$this->between($plan, $minute, $before, $minute, $after, $why)];
        }
        usort($turns, static fn (Turn $a, Turn $b): int => $a->minute <=> $b->minute);

        return $turns;
    }

    /** @return list<ClarityTurn> from the lowest visibility to the highest, at the middle of the trip under its likeliest sky */
    public function ofClarity(TripPlan $plan): array
    {
        $minute = intdiv($plan->from + $plan->to, 2);
        $sky = Sky::from((string) array_key_first($plan->skiesAt($minute)));
        $turns = [];
        foreach ($plan->lures as $lure) {
            $at = fn (float $inches): Assembly => $this->assembly($plan->at($minute, $sky, $lure, Length::inches($inches)));
            $most = $plan->visibility[2]->inInches();
            for ($low = $plan->visibility[0]->inInches(); $low < $most; $low = $high) {
                $high = min($most, $low * self::CLARITY_STEP);
                if ([] === self::changes($at($low), $at($high))) {
                    continue;
                }
                [$below, $above] = [$low, $high];
                while ($above - $below > self::CLARITY_TO_IN) {
                    $middle = ($below + $above) / 2;
                    if ([] === self::changes($at($low), $at($middle))) {
                        $below = $middle;
                    } else {
                        $above = $middle;
                    }
                }
                foreach (self::changes($at($low), $at($above)) as $change) {
                    $turns[] = new ClarityTurn(Length::inches(round($above, 1)), $lure, $sky, $change);
                }
                // What else changes on the way is found from here on.
                $high = $above;
            }
        }

        return $turns;
    }

    public function assembly(Reading $reading): Assembly
    {
        $key = implode(' ', [
            $reading->lure->value,
            $reading->sky->value,
            (string) $reading->visibility->inInches(),
            $reading->cover->value,
            $reading->forage->value,
        ]);

        return new Assembly($this->decided[$key] ??= $this->engine->decide($reading));
    }

    /** @return list<array{int, string}> the minutes of the trip at which the sun passes a limit, and how */
    private function limits(TripPlan $plan): array
    {
        $found = [];
        foreach (SkyAt::LIMITS_DEG as $degrees) {
            foreach ([true, false] as $isRising) {
                $at = $plan->sun->crossing($degrees, $isRising);
                if (null === $at) {
                    continue;
                }
                // The first whole minute on the other side.
                $minute = 60 * (int) $at->format('G') + (int) $at->format('i') + ((int) $at->format('s') > 0 ? 1 : 0);
                if ($minute > $plan->from && $minute < $plan->to) {
                    $found[] = [$minute, match (true) {
                        SkyAt::NIGHT_DEG === $degrees => $isRising ? 'dawn breaks' : 'night falls',
                        default => \sprintf($isRising ? 'the sun climbs above %d°' : 'the sun sinks below %d°', $degrees),
                    }];
                }
            }
        }

        return $found;
    }

    /** @return list<array{int, Sky, Sky}> the minutes at which another sky becomes the likeliest */
    private function skyChanges(TripPlan $plan): array
    {
        $changes = [];
        $before = null;
        for ($minute = $plan->from; $minute < $plan->to; ++$minute) {
            $now = (string) array_key_first($plan->skiesAt($minute));
            if (null !== $before && $now !== $before) {
                $changes[] = [$minute, Sky::from($before), Sky::from($now)];
            }
            $before = $now;
        }

        return $changes;
    }

    /** @return list<Turn> */
    private function between(TripPlan $plan, int $before, Sky $was, int $after, Sky $is, string $why): array
    {
        $turns = [];
        foreach ($plan->lures as $lure) {
            $changes = self::changes(
                $this->assembly($plan->at($before, $was, $lure)),
                $this->assembly($plan->at($after, $is, $lure)),
            );
            foreach ($changes as $change) {
                $turns[] = new Turn($after, $lure, $is, $why, $change);
            }
        }

        return $turns;
    }

    /** @return list<Change> but for those that only put the same colors in another order */
    private static function changes(Assembly $before, Assembly $after): array
    {
        return array_values(array_filter(
            Change::between($before, $after),
            static fn (Change $change): bool => self::keys($change->before) !== self::keys($change->after),
        ));
    }

    /**
     * @param list<Value> $values
     *
     * @return list<string> in one order
     */
    private static function keys(array $values): array
    {
        $keys = array_map(static fn (Value $value): string => $value->key, $values);
        sort($keys);

        return $keys;
    }
}

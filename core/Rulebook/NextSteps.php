<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Surface;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Sky;

/**
 * What to do next on the water (L2, L3, P6). Where fish follow and do not take, the second choice of each ballot is tied on, in
 * the order trailer, blade, lure; where sun or water change, the rules are asked again for what it would then be.
 */
final readonly class NextSteps
{
    /** How much further or less far one sees once the water has cleared or dirtied (chosen). */
    private const CLEARED = 2.0;
    private const DIRTIED = 0.5;

    public function __construct(private Engine $engine)
    {
    }

    /** @return list<NextStep> */
    public function after(Assembly $here): array
    {
        return [...$this->notTaking($here), ...$this->sun($here), ...$this->clearing($here), ...$this->dirtying($here)];
    }

    /** @return list<NextStep> */
    private function notTaking(Assembly $here): array
    {
        $because = 'They follow and turn away: change one thing at a time, trailer first.';
        $changes = [
            $this->second($here, Slot::TrailerBase),
            $this->otherSkin($here),
            $this->second($here, Slot::TrailerStyle),
            $this->second($here, Slot::Finish),
            $this->otherLure($here),
        ];

        return array_map(
            static fn (Change $change): NextStep => new NextStep(Occasion::NotTaking, $change, $because, ['L2']),
            array_values(array_filter($changes)),
        );
    }

    /**
     * What the ballot would have picked next; where nothing else was spoken for, what another school or a dirtier or clearer water would
     * pick.
     */
    private function second(Assembly $here, Slot $slot): ?Change
    {
        $tally = $here->decision->on($slot);
        if (null === $tally || !\in_array($slot, $here->slotsInUse(), true)) {
            return null;
        }
        $second = $tally->second();
        if (null !== $second) {
            return new Change($slot, $tally->winners, [$second], $tally->strongestFor($second)?->rule);
        }
        foreach ($this->otherwise($here, $slot) as $then) {
            foreach (Change::between($here, new Assembly($then)) as $change) {
                if ($change->slot === $slot && [] !== $change->after) {
                    return $change;
                }
            }
        }

        return null;
    }

    /** @return iterable<int, Decision> */
    private function otherwise(Assembly $here, Slot $slot): iterable
    {
        $reading = $here->decision->reading;
        $question = Slot::Finish === $slot ? SchoolQuestion::Finish : SchoolQuestion::Pairing;
        foreach ($question->schools() as $school) {
            yield $this->engine->reconsider(
                $here->decision,
                $reading->with(schools: $reading->schools->with($school)),
                'schools.'.$question->value,
            );
        }
        yield $this->atVisibility($here, self::DIRTIED);
        yield $this->atVisibility($here, self::CLEARED);
    }

    private function otherSkin(Assembly $here): ?Change
    {
        $now = $here->decision->pick(Slot::TrailerSurface, Surface::class);
        if (null === $now || !\in_array(Slot::TrailerSurface, $here->slotsInUse(), true)) {
            return null;
        }
        $other = Surface::Matte === $now ? Surface::Flake : Surface::Matte;

        return new Change(Slot::TrailerSurface, [Value::of($now)], [Value::of($other)], null);
    }

    /** From a lure that is wound to the jig, and from a jig to one that is wound. */
    private function otherLure(Assembly $here): Change
    {
        $now = $here->decision->reading->lure;

        return new Change(Slot::Lure, [Value::of($now)], [Value::of(LureKind::Jig === $now ? LureKind::SwimJig : LureKind::Jig)], null);
    }

    /** @return list<NextStep> */
    private function sun(Assembly $here): array
    {
        [$occasion, $sky, $because] = match ($here->decision->reading->sky) {
            Sky::Sun, Sky::Broken => [Occasion::SunGoes, Sky::Overcast, 'The light has changed: the blade goes with it.'],
            Sky::Overcast, Sky::Rain => [Occasion::SunComes, Sky::Sun, 'The light has changed: the blade goes with it.'],
            default => [null, null, ''],
        };

        return null === $occasion ? [] : $this->weighedAgain(
            $here,
            $occasion,
            $because,
            ['L3'],
            [Slot::Finish, Slot::FrontFinish, Slot::TrailerSurface],
            $this->engine->reconsider($here->decision, $here->decision->reading->with(sky: $sky), 'sky'),
        );
    }

    /** @return list<NextStep> */
    private function clearing(Assembly $here): array
    {
        return $this->weighedAgain(
            $here,
            Occasion::Clearing,
            'Twice as clear as now: go more natural.',
            ['L3'],
            [Slot::Pairing, Slot::Finish, Slot::SkirtBase, Slot::SkirtOpacity],
            $this->atVisibility($here, self::CLEARED),
        );
    }

    /** @return list<NextStep> */
    private function dirtying(Assembly $here): array
    {
        return $this->weighedAgain(
            $here,
            Occasion::Dirtying,
            'Half as clear as now: a bolder trailer saves changing the lure.',
            ['P6', 'P4'],
            [Slot::TrailerBase, Slot::TrailerAccents],
            $this->atVisibility($here, self::DIRTIED),
        );
    }

    private function atVisibility(Assembly $here, float $times): Decision
    {
        $reading = $here->decision->reading;

        return $this->engine->reconsider(
            $here->decision,
            $reading->with(visibility: $reading->visibility->times($times)),
            Quantity::Visibility->value,
        );
    }

    /**
     * @param list<string> $facts
     * @param list<Slot>   $slots the picks that go with the occasion
     *
     * @return list<NextStep>
     */
    private function weighedAgain(Assembly $here, Occasion $occasion, string $because, array $facts, array $slots, Decision $then): array
    {
        $changes = array_filter(
            Change::between($here, new Assembly($then)),
            static fn (Change $change): bool => \in_array($change->slot, $slots, true) && [] !== $change->before && [] !== $change->after,
        );

        return array_map(
            static fn (Change $change): NextStep => new NextStep($occasion, $change, $because, $facts),
            array_values($changes),
        );
    }
}

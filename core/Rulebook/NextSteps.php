<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Surface;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Sky;

/**
 * What to do next on the water (L2, L3, P6, S25). Where fish follow but won't bite, the runner-up of each question is tied on, in
 * the order trailer, blade, lure; where sun or water change, the rules are counted again for what it would then be.
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
    public function after(Assembly $here, FollowUp $followUp): array
    {
        $others = new Alternatives($this->engine, $here);

        return [...$this->notTaking($others, $followUp), ...$this->sun($here), ...$this->clearing($others), ...$this->dirtying($others)];
    }

    /** @return list<NextStep> */
    private function notTaking(Alternatives $others, FollowUp $followUp): array
    {
        $here = $others->here;
        $because = 'They follow but won’t bite: change one thing at a time, the trailer first.';
        $changes = [
            $this->second($others, Slot::TrailerBase),
            $this->otherSkin($here),
            $this->second($others, Slot::TrailerStyle),
            $this->second($others, Slot::Finish),
            new Change(Slot::Lure, [Value::of($here->decision->reading->lure)], [Value::of($followUp->kind)], null),
        ];

        return [...array_map(
            static fn (Change $change): NextStep => new NextStep(Occasion::NotTaking, $change, $because, ['L2']),
            array_values(array_filter($changes)),
        ), ...$this->refused($here)];
    }

    /**
     * Chartreuse-white refused in shad water (S25).
     *
     * @return list<NextStep>
     */
    private function refused(Assembly $here): array
    {
        $isOn = Forage::Shad === $here->decision->reading->mainForage()
            && ['chartreuse'] === $here->keys(Slot::SkirtBase)
            && \in_array(Colour::White->value, $here->keys(Slot::SkirtAccents), true);
        $because = 'Chartreuse and white refused in shad water: chartreuse with pearl and barred strands.';
        $changes = $isOn ? [
            new Change(Slot::SkirtAccents, [Value::of(Colour::White)], [Value::of(Colour::Pearl)], null),
            new Change(Slot::SkirtStrands, [Value::of(Strands::Solid)], [Value::of(Strands::Barred)], null),
        ] : [];

        return array_map(static fn (Change $change): NextStep => new NextStep(Occasion::NotTaking, $change, $because, ['S25']), $changes);
    }

    /**
     * What had the next most votes; where nothing else had any, what another school or a dirtier or clearer water would pick.
     */
    private function second(Alternatives $others, Slot $slot): ?Change
    {
        $here = $others->here;
        $tally = $here->decision->on($slot);
        if (null === $tally || !\in_array($slot, $here->slotsInUse(), true)) {
            return null;
        }
        $second = $tally->second();
        if (null !== $second) {
            return new Change($slot, $tally->winners, [$second], $tally->strongestFor($second)?->rule);
        }
        foreach ($this->otherwise($others, $slot) as $then) {
            foreach (Change::between($here, new Assembly($then)) as $change) {
                if ($change->slot === $slot && [] !== $change->after) {
                    return $change;
                }
            }
        }

        return null;
    }

    /** @return iterable<int, Decision> */
    private function otherwise(Alternatives $others, Slot $slot): iterable
    {
        yield from $others->inSchoolsOf(Slot::Finish === $slot ? SchoolQuestion::Finish : SchoolQuestion::Pairing);
        yield $others->atVisibility(self::DIRTIED);
        yield $others->atVisibility(self::CLEARED);
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

    /** @return list<NextStep> */
    private function sun(Assembly $here): array
    {
        [$occasion, $sky, $because] = match ($here->decision->reading->sky) {
            Sky::Sun, Sky::Broken => [Occasion::SunGoes, Sky::Overcast, 'Different light: change the blade.'],
            Sky::Overcast, Sky::Rain => [Occasion::SunComes, Sky::Sun, 'Different light: change the blade.'],
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
    private function clearing(Alternatives $others): array
    {
        return $this->weighedAgain(
            $others->here,
            Occasion::Clearing,
            'Water twice as clear: use more natural colors.',
            ['L3'],
            [Slot::Pairing, Slot::Finish, Slot::SkirtBase, Slot::SkirtOpacity],
            $others->atVisibility(self::CLEARED),
        );
    }

    /** @return list<NextStep> */
    private function dirtying(Alternatives $others): array
    {
        return $this->weighedAgain(
            $others->here,
            Occasion::Dirtying,
            'Water half as clear: a bolder trailer does it without changing the lure.',
            ['P6', 'P4'],
            [Slot::TrailerBase, Slot::TrailerAccents],
            $others->atVisibility(self::DIRTIED),
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

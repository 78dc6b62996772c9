<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/**
 * Why each pick is what it is: the rule with the most votes for it whose sentence the whole lure bears out. A rule that says "plain" is no
 * reason for a skirt that has accents in the end, nor one that picks orange strands for a skirt that has none.
 */
final readonly class Reasons
{
    /** @return list<Reason> one for every value picked, in the order of settling */
    public static function collect(Assembly $lure): array
    {
        $reasons = [];
        foreach ($lure->slotsInUse() as $slot) {
            $tally = $lure->decision->on($slot);
            if (null === $tally) {
                continue;
            }
            foreach ($tally->winners as $value) {
                $isForIt = static fn (Vote $vote): bool => $vote->value->key === $value->key;
                $votes = array_values(array_filter($tally->votesFor(), $isForIt));
                $told = self::told(Slot::Set === $slot ? self::itsOwnFirst($votes) : $votes, $lure);
                if (null === $told) {
                    continue;
                }
                $reasons[] = new Reason(
                    $slot,
                    $value,
                    $told->rule,
                    $told->strength,
                    $told->rule->schoolHeld($lure->decision->reading)?->value,
                    array_values(array_filter($votes, static fn (Vote $vote): bool => $vote->rule !== $told->rule)),
                    $tally->votesAgainst(),
                    $tally->firmness(),
                    $tally->second(),
                );
            }
        }

        return $reasons;
    }

    /**
     * A rule of a finish speaks for a set too: what names the set is told before it.
     *
     * @param list<Vote> $votes
     *
     * @return list<Vote>
     */
    private static function itsOwnFirst(array $votes): array
    {
        $isItsOwn = static fn (Vote $vote): bool => Slot::Set === ($vote->rule->for[0] ?? null)?->slot;

        return [
            ...array_filter($votes, $isItsOwn),
            ...array_filter($votes, static fn (Vote $vote): bool => !$isItsOwn($vote)),
        ];
    }

    /** @param list<Vote> $votes for one value, most first */
    private static function told(array $votes, Assembly $lure): ?Vote
    {
        foreach ($votes as $vote) {
            if (self::isBorneOut($vote->rule, $lure)) {
                return $vote;
            }
        }

        return $votes[0] ?? null;
    }

    /** Whether the lure is as the rule claims, and has something of all that the rule picks for the same part. */
    public static function isBorneOut(Rule $rule, Assembly $lure): bool
    {
        foreach ($rule->claims as $claim) {
            if (!$claim->isBorneOut($lure)) {
                return false;
            }
        }
        $picked = [];
        foreach ($rule->for as $pick) {
            if (null !== $pick->value && $pick->slot->part() === $rule->part()) {
                $picked[$pick->slot->value][] = $pick->value->key;
            }
        }
        foreach ($picked as $slot => $keys) {
            if ([] === array_intersect($keys, $lure->keys(Slot::from($slot)))) {
                return false;
            }
        }

        return true;
    }
}

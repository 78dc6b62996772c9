<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** A pick that comes out otherwise: what it was, what it becomes, and the rule that speaks loudest for what it becomes. */
final readonly class Change
{
    /**
     * @param list<Value> $before empty where the part was not there
     * @param list<Value> $after  empty where nothing takes its place
     */
    public function __construct(public Slot $slot, public array $before, public array $after, public ?Rule $rule)
    {
    }

    /** @return list<self> every pick in use that differs, in the order of settling; a part left off is told once, where that is settled */
    public static function between(Assembly $before, Assembly $after): array
    {
        $changes = [];
        if ($after->decision->tallies === $before->decision->tallies) {
            return [];
        }
        $was = $before->slotsInUse();
        foreach ($after->slotsInUse() as $slot) {
            $old = \in_array($slot, $was, true) ? ($before->decision->on($slot)->winners ?? []) : [];
            $new = $after->decision->on($slot)->winners ?? [];
            if (self::keys($old) !== self::keys($new)) {
                $changes[] = new self($slot, $old, $new, self::rule($after->decision->on($slot), $old, $new));
            }
        }

        return $changes;
    }

    /**
     * The loudest for what is new, or, where something only went, the loudest for what stayed or against what went.
     *
     * @param list<Value> $old
     * @param list<Value> $new
     */
    private static function rule(?Tally $tally, array $old, array $new): ?Rule
    {
        $fresh = array_values(array_filter($new, static fn (Value $value): bool => !\in_array($value->key, self::keys($old), true)));
        $told = $fresh[0] ?? $new[0] ?? null;

        return null === $told ? null : $tally?->strongestFor($told)?->rule;
    }

    /**
     * @param list<Value> $values
     *
     * @return list<string>
     */
    private static function keys(array $values): array
    {
        return array_map(static fn (Value $value): string => $value->key, $values);
    }
}

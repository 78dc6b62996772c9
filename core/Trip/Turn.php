<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\Sky;
use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;

/** A moment at which a pick changes. */
final readonly class Turn
{
    /**
     * @param int    $minute after midnight, by the clock of the place
     * @param Sky    $sky    overhead from then on
     * @param string $why    what happens then: "the sun climbs above 12°"
     */
    public function __construct(public int $minute, public LureKind $lure, public Sky $sky, public string $why, public Change $change)
    {
    }

    /** The reason of the rule that decides the new pick, or what happens where no rule has one. */
    public function because(): string
    {
        return $this->change->rule->because ?? ucfirst($this->why).'.';
    }

    /** The whole in a line: "Jig: skirt base from black to green pumpkin." */
    public function words(): string
    {
        return \sprintf(
            '%s: %s from %s to %s.',
            ucfirst($this->lure->label()),
            self::pick($this->change->slot),
            self::said($this->change->before),
            self::said($this->change->after),
        );
    }

    private static function pick(Slot $slot): string
    {
        $part = rtrim($slot->part(), 's');
        $isNamed = 'lure' === $part || str_contains($slot->label(), $part);

        return $isNamed ? $slot->label() : "$part {$slot->label()}";
    }

    /** @param list<Value> $values */
    private static function said(array $values): string
    {
        return [] === $values ? 'none' : implode(' and ', array_map(
            static function (Value $value): string {
                $label = \is_object($value->of) && method_exists($value->of, 'label') ? $value->of->label() : null;

                return \is_string($label) ? $label : $value->key;
            },
            $values,
        ));
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\PartColour;
use Kontrast\Lure\Colour;
use Kontrast\Lure\HookSize;
use Kontrast\Measure\Weight;
use Kontrast\Rulebook\Brief;
use Kontrast\Rulebook\Slot;

/** How much of the trade's say a value has: what its rules came to beside what the pick's came to. */
final class RuleScore
{
    /** Weights this many doublings apart count for nothing, beyond the range that serves. (Chosen.) */
    private const WEIGHT_DOUBLINGS = 1.0;
    private const WITHIN_RANGE = 0.15;

    /** @var array<string, array<string, float>> by slot and key */
    private array $shares = [];

    public function __construct(private readonly Brief $brief, private readonly ColourCloseness $closeness = new ColourCloseness())
    {
    }

    /** 1 for what was picked, less for what had fewer voices, 0 for what had none. */
    public function share(Slot $slot, string $key): float
    {
        $shares = $this->shares($slot);

        return [] === $shares ? 1.0 : $shares[$key] ?? 0.0;
    }

    /** @return array<string, float> by key, most first */
    private function shares(Slot $slot): array
    {
        if (!isset($this->shares[$slot->value])) {
            $scores = $this->brief->scores[$slot->value] ?? [];
            $most = [] === $scores ? 1.0 : max($scores);
            $this->shares[$slot->value] = array_map(static fn (float $score): float => $score / $most, $scores);
        }

        return $this->shares[$slot->value];
    }

    /**
     * The best a colour does over all colours that rules vote for: each word's share, weakened by how far the colour is off it.
     *
     * @return array{float, Colour|null} the share, and the word it was won by
     */
    public function colour(Slot $slot, PartColour $partColour): array
    {
        return $this->best($slot, fn (Colour $word): float => $this->closeness->measure($partColour, $word));
    }

    /** No less than the share of colour(), and found by lightness alone. */
    public function colourAtMost(Slot $slot, PartColour $partColour): float
    {
        return $this->best($slot, fn (Colour $word): float => $this->closeness->atMost($partColour, $word))[0];
    }

    /**
     * @param \Closure(Colour): float $closeness
     *
     * @return array{float, Colour|null} the best share, and the word it was won by
     */
    private function best(Slot $slot, \Closure $closeness): array
    {
        $best = [0.0, null];
        foreach ($this->shares($slot) as $key => $most) {
            if ($most <= $best[0]) {
                // The words that follow have fewer voices still.
                break;
            }
            $word = Colour::from($key);
            $share = $most * $closeness($word);
            if ($share > $best[0]) {
                $best = [$share, $word];
            }
        }

        return $best;
    }

    /**
     * How well a set of accents does for the ones advised: each advised one by the nearest owned; accents nobody asked for cost a quarter
     * each.
     *
     * @param list<Colour> $advised
     * @param list<PartColour>    $owned
     */
    public function accents(array $advised, array $owned): float
    {
        if ([] === $advised) {
            return max(0.0, 1 - 0.25 * \count($owned));
        }
        $sum = 0.0;
        foreach ($advised as $word) {
            $nearest = 0.0;
            foreach ($owned as $colour) {
                $nearest = max($nearest, $this->closeness->measure($colour, $word));
            }
            $sum += $nearest;
        }

        return max(0.0, $sum / \count($advised) - 0.25 * max(0, \count($owned) - \count($advised)));
    }

    /** Full for the weight advised, a little less within the range that serves, nothing a doubling beyond it. */
    public function weight(Weight $weight): float
    {
        $head = $this->brief->build->head;
        $doublings = static fn (Weight $from): float => abs(log($weight->inOunces() / $from->inOunces(), 2));
        if ($weight->inOunces() >= $head->range->least->inOunces() && $weight->inOunces() <= $head->range->most->inOunces()) {
            return 1 - self::WITHIN_RANGE * min(1.0, $doublings($head->weight));
        }
        $beyond = min($doublings($head->range->least), $doublings($head->range->most));

        return (1 - self::WITHIN_RANGE) * max(0.0, 1 - $beyond / self::WEIGHT_DOUBLINGS);
    }

    /** The hook advised counts in full, the next size for half. */
    public function hook(HookSize $size): float
    {
        $advised = $this->brief->build->trailerHook;

        return null === $advised ? 0.0 : max(0.0, 1 - abs($size->aught - $advised->size->aught) / 2);
    }
}

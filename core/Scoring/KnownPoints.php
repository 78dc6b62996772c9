<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Rulebook\Brief;

/** Points of parts that were worked out before, for a brief that says the same of that slot. */
final class KnownPoints
{
    /** @var array<string, \WeakMap<object, int>> by slot */
    private array $maps = [];
    private ?PairPoints $pairs = null;

    public function __construct(private readonly SharedScores $shared, private readonly Brief $brief, private readonly ViewedParts $viewed)
    {
    }

    /**
     * Where only the votes on a slot, and what is advised for it, decide.
     *
     * @param string             $slot   prefix of its slots: trailer
     * @param \Closure(): int    $points
     */
    public function byVotes(string $what, string $slot, mixed $advised, object $part, \Closure $points): int
    {
        $map = $this->maps[$what] ??= $this->shared->points($what.hash('xxh128', serialize([
            $advised,
            array_filter($this->brief->scores, static fn (string $of): bool => str_starts_with($of, $slot), \ARRAY_FILTER_USE_KEY),
        ])));

        return $map[$part] ??= $points();
    }

    /**
     * Where only the scene and what is asked of the part decide.
     *
     * @param \Closure(): int $points
     */
    public function byScene(string $what, string $asked, object $part, \Closure $points): int
    {
        $map = $this->maps[$what] ??= $this->shared->points("$what $asked {$this->viewed->key}");

        return $map[$part] ??= $points();
    }

    /**
     * Of a skirt with a trailer, where only the scene and what is asked of the pair decide.
     *
     * @param \Closure(): int $points
     */
    public function ofPair(string $asked, InventorySkirt $skirt, InventoryTrailer $trailer, \Closure $points): int
    {
        $this->pairs ??= $this->shared->pairs("$asked {$this->viewed->key}");

        return $this->pairs->points[$skirt->id][$trailer->id] ??= $points();
    }
}

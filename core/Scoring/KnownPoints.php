<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Rulebook\Brief;

/** Points of parts that were worked out before, for a brief that says the same of that slot. */
final class KnownPoints
{
    /** @var array<string, \WeakMap<object, int>> by slot */
    private array $maps = [];

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
     * Of a skirt with each of many trailers, where only the scene and what is asked of the pair decide.
     *
     * @template T of object
     *
     * @param list<T|null>            $trailers
     * @param \Closure(): list<int> $points
     *
     * @return list<int>
     */
    public function ofPairs(string $asked, object $skirt, array $trailers, \Closure $points): array
    {
        $map = $this->shared->pairs("$asked {$this->viewed->key}");
        $known = $map[$skirt] ?? null;
        if (null === $known || $known[0] !== $trailers) {
            $known = $map[$skirt] = [$trailers, $points()];
        }

        return $known[1];
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/**
 * Counts with the hours they took, by day, and what was true of each: which columns of a regression are 1. All others are 0.
 */
final class CountCells
{
    /** Bites are counted in blocks of about so many hours to see whether they come in flurries. (Chosen.) */
    private const BLOCK_HOURS = 0.5;

    /** @var list<list<int>> by pattern, the columns that are 1 */
    public array $patterns = [];
    /** @var array<int|string, list<array{int, float, int, float, int}>> by day, as add() takes them */
    public array $days = [];

    /**
     * @param float $uneven the sum over blocks of events² over the block's share of the hours; 0 where nothing bit
     * @param int   $blocks into how many the hours were cut
     */
    public function add(int|string $day, int $pattern, float $hours, int $events, float $uneven, int $blocks): void
    {
        $this->days[$day][] = [$pattern, $hours, $events, $uneven, $blocks];
    }

    /**
     * How unevenly events are spread over equal blocks of a time.
     *
     * @param list<int> $at seconds
     *
     * @return array{float, int} as add() takes it
     */
    public static function uneven(int $start, int $end, array $at): array
    {
        $blocks = max(1, (int) round(($end - $start) / (3600 * self::BLOCK_HOURS)));
        if ([] === $at) {
            return [0.0, $blocks];
        }
        $in = [];
        foreach ($at as $second) {
            $block = max(0, min($blocks - 1, intdiv(($second - $start) * $blocks, max(1, $end - $start))));
            $in[$block] = ($in[$block] ?? 0) + 1;
        }
        $sum = 0.0;
        foreach ($in as $events) {
            $sum += $events * $events * $blocks;
        }

        return [$sum, $blocks];
    }
}

<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Logbook\Effects;
use Kontrast\Logbook\Factor;

/**
 * Nobody is certain what a bass thinks of a kind of lure, a skirt, a finish or a trailer: how far each may be off, and what the log knows.
 * What the fish think on a day is drawn so many times, the same for every box.
 */
final readonly class Doubts
{
    public const DRAWS = 24;
    private const SEED = 1;
    /** Standard deviations of the logarithm of what something may be worth more or less, before a log tells. (Chosen.) */
    private const PRIOR = ['lure' => 0.25, 'skirt' => 0.2, 'finish' => 0.2, 'trailer' => 0.12, 'style' => 0.12];
    /** No log makes anybody surer or less sure than this. (Chosen.) */
    private const LEAST = 0.1;
    private const MOST = 0.4;
    /** What a kind of lure gets that no fact speaks for, beside one that all speak for: the catch differs less than the votes. (Chosen.) */
    private const POOREST_KIND = 0.7;
    /** A log has a say about a pair of kinds once it told so much of what was not known. (Chosen.) */
    private const TOLD = 0.5;

    /**
     * @param array<string, float> $spreads by factor
     * @param array<string, float> $kinds   by kind, how many times the catch of the kinds that were fished together, as the log has it
     */
    private function __construct(private array $spreads, private array $kinds)
    {
    }

    public static function prior(): self
    {
        return new self(self::PRIOR, []);
    }

    /** Without any: what the rules say is so. */
    public static function none(): self
    {
        return new self(array_map(static fn (): float => 0.0, self::PRIOR), []);
    }

    public static function ofLog(Effects $log): self
    {
        $known = array_intersect_key($log->spreads(), self::PRIOR);
        $spreads = array_map(static fn (float $spread): float => max(self::LEAST, min(self::MOST, $spread)), $known);
        $levels = $log->levels(Factor::Lure);
        $first = $levels[0] ?? null;
        $values = null === $first ? [] : [$first => 0.0];
        foreach (\array_slice($levels, 1) as $level) {
            $beside = $log->one(Factor::Lure, $level, (string) $first);
            if ($beside->told() >= self::TOLD) {
                $values[$level] = $beside->value;
            }
        }
        $mean = array_sum($values) / max(1, \count($values));

        return new self(
            [...self::PRIOR, ...$spreads],
            \count($values) < 2 ? [] : array_map(static fn (float $value): float => exp($value - $mean), $values),
        );
    }

    /**
     * @param array<string, float> $ranks by kind, 0 to 1
     *
     * @return array<string, float> by kind
     */
    public static function byRank(array $ranks): array
    {
        return array_map(static fn (float $rank): float => self::POOREST_KIND + (1 - self::POOREST_KIND) * $rank, $ranks);
    }

    /**
     * What each kind catches beside the others: the log's own ratio where there is one, else by its rank.
     *
     * @param array<string, float> $ranks by kind, 0 to 1
     *
     * @return array<string, float> by kind
     */
    public function kinds(array $ranks): array
    {
        $worth = self::byRank($ranks);
        $known = array_intersect_key($this->kinds, $worth);
        if (\count($known) < 2) {
            return $worth;
        }
        $mean = array_sum(array_intersect_key($worth, $known)) / \count($known);

        return [...$worth, ...array_map(static fn (float $times): float => $mean * $times, $known)];
    }

    /**
     * What the fish may think, each draw as likely: pairs that lean to opposite sides, so that their mean is what the rules say.
     *
     * @return list<Draw>
     */
    public function draws(int $seed = self::SEED): array
    {
        $draws = [];
        for ($i = 0; $i < self::DRAWS; ++$i) {
            $draws[] = new Draw($this->spreads, $seed.' '.intdiv($i, 2), 0 === $i % 2 ? 1 : -1);
        }

        return $draws;
    }
}

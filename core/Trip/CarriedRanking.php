<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Lure\LureKind;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\LureRanking;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\SharedScores;
use Kontrast\Water\ClearerThanWater;

/** Which of the lures that are carried, with which of the trailers, does best on a reading: what is tied on out there is one of them. */
final class CarriedRanking
{
    private const BEST = 3;
    private readonly SharedScores $shared;
    /** @var list<LureKind> */
    private readonly array $kinds;

    /**
     * @param list<Composition>      $lures
     * @param list<InventoryTrailer> $trailers
     */
    public function __construct(
        private readonly array $lures,
        private readonly array $trailers,
        private readonly Adviser $adviser,
        private readonly LureRanking $ranking,
        private readonly ReflectanceFitter $reflectances,
    ) {
        $this->shared = new SharedScores();
        $this->kinds = array_map(static fn (Composition $lure): LureKind => $lure->kind, $lures);
    }

    /**
     * @return list<array{int, int|null, int}> the best first: the lure, the trailer it takes instead of its own where that is better, and
     *                                         its score of 100
     */
    public function rank(Reading $reading): array
    {
        $ranks = [];
        foreach ($this->ranking->rank($reading) as $one) {
            $ranks[$one->kind->value] = $one->worth / 100;
        }
        $ranked = [];
        foreach (Doubts::byRank($ranks) as $kind => $catches) {
            $lure = LureKind::from($kind);
            if (\in_array($lure, $this->kinds, true)) {
                $ranked = [...$ranked, ...$this->ofKind($reading->with(lure: $lure), $catches)];
            }
        }
        usort($ranked, static fn (array $a, array $b): int => $b[2] <=> $a[2]);

        return \array_slice($ranked, 0, self::BEST);
    }

    /** @return list<array{int, int|null, int}> */
    private function ofKind(Reading $reading, float $catches): array
    {
        try {
            $scorer = new BuildScorer($reading, $this->adviser->brief($reading), $this->reflectances, $this->shared);
        } catch (ClearerThanWater) {
            return [];
        }
        $found = [];
        foreach ($this->lures as $l => $lure) {
            if ($lure->kind === $reading->lure) {
                $points = $scorer->points;
                $body = $points->body($lure);
                $worth = static fn (?InventoryTrailer $trailer): int => $body + $points->trailer($trailer)
                    + $points->pair($lure->skirt, $trailer);
                [$best, $with] = [$worth($lure->trailer), null];
                foreach ($this->trailers as $t => $trailer) {
                    [$best, $with] = $worth($trailer) > $best ? [$worth($trailer), $t] : [$best, $with];
                }
                $found[] = [$l, $with, (int) round(100 * $catches * $best / $scorer->most())];
            }
        }

        return $found;
    }
}

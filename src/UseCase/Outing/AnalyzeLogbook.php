<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Outing\AnalysisDocument;
use App\Contract\Outing\FishLengthDocument;
use App\Persistence\KeptAnalysis;
use App\Persistence\Kind\StintKind;
use App\Persistence\LogbookCounts;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\Persistence\UnreadableDocument;
use Kontrast\Logbook\Analysis;
use Kontrast\Logbook\Effects;
use Kontrast\Logbook\FishedStint;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\Engine;

/** Counts all notes and says what they show. That is kept for as long as nothing is noted, and is where the next count starts. */
final readonly class AnalyzeLogbook
{
    public function __construct(
        private LogbookCounts $counts,
        private Rows $rows,
        private StintKind $stints,
        private Transaction $transaction,
        private Engine $engine,
        private KeptAnalysis $kept,
    ) {
    }

    /** @param bool $isAnew whether what was kept is passed over */
    public function document(bool $isAnew = false): AnalysisDocument
    {
        $isAnew ? $this->kept->forget() : null;
        $lengths = $this->counts->lengths();

        return AnalysisDocument::of($this->analysis(), array_map(
            static fn (int $inches, int $fish): FishLengthDocument => new FishLengthDocument($inches, $fish),
            array_keys($lengths),
            $lengths,
        ));
    }

    public function analysis(): Analysis
    {
        [$last, $isCurrent] = $this->kept->last();
        if (null !== $last && $isCurrent) {
            return $last;
        }
        $this->countAgain($this->counts->stale());
        $analysis = Analysis::of($this->counts->fished(), $last?->effects);
        $this->kept->keep($analysis);

        return $analysis;
    }

    /** What the notes of one water or one season alone come to; of all where neither is named. */
    public function effects(?string $water, ?Season $season): Effects
    {
        if (null === $water && null === $season) {
            return $this->analysis()->effects;
        }
        $this->countAgain($this->counts->stale());
        $of = array_filter(
            iterator_to_array($this->counts->fished($water), false),
            static fn (FishedStint $one): bool => null === $season || ($one->levels['season'] ?? null) === $season->value,
        );

        return Effects::of(array_values($of));
    }

    /**
     * What an older version worked out beside the stints is worked out again, once.
     *
     * @param list<string> $ids
     */
    private function countAgain(array $ids): void
    {
        if ([] === $ids) {
            return;
        }
        $this->transaction->run(function () use ($ids): void {
            foreach ($ids as $id) {
                $stint = $this->rows->get($this->stints, $id);
                try {
                    $lure = $this->stints->lure($stint);
                } catch (UnreadableDocument) {
                    continue;
                }
                $water = $stint->outing()->water();
                $stint->recount(CountedUnder::derive($lure->build, $lure->reading, $stint->startedAt(), $water, $this->engine));
            }
        });
    }
}

<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Outing\AnalysisDocument;
use App\Contract\Outing\FishLengthDocument;
use App\Persistence\Kind\StintKind;
use App\Persistence\LogbookCounts;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\Persistence\UnreadableDocument;
use Kontrast\Logbook\Analysis;
use Kontrast\Rulebook\Engine;

/** Counts all notes and says what they show. */
final readonly class AnalyzeLogbook
{
    public function __construct(
        private LogbookCounts $counts,
        private Rows $rows,
        private StintKind $stints,
        private Transaction $transaction,
        private Engine $engine,
    ) {
    }

    public function document(): AnalysisDocument
    {
        $lengths = $this->counts->lengths();

        return AnalysisDocument::of($this->analysis(), array_map(
            static fn (int $inches, int $fish): FishLengthDocument => new FishLengthDocument($inches, $fish),
            array_keys($lengths),
            $lengths,
        ));
    }

    public function analysis(): Analysis
    {
        $this->countAgain($this->counts->stale());

        return Analysis::of($this->counts->fished());
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

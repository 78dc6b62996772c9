<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Outing\EffectDocument;
use App\Contract\Outing\LogQuestionDocument;
use App\Contract\Outing\LurePairDocument;
use App\Persistence\Kind\StintKind;
use App\Persistence\LogbookCounts;
use App\Persistence\Rows;
use App\Persistence\UnreadableDocument;
use Kontrast\Inventory\Composition;
use Kontrast\Logbook\Factor;

/** Answers which of two things is better, and finds two lures to try it with. */
final readonly class AskLogbook
{
    public function __construct(
        private AnalyzeLogbook $log,
        private LogbookCounts $counts,
        private Rows $rows,
        private StintKind $stints,
    ) {
    }

    public function ask(LogQuestionDocument $question): EffectDocument
    {
        $effects = $this->log->effects($question->water_id, $question->season);

        return EffectDocument::of($effects->one($question->factor, $question->a, $question->b, $question->clarity));
    }

    /** As alike as they were fished: of one kind, and the second with the part in question in place of the first one's. */
    public function pair(LogQuestionDocument $question): LurePairDocument
    {
        $as = $this->lures($question->factor, $question->a);
        $bs = $this->lures($question->factor, $question->b);
        foreach (array_intersect_key($as, $bs) as $kind => $a) {
            return new LurePairDocument(
                CompositionDocument::of($a),
                CompositionDocument::of(self::changed($question->factor, $a, $bs[$kind])),
            );
        }
        [$a, $b] = [array_values($as)[0] ?? null, array_values($bs)[0] ?? null];

        return new LurePairDocument(
            null === $a ? null : CompositionDocument::of($a),
            null === $b ? null : CompositionDocument::of($b),
        );
    }

    /** @return array<string, Composition> by kind, the one fished last */
    private function lures(Factor $factor, string $level): array
    {
        $lures = [];
        foreach ($this->counts->lastFished($factor, $level) as $kind => $id) {
            try {
                $lures[$kind] = $this->stints->lure($this->rows->get($this->stints, $id))->build->toComposition();
            } catch (UnreadableDocument) {
                continue;
            }
        }

        return $lures;
    }

    private static function changed(Factor $factor, Composition $a, Composition $b): Composition
    {
        return match (true) {
            Factor::Skirt === $factor && null !== $b->skirt => $a->with($b->skirt),
            \in_array($factor, [Factor::Trailer, Factor::Style], true) && null !== $b->trailer => $a->with($b->trailer),
            Factor::Finish === $factor && null !== $b->rear => null === $a->front || null === $b->front
                ? $a->with($b->rear)
                : $a->with($b->rear)->with($b->front, true),
            Factor::Weight === $factor => $a->with($b->head),
            default => $b,
        };
    }
}

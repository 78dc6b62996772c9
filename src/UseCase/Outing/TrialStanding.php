<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Outing\TrialDocument;
use App\Contract\Outing\TrialStandingDocument;
use App\Persistence\LogbookCounts;
use Kontrast\Logbook\Trial;
use Kontrast\Logbook\TrialOutcome;
use Kontrast\Logbook\TrialRule;
use Kontrast\Logbook\TrialWords;

/** Counts what was noted in the blocks of a trial. */
final readonly class TrialStanding
{
    /** A block counts as fished to the end from this share of its minutes on. (Chosen.) */
    private const WHOLE = 0.9;

    public function __construct(private LogbookCounts $counts)
    {
    }

    public function find(string $id, TrialDocument $document): TrialStandingDocument
    {
        $trial = Trial::drawn(
            TrialRule::of($document->lead ?? TrialRule::standard()->lead, $document->most_bites ?? TrialRule::standard()->mostBites),
            $document->block_min,
            $document->first_is_a,
        );
        $blocks = $this->counts->blocks($id);
        $pairs = [];
        $next = 0;
        foreach (array_keys($document->first_is_a) as $pair) {
            $bites = [];
            foreach ([2 * $pair, 2 * $pair + 1] as $block) {
                [$minutes, $count] = $blocks[$block] ?? [0.0, 0];
                if ($minutes < self::WHOLE * $document->block_min) {
                    break 2;
                }
                $next = $block + 1;
                $bites[$trial->isA($block) ? 0 : 1] = $count;
            }
            $pairs[] = [$bites[0] ?? 0, $bites[1] ?? 0];
        }
        $verdict = $trial->verdict($pairs);
        $goesOn = TrialOutcome::GoesOn === $verdict->outcome && $next < 2 * \count($document->first_is_a);

        return new TrialStandingDocument(
            $verdict->outcome,
            $verdict->bitesOnA,
            $verdict->bitesOnB,
            $verdict->pairs,
            $goesOn ? $next : null,
            $goesOn && $trial->isA($next),
            TrialWords::say($trial, $verdict),
        );
    }
}

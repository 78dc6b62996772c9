<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Outing\TrialDocument;
use App\Contract\Outing\TrialStandingDocument;
use App\Persistence\LogbookCounts;
use Kontrast\Logbook\LeadRule;
use Kontrast\Logbook\Trial;
use Kontrast\Logbook\TrialOutcome;
use Kontrast\Logbook\TrialWords;
use Kontrast\Logbook\WagerRule;

/** Counts what was noted in the blocks of a trial. */
final readonly class TrialStanding
{
    public function __construct(private LogbookCounts $counts)
    {
    }

    public function find(string $id, TrialDocument $document): TrialStandingDocument
    {
        $rule = null === $document->lead || null === $document->most_bites
            ? new WagerRule($document->risk, $document->bites_together)
            : new LeadRule($document->lead, $document->most_bites);
        $trial = Trial::drawn($rule, $document->block_min, $document->first_is_a);
        $blocks = $this->counts->blocks($id);
        $verdict = $trial->verdict($blocks);
        $next = TrialOutcome::GoesOn === $verdict->outcome ? $trial->next($blocks) : null;

        return new TrialStandingDocument(
            $verdict->outcome,
            $verdict->bitesOnA,
            $verdict->bitesOnB,
            $verdict->pairs,
            $next,
            null !== $next && $trial->isA($next),
            TrialWords::say($trial, $verdict),
        );
    }
}

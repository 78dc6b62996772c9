<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\InvalidDocument;
use App\Contract\Outing\SavedTrialDocument;
use App\Contract\Outing\TrialDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\UseCase\Saved;
use App\UseCase\Shelf;
use Kontrast\Logbook\Trial;

/** Draws a fair trial of two lures: the order of its blocks, and when it ends. */
final readonly class DrawTrial
{
    /** Bites in an hour where nothing was noted yet. (Chosen.) */
    private const USUAL_RATE = 1.0;

    public function __construct(private Shelf $shelf, private AnalyzeLogbook $log, private DocumentNormalizer $documents)
    {
    }

    /** @throws InvalidDocument where the id is taken, or the two are one and the same */
    public function draw(SavedTrialDocument $document): Saved
    {
        $asked = $document->trial;
        if ($this->documents->toStored($asked->a) === $this->documents->toStored($asked->b)) {
            throw InvalidDocument::fault('trial.b', 'Both lures are the same. Choose two that differ.');
        }
        $all = $this->log->analysis()->all;
        $rate = $all->hours > 0 && $all->bites > 0 ? $all->bites / $all->hours : self::USUAL_RATE;
        $drawn = Trial::draw($asked->block_min, $rate, static fn (): bool => 1 === random_int(0, 1));

        return $this->shelf->add(TrialKind::NAME, new SavedTrialDocument(
            $document->name,
            new TrialDocument(
                $asked->a,
                $asked->b,
                $asked->block_min,
                $drawn->firstIsA,
                $drawn->rule->lead,
                $drawn->rule->mostBites,
                round($drawn->hours(), 1),
            ),
            $document->id,
            begun_at: $document->begun_at,
        ));
    }
}

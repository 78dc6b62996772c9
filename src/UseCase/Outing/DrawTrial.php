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
use Kontrast\Logbook\WagerRule;

/** Draws a fair trial of two lures: the order of its blocks, and when it ends. */
final readonly class DrawTrial
{
    /** Bites in an hour where nothing was noted yet, and how many come together. (Chosen.) */
    private const USUAL_RATE = 1.0;
    private const USUALLY_TOGETHER = 1.5;

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
        $analysis = $this->log->analysis();
        $all = $analysis->all;
        $isKnown = $all->hours > 0 && $all->bites > 0;
        $together = round($isKnown ? $analysis->effects->dispersion() : self::USUALLY_TOGETHER, 2);
        $drawn = Trial::draw(
            new WagerRule($asked->risk, $together),
            $asked->block_min,
            $isKnown ? $all->bites / $all->hours : self::USUAL_RATE,
            static fn (): bool => 1 === random_int(0, 1),
        );

        return $this->shelf->add(TrialKind::NAME, new SavedTrialDocument(
            $document->name,
            new TrialDocument(
                $asked->a,
                $asked->b,
                $asked->block_min,
                $drawn->firstIsA,
                hours: round($drawn->hours(), 1),
                risk: $asked->risk,
                bites_together: $together,
            ),
            $document->id,
            begun_at: $document->begun_at,
        ));
    }
}

<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Outing\SavedTrialDocument;
use App\Contract\Outing\TrialDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\Trial as StoredTrial;
use App\Persistence\Repository\TrialRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\PageOf;
use App\UseCase\Paging;
use Kontrast\Logbook\Trial;
use Symfony\Component\Clock\ClockInterface;

/** Draws fair trials of two lures, and tells how they stand. */
final readonly class KeepTrials
{
    /** Bites in an hour where nothing was noted yet. (Chosen.) */
    private const USUAL_RATE = 1.0;

    public function __construct(
        private TrialRepository $trials,
        private TrialStanding $standing,
        private AnalyzeLogbook $log,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
        private ClockInterface $clock,
    ) {
    }

    public function list(?int $limit = null, ?string $after = null): PageOf
    {
        return Paging::of($this->trials, $this->document(...), $limit, $after);
    }

    /**
     * Draws the order of the blocks, and works out when it ends.
     *
     * @throws InvalidDocument where the id is taken, or the two are one and the same
     */
    public function draw(SavedTrialDocument $document): Kept
    {
        if ($this->documents->toStored($document->trial->a) === $this->documents->toStored($document->trial->b)) {
            throw InvalidDocument::fault('trial.b', 'Both lures are the same. Choose two that differ.');
        }
        $all = $this->log->analysis()->all;
        $rate = $all->hours > 0 && $all->bites > 0 ? $all->bites / $all->hours : self::USUAL_RATE;

        return $this->keep($document, self::drawn($document->trial, $rate));
    }

    /**
     * One that was drawn already, as a backup has it.
     *
     * @throws InvalidDocument where the id is taken
     */
    public function restoreDrawn(SavedTrialDocument $document): Kept
    {
        return $this->keep($document, $document->trial);
    }

    /** @throws NotFound */
    public function delete(string $id): void
    {
        $this->transaction->run(fn () => $this->trials->get($id)->delete($this->clock->now()));
    }

    /** @throws NotFound */
    public function restore(string $id): Kept
    {
        return $this->kept($this->transaction->run(function () use ($id): StoredTrial {
            $trial = $this->trials->getAny($id);
            $trial->restore();

            return $trial;
        }));
    }

    /** @throws InvalidDocument */
    private function keep(SavedTrialDocument $document, TrialDocument $trial): Kept
    {
        return $this->kept($this->transaction->run(function () use ($document, $trial): StoredTrial {
            if ($this->trials->has($document->id)) {
                $says = 'There is already a trial with this id. Leave the id out to draw another.';
                throw InvalidDocument::fault('id', $says, Fault::TAKEN);
            }
            $stored = new StoredTrial(
                $document->id,
                trim($document->name),
                $document->begun_at ?? $this->clock->now(),
                $this->documents->toStored($trial),
            );
            $this->trials->add($stored);

            return $stored;
        }));
    }

    private static function drawn(TrialDocument $asked, float $perHour): TrialDocument
    {
        $trial = Trial::draw($asked->block_min, $perHour, static fn (): bool => 1 === random_int(0, 1));

        return new TrialDocument(
            $asked->a,
            $asked->b,
            $asked->block_min,
            $trial->firstIsA,
            $trial->rule->lead,
            $trial->rule->mostBites,
            round($trial->hours(), 1),
        );
    }

    private function kept(StoredTrial $trial): Kept
    {
        return new Kept($trial->id(), $trial->version(), $this->document($trial));
    }

    /** @return array<string, mixed> a saved trial document */
    private function document(StoredTrial $trial): array
    {
        return [
            'id' => $trial->id(),
            'version' => $trial->version(),
            ...$trial->fields(),
            'standing' => $this->documents->toArray($this->standing->of($trial)),
        ];
    }
}

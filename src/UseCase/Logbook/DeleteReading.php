<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Contract\Error\NotFound;
use App\Persistence\Repository\SavedReadingRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\VersionCheck;
use Symfony\Component\Clock\ClockInterface;

/** Takes a saved reading off the list, and puts it back. */
final readonly class DeleteReading
{
    public function __construct(private SavedReadingRepository $all, private Transaction $transaction, private ClockInterface $clock)
    {
    }

    /**
     * @param int|null $version the one that was read; null to delete whatever is there
     *
     * @throws NotFound
     */
    public function delete(string $id, ?int $version = null): void
    {
        $this->transaction->run(function () use ($id, $version): void {
            $one = $this->all->get($id);
            VersionCheck::expect($version, FindReadings::kept($one), 'This reading');
            $one->delete($this->clock->now());
        });
    }

    /** @throws NotFound */
    public function restore(string $id): Kept
    {
        return FindReadings::kept($this->transaction->run(function () use ($id) {
            $one = $this->all->getAny($id);
            $one->restore();

            return $one;
        }));
    }
}

<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Contract\Error\NotFound;
use App\Persistence\Repository\TripRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\VersionCheck;
use Symfony\Component\Clock\ClockInterface;

/** Takes a trip off the list, and puts it back. */
final readonly class DeleteTrip
{
    public function __construct(private TripRepository $all, private Transaction $transaction, private ClockInterface $clock)
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
            VersionCheck::expect($version, FindTrips::kept($one), "“{$one->name()}”");
            $one->delete($this->clock->now());
        });
    }

    /** @throws NotFound */
    public function restore(string $id): Kept
    {
        return FindTrips::kept($this->transaction->run(function () use ($id) {
            $one = $this->all->getAny($id);
            $one->restore();

            return $one;
        }));
    }
}

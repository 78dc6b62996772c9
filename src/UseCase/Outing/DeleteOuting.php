<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\NotFound;
use App\Persistence\Repository\OutingRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\VersionCheck;
use Symfony\Component\Clock\ClockInterface;

/** Takes an outing off the list, and puts it back. While it is off, what it used up is in stock again. */
final readonly class DeleteOuting
{
    public function __construct(
        private OutingRepository $all,
        private TakeFromStock $stock,
        private Transaction $transaction,
        private ClockInterface $clock,
    ) {
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
            VersionCheck::expect($version, FindOutings::kept($one), 'This outing');
            $worn = $this->stock->worn($one);
            $one->delete($this->clock->now());
            $this->stock->settle($worn, $one);
        });
    }

    /** @throws NotFound */
    public function restore(string $id): Kept
    {
        return FindOutings::kept($this->transaction->run(function () use ($id) {
            $one = $this->all->getAny($id);
            $worn = $this->stock->worn($one);
            $one->restore();
            $this->stock->settle($worn, $one);

            return $one;
        }));
    }
}

<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Contract\Error\NotFound;
use App\Persistence\Repository\SavedBuildRepository;
use App\Persistence\Transaction;
use App\UseCase\Kept;
use App\UseCase\VersionCheck;
use Symfony\Component\Clock\ClockInterface;

/** Takes a saved build off the list, and puts it back. */
final readonly class DeleteBuild
{
    public function __construct(private SavedBuildRepository $all, private Transaction $transaction, private ClockInterface $clock)
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
            VersionCheck::expect($version, FindBuilds::kept($one), "“{$one->name()}”");
            $one->delete($this->clock->now());
        });
    }

    /** @throws NotFound */
    public function restore(string $id): Kept
    {
        return FindBuilds::kept($this->transaction->run(function () use ($id) {
            $one = $this->all->getAny($id);
            $one->restore();

            return $one;
        }));
    }
}

<?php

declare(strict_types=1);

namespace App\Persistence;

use Doctrine\ORM\EntityManagerInterface;

/** Runs several reads and writes as one: all of it is stored, or none. It waits for other writers before it reads anything. */
final readonly class Transaction
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /**
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function run(callable $work): mixed
    {
        return $this->entities->wrapInTransaction(static fn (): mixed => $work());
    }

    /**
     * Runs several reads of one state: what others write meanwhile is not seen, and nobody waits for it. Inside a transaction it is part of
     * that.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function snapshot(callable $work): mixed
    {
        $connection = $this->entities->getConnection();
        // The outermost is a transaction that takes no lock for writing (https://www.sqlite.org/lang_savepoint.html).
        $connection->executeStatement('SAVEPOINT snapshot');
        try {
            return $work();
        } finally {
            $connection->executeStatement('RELEASE snapshot');
        }
    }

    /** Lets go of everything that was read, which nobody is going to change. */
    public function forget(): void
    {
        $this->entities->clear();
    }

    /** Sends what was changed so far, and lets go of it: memory stays bounded while much is written in one transaction. */
    public function flushAndForget(): void
    {
        $this->entities->flush();
        $this->entities->clear();
    }
}

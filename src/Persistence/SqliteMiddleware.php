<?php

declare(strict_types=1);

namespace App\Persistence;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Exception;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Opens every connection with write-ahead logging that is safe against loss of power, foreign keys on, and patience for another writer. A
 * transaction takes the write lock as it begins: one that read first and then wanted to write would be refused at once, however
 * long the patience. Innermost, before anything begins a transaction.
 */
#[AsMiddleware(priority: 200)]
final class SqliteMiddleware implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            /** How long a writer waits for others, ms. (Chosen.) */
            private const PATIENCE_MS = 5000;

            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                try {
                    $connection = parent::connect($params);
                    foreach ([
                        'busy_timeout = '.self::PATIENCE_MS,
                        'journal_mode = WAL',
                        'foreign_keys = ON',
                        'synchronous = FULL',
                    ] as $pragma) {
                        $connection->exec('PRAGMA '.$pragma);
                    }
                } catch (Exception $error) {
                    $path = self::forReading($params['path'] ?? null) ?? throw $error;
                    $connection = parent::connect(['path' => $path] + $params);
                }

                return new class($connection) extends AbstractConnectionMiddleware {
                    public function beginTransaction(): void
                    {
                        $this->exec('BEGIN IMMEDIATE');
                    }

                    public function commit(): void
                    {
                        $this->exec('COMMIT');
                    }

                    public function rollBack(): void
                    {
                        $this->exec('ROLLBACK');
                    }

                    /** PDO knows nothing of a transaction it did not begin itself, and whoever asks it would leave ours uncommitted. */
                    public function getNativeConnection(): object
                    {
                        return $this;
                    }
                };
            }

            /**
             * On a disk that has turned read-only SQLite cannot lay its side files beside the database, and refuses even to read unless
             * told
             * that nobody writes.
             *
             * @return string|null a path to read it by; null where that is not the trouble
             */
            private static function forReading(?string $file): ?string
            {
                if (null === $file || !is_file($file) || is_writable(\dirname($file))) {
                    return null;
                }

                // What a log beside it holds has to be read with it; without one the file alone is the database.
                return "file:$file?".(is_file("$file-wal") && filesize("$file-wal") > 0 ? 'mode=ro' : 'immutable=1');
            }
        };
    }
}

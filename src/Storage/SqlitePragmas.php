<?php

declare(strict_types=1);

namespace App\Storage;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/** Opens every connection with write-ahead logging, foreign keys on, and patience for another writer; innermost, before anything begins a transaction. */
#[AsMiddleware(priority: 200)]
final class SqlitePragmas implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $connection = parent::connect($params);
                foreach (['busy_timeout = 5000', 'journal_mode = WAL', 'foreign_keys = ON', 'synchronous = NORMAL'] as $pragma) {
                    $connection->exec('PRAGMA '.$pragma);
                }

                return $connection;
            }
        };
    }
}

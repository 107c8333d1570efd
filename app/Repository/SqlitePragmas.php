<?php

/* Every connection keeps foreign keys, and waits for another writer instead of failing at once. */

declare(strict_types=1);

namespace App\Repository;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

#[AsMiddleware]
final class SqlitePragmas implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $connection = parent::connect($params);
                foreach (['foreign_keys = ON', 'busy_timeout = 5000', 'synchronous = NORMAL'] as $pragma) {
                    $connection->exec("PRAGMA $pragma");
                }

                return $connection;
            }
        };
    }
}

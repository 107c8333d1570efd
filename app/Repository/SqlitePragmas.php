<?php

/*
 * Every connection keeps foreign keys, waits for another writer instead of failing at once, and has written to the disk
 * what it acknowledges (docs/decisions, "What saved means"). It is kept open from one request to the next, for as long
 * as its file is the one the path names.
 */

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
    public function __construct(private readonly DatabaseFile $file)
    {
    }

    public function wrap(Driver $driver): Driver
    {
        return new class($driver, $this->file) extends AbstractDriverMiddleware {
            public function __construct(Driver $driver, private readonly DatabaseFile $file)
            {
                parent::__construct($driver);
            }

            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $path = $params['path'] ?? '';
                $identity = DatabaseFile::identity($path);
                // Only a command may make the file: a page that finds none must not begin an empty one in its place.
                $identity ??= 'cli' === \PHP_SAPI ? DatabaseFile::begun($path) : throw new DatabaseGone();
                // Kept open by the file's identity: another file at the same path is another connection. A command is one
                // request, and leaves nothing open.
                $params['driverOptions'] = 'cli' === \PHP_SAPI
                    ? []
                    : [\PDO::ATTR_PERSISTENT => "ample-margin-$identity"] + ($params['driverOptions'] ?? []);
                $connection = parent::connect($params);
                $this->file->opened($path, $identity);
                foreach (['foreign_keys = ON', 'busy_timeout = 5000', 'synchronous = FULL'] as $pragma) {
                    $connection->exec("PRAGMA $pragma");
                }

                return $connection;
            }
        };
    }
}

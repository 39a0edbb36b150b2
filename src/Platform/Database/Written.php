<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Tells whether anything was written since: another number after every write, whoever writes, kept in the file itself, so that it goes and comes with
 * a safe copy. Outermost: it sees each transaction of the app.
 */
#[AsMiddleware(priority: -100)]
final class Written implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Driver\Connection
            {
                return new MarkingConnection(parent::connect($params));
            }
        };
    }

    /** 0 where nothing was ever written. */
    public static function stamp(Connection $connection): int
    {
        $stamp = $connection->fetchOne('PRAGMA user_version');

        return is_numeric($stamp) ? (int) $stamp : 0;
    }
}

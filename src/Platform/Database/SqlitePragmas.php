<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Exception as DriverException;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Sets every connection up: a log that survives a killed server, real foreign keys, and patience with a second writer. Innermost, or the test bundle's
 * transactions come first.
 */
#[AsMiddleware(priority: 200)]
final class SqlitePragmas implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $folder = isset($params['path']) ? \dirname((string) $params['path']) : null;
                if (null !== $folder && !is_dir($folder)) {
                    mkdir($folder, 0o700, true);
                }
                $path = (string) ($params['path'] ?? '');
                try {
                    $connection = $this->open($path, HouseholdFile::name($path), $params);
                } catch (DriverException $e) {
                    // On a disk without room for so much as the log's index it is read as it lies; to write fails then, and says so.
                    if (null === CannotWrite::ofCode($e->getCode()) || HouseholdFile::hasLog($path)) {
                        throw $e;
                    }
                    $connection = $this->open($path, HouseholdFile::asItLies($path), $params);
                }

                return $connection;
            }

            /** @param array<string, mixed> $params */
            private function open(string $path, string $name, #[\SensitiveParameter] array $params): Connection
            {
                $connection = parent::connect(['path' => $name] + $params);
                // FULL: an answered tap is on the disk, whatever happens next.
                foreach (['busy_timeout = 5000', ...$name === $path ? ['journal_mode = WAL'] : [], 'synchronous = FULL', 'foreign_keys = ON'] as $pragma) {
                    $connection->exec('PRAGMA '.$pragma);
                }

                return $connection;
            }
        };
    }
}

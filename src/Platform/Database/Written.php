<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Doctrine\DBAL\Connection;

/** Tells whether anything was written since: another number after every write, kept in the file itself, so that it goes and comes with a safe copy. */
final readonly class Written
{
    public function __construct(private Connection $connection)
    {
    }

    /** The caller is inside a transaction. */
    public function mark(): void
    {
        // Drawn, not counted: what is counted comes again after a safe copy was put back.
        $this->connection->executeStatement('PRAGMA user_version = '.random_int(1, 2 ** 31 - 1));
    }

    /** 0 where nothing was ever written. */
    public function stamp(): int
    {
        $stamp = $this->connection->fetchOne('PRAGMA user_version');

        return is_numeric($stamp) ? (int) $stamp : 0;
    }
}

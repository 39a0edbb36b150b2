<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Doctrine\DBAL\Exception\RetryableException;
use Doctrine\ORM\EntityManagerInterface;

/** Does reads and writes in one go, all or none, one device at a time: what is read inside cannot change before the end. */
final readonly class Transactions
{
    /** So often it waits for its turn, each time as long as the connection is patient. */
    private const TIMES = 3;

    /** Changes nothing, but whoever writes first in a transaction waits for its turn before it reads. */
    public const TAKE_TURN = 'UPDATE migration SET version = version WHERE 0';

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /**
     * @template T
     *
     * @param callable(): T $work joins the transaction that is running, if one is
     *
     * @return T
     *
     * @throws RetryableException|\Throwable when others write all the time, or what the work throws; nothing was done
     */
    public function run(callable $work): mixed
    {
        $connection = $this->entities->getConnection();
        if ($connection->isTransactionActive()) {
            $done = $work();
            $this->entities->flush();

            return $done;
        }
        $this->begin();
        try {
            $done = $work();
            $this->entities->flush();
            $connection->commit();
        } catch (\Throwable $e) {
            $this->rollBack($e);
            // What was read or changed meanwhile is not so.
            $this->entities->clear();

            throw $e;
        }

        return $done;
    }

    /**
     * Reads and writes that are kept only where they turn out to be wanted.
     *
     * @param callable(): bool $work whether to keep it
     *
     * @throws RetryableException|\Throwable
     */
    public function runIf(callable $work): bool
    {
        $connection = $this->entities->getConnection();
        $this->begin();
        try {
            $isWanted = $work();
        } catch (\Throwable $e) {
            $this->rollBack($e);

            throw $e;
        }
        $isWanted ? $connection->commit() : $connection->rollBack();

        return $isWanted;
    }

    /** On a full disk SQLite has rolled back by itself already; then there is nothing to roll back any more. */
    private function rollBack(\Throwable $because): void
    {
        try {
            $this->entities->getConnection()->rollBack();
        } catch (\Throwable $e) {
            if (null === CannotWrite::because($because)) {
                throw $e;
            }
        }
    }

    private function begin(): void
    {
        $connection = $this->entities->getConnection();
        for ($time = 1;; ++$time) {
            $connection->beginTransaction();
            try {
                $connection->executeStatement(self::TAKE_TURN);

                return;
            } catch (\Throwable $e) {
                $this->rollBack($e);
                if (!$e instanceof RetryableException || self::TIMES === $time) {
                    throw $e;
                }
            }
        }
    }
}

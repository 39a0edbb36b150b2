<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Doctrine\DBAL\Driver\Middleware\AbstractConnectionMiddleware;
use Doctrine\DBAL\Driver\Middleware\AbstractStatementMiddleware;
use Doctrine\DBAL\Driver\Result;
use Doctrine\DBAL\Driver\Statement;

/** Draws a new number after every write: with the commit, or at once where there is no transaction. */
final class MarkingConnection extends AbstractConnectionMiddleware
{
    private bool $isInTransaction = false;

    private bool $hasWritten = false;

    public function prepare(string $sql): Statement
    {
        $statement = parent::prepare($sql);

        return self::writes($sql) ? new class($statement, $this->wrote(...)) extends AbstractStatementMiddleware {
            /** @param \Closure(): void $wrote */
            public function __construct(Statement $statement, private readonly \Closure $wrote)
            {
                parent::__construct($statement);
            }

            public function execute(): Result
            {
                $result = parent::execute();
                ($this->wrote)();

                return $result;
            }
        } : $statement;
    }

    public function exec(string $sql): int|string
    {
        $done = parent::exec($sql);
        if (self::writes($sql)) {
            $this->wrote();
        }

        return $done;
    }

    public function beginTransaction(): void
    {
        parent::beginTransaction();
        [$this->isInTransaction, $this->hasWritten] = [true, false];
    }

    public function commit(): void
    {
        if ($this->hasWritten) {
            $this->mark();
        }
        parent::commit();
        [$this->isInTransaction, $this->hasWritten] = [false, false];
    }

    public function rollBack(): void
    {
        [$this->isInTransaction, $this->hasWritten] = [false, false];
        parent::rollBack();
    }

    private static function writes(string $sql): bool
    {
        return Transactions::TAKE_TURN !== $sql && 1 === preg_match('/^\s*(INSERT|UPDATE|DELETE|REPLACE)\b/i', $sql);
    }

    private function wrote(): void
    {
        $this->hasWritten = true;
        if (!$this->isInTransaction) {
            $this->mark();
        }
    }

    private function mark(): void
    {
        // Drawn, not counted: what is counted comes again after a safe copy was put back.
        parent::exec('PRAGMA user_version = '.random_int(1, 2 ** 31 - 1));
    }
}

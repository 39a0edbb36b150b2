<?php

declare(strict_types=1);

namespace Pindle\Tests;

use Pindle\App\Platform\Database\Transactions;
use Psr\Log\AbstractLogger;

/** Counts what is asked of the database: reads and writes, not where a transaction begins (and waits for its turn) and ends. */
final class SqlCount extends AbstractLogger
{
    /** @var list<string> */
    public array $statements = [];

    /** @param array<array-key, mixed> $context */
    public function log(mixed $level, string|\Stringable $message, array $context = []): void
    {
        $sql = $context['sql'] ?? null;
        if (!str_contains((string) $message, 'Executing') || !\is_string($sql) || Transactions::TAKE_TURN === $sql) {
            return;
        }
        if (1 === preg_match('/^\s*(SELECT|INSERT|UPDATE|DELETE)/i', $sql)) {
            $this->statements[] = $sql;
        }
    }
}

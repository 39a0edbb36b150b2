<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Doctrine\DBAL\Connection;

/** Writes many rows in one statement, however many there are. */
final class Rows
{
    /**
     * New rows go in, those whose key is there are changed.
     *
     * @param list<string>                                       $key  columns
     * @param list<array<string, int|float|string|bool|null>> $rows all with the same columns; none is nothing to do
     */
    public static function put(Connection $connection, string $table, array $key, array $rows): void
    {
        if ([] === $rows) {
            return;
        }
        $columns = array_keys($rows[0]);
        $changed = array_map(static fn (string $column): string => $column.' = excluded.'.$column, array_values(array_diff($columns, $key)));
        $connection->executeStatement(
            \sprintf(
                'INSERT INTO %s (%s) VALUES %s ON CONFLICT (%s) DO UPDATE SET %s',
                $table,
                implode(', ', $columns),
                implode(', ', array_fill(0, \count($rows), '('.implode(', ', array_fill(0, \count($columns), '?')).')')),
                implode(', ', $key),
                implode(', ', $changed),
            ),
            array_merge(...array_map(
                static fn (array $row): array => array_map(static fn (mixed $value): mixed => \is_bool($value) ? (int) $value : $value, array_values($row)),
                $rows,
            )),
        );
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Doctrine\DBAL\Connection;

/**
 * Joins what was seen and done of children who are here already, by id: what is here stays, what is not comes, and doing it again changes nothing. What was
 * taken back on either side is taken back; what was erased does not come back.
 */
final class Join
{
    /** Tables whose rows can be taken back. */
    private const TAKEN_BACK = ['attempts', 'closings', 'notes'];

    /** @var array<string, true>|null by id */
    private ?array $erased = null;

    /** @var array<string, true> by id: those of the file who are here */
    private array $here = [];

    public function __construct(private readonly Tables $tables, private readonly Connection $connection)
    {
    }

    /** @return list<string> ids of children of the file who are here */
    public function childrenHere(Checked $checked): array
    {
        $here = array_intersect($checked->childIds, $this->connection->fetchFirstColumn('SELECT id FROM child'));
        $this->here = array_fill_keys(array_values($here), true);

        return array_values($here);
    }

    /** @param array<string, mixed> $photograph whether it may come in */
    public function wants(array $photograph): bool
    {
        $of = array_filter((array) $photograph['childIds'], is_string(...));

        return !$this->isErased($photograph['id']) && ([] === $of || [] !== array_intersect_key(array_flip($of), $this->here));
    }

    /** @return array<string, int> name => rows that came in or were changed */
    public function all(Checked $checked): array
    {
        $this->childrenHere($checked);
        $joined = array_fill_keys(array_keys(Format::GROWING), 0);
        $sat = $this->setUpsOfChildrenHere($checked);
        $newDays = $this->newDays($checked, $sat);
        foreach ($newDays as $row) {
            $joined['days'] += $this->add('days', $row);
        }
        foreach ($checked->rows('setUps') as $row) {
            $id = self::text($row['id']);
            if (isset($sat[$id]) && (isset($newDays[self::text($row['date'])]) || 'done' === $row['state'])) {
                $joined['setUps'] += $this->add('setUps', $row) ?: $this->finish($row);
            }
        }
        foreach ($checked->rows('sittings') as $row) {
            $isHere = isset($this->here[self::text($row['childId'])]) && $this->isThere('set_up', self::text($row['setUpId']));
            $joined['sittings'] += $isHere ? ($this->add('sittings', $row) ?: $this->end($row)) : 0;
        }
        foreach (self::TAKEN_BACK as $name) {
            foreach ($checked->rows($name) as $row) {
                if (isset($this->here[self::text($row['childId'])])) {
                    $joined[$name] += $this->add($name, $row) ?: $this->takeBack($name, $row);
                }
            }
        }
        foreach ($checked->rows('photographs') as $row) {
            $joined['photographs'] += $this->wants($row) ? $this->add('photographs', $row) : 0;
        }

        return $joined;
    }

    /**
     * Writes rows; those whose id, or whose question, is there already are passed over.
     *
     * @param list<array<string, int|string|null>> $rows column => value
     *
     * @return int how many came in
     */
    public static function put(Connection $connection, string $table, array $rows): int
    {
        if ([] === $rows) {
            return 0;
        }
        $columns = array_keys($rows[0]);

        return (int) $connection->executeStatement(
            \sprintf(
                'INSERT INTO %s (%s) VALUES %s ON CONFLICT DO NOTHING',
                $table,
                implode(', ', $columns),
                implode(', ', array_fill(0, \count($rows), '('.implode(', ', array_fill(0, \count($columns), '?')).')')),
            ),
            array_merge(...array_map(array_values(...), $rows)),
        );
    }

    /** @return array<string, true> ids of set-ups in which a child who is here sat */
    private function setUpsOfChildrenHere(Checked $checked): array
    {
        $sat = [];
        foreach ($checked->rows('sittings') as $row) {
            if (isset($this->here[self::text($row['childId'])])) {
                $sat[self::text($row['setUpId'])] = true;
            }
        }

        return $sat;
    }

    /**
     * @param array<string, true> $sat
     *
     * @return array<string, array<string, mixed>> by date: days that are not here, and on which a child who is here sat or did something else
     */
    private function newDays(Checked $checked, array $sat): array
    {
        $wanted = [];
        foreach ($checked->rows('setUps') as $row) {
            if (isset($sat[self::text($row['id'])])) {
                $wanted[self::text($row['date'])] = true;
            }
        }
        $new = [];
        foreach ($checked->rows('days') as $row) {
            $date = self::text($row['date']);
            if ((isset($wanted[$date]) || [] !== (array) $row['otherwise']) && !$this->isThere('day', $date, 'date')) {
                $new[$date] = $row;
            }
        }

        return $new;
    }

    /** @param array<string, mixed> $row */
    private function add(string $name, array $row): int
    {
        $table = Format::GROWING[$name];

        return self::put($this->connection, $table, [$this->tables->named($table)->toRow($row)]);
    }

    /** @param array<string, mixed> $row what was done there was done, though it is only planned here */
    private function finish(array $row): int
    {
        return 'done' !== $row['state'] ? 0 : (int) $this->connection->executeStatement(
            "UPDATE set_up SET state = 'done', note = COALESCE(note, ?) WHERE id = ? AND state <> 'done'",
            [$row['note'], $row['id']],
        );
    }

    /** @param array<string, mixed> $row */
    private function end(array $row): int
    {
        $new = $this->tables->named('sitting')->toRow($row);

        return null === $row['ending'] ? 0 : (int) $this->connection->executeStatement(
            'UPDATE sitting SET ending = ?, courses = ?, turn_order = ?, advice = ? WHERE id = ? AND ending IS NULL',
            [$new['ending'], $new['courses'], $new['turn_order'], $new['advice'], $new['id']],
        );
    }

    /** @param array<string, mixed> $row */
    private function takeBack(string $name, array $row): int
    {
        return null === $row['removedAt'] ? 0 : (int) $this->connection->executeStatement(
            'UPDATE '.Format::GROWING[$name].' SET removed_at = ? WHERE id = ? AND removed_at IS NULL',
            [$row['removedAt'], $row['id']],
        );
    }

    private function isThere(string $table, string $id, string $key = 'id'): bool
    {
        return false !== $this->connection->fetchOne('SELECT 1 FROM '.$table.' WHERE '.$key.' = ?', [$id]);
    }

    private function isErased(mixed $id): bool
    {
        $this->erased ??= array_fill_keys(array_filter($this->connection->fetchFirstColumn('SELECT id FROM erased'), is_string(...)), true);

        return isset($this->erased[self::text($id)]);
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : '';
    }
}

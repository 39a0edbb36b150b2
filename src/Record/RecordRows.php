<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Pindle\App\Platform\Database\Rows;
use Pindle\App\Platform\Database\RowSetAside;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\LaterState;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Skill\SkillMap;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/**
 * Reads and writes kept records. Derived rows are read and written as rows: they have no identity to guard.
 *
 * @phpstan-type Row array{child_id: string, basis: string, newest: string|null, last_sittings: string, looks: string, since: int}
 */
final readonly class RecordRows
{
    /** Raised whenever the rules of core/Evidence change what follows from the same evidence. */
    private const RULES = 6;

    public function __construct(private Connection $connection, private SkillMap $map)
    {
    }

    /**
     * @param list<Child> $children
     *
     * @return array<string, KeptRecord> by child id; those of whom nothing fitting is kept are missing
     */
    public function of(array $children): array
    {
        /** @var list<Row> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT child_id, basis, newest, last_sittings, looks, since FROM record WHERE child_id IN (?)',
            [self::ids($children)],
            [ArrayParameterType::STRING],
        );

        return $this->read($children, $rows);
    }

    /**
     * @param list<Child> $children
     * @param list<Row>   $rows
     *
     * @return array<string, KeptRecord>
     */
    public function read(array $children, array $rows): array
    {
        $texts = [];
        /** @var list<array{child_id: string, step_id: string, state: string}> $stored */
        $stored = [] === $rows ? [] : $this->connection->fetchAllAssociative(
            'SELECT child_id, step_id, state FROM step_state WHERE child_id IN (?)',
            [self::ids($children)],
            [ArrayParameterType::STRING],
        );
        foreach ($stored as $one) {
            $texts[$one['child_id']][$one['step_id']] = $one['state'];
        }
        $kept = [];
        foreach ($children as $child) {
            foreach ($rows as $row) {
                if ($row['child_id'] === $child->id && $row['basis'] === $this->basis($child)) {
                    $kept[$child->id] = $this->kept($child, $texts[$child->id] ?? [], $row['newest'], $row['last_sittings'], $row['looks'], $row['since']);
                }
            }
        }

        return $kept;
    }

    /** @param array{int, string, string}|null $newest */
    public function put(Child $child, ?KeptRecord $before, ChildRecord $after, ?array $newest, int $since): void
    {
        Rows::put(
            $this->connection,
            'record',
            ['child_id'],
            [[
                'child_id' => $child->id,
                'basis' => $this->basis($child),
                'newest' => null === $newest ? null : json_encode($newest, \JSON_THROW_ON_ERROR),
                'last_sittings' => StateCodec::writeSittings($after->lastSittings),
                'looks' => StateCodec::writeLooks($after->looks),
                'since' => $since,
            ]],
        );
        $changed = [];
        foreach ($after->changedSince($before?->record) as $stepId => $state) {
            $changed[] = ['child_id' => $child->id, 'step_id' => $stepId, 'state' => StateCodec::write($state)];
        }
        Rows::put($this->connection, 'step_state', ['child_id', 'step_id'], $changed);
        $gone = $after->goneSince($before?->record);
        if ([] !== $gone) {
            $this->connection->executeStatement(
                'DELETE FROM step_state WHERE child_id = ? AND step_id IN (?)',
                [$child->id, $gone],
                [1 => ArrayParameterType::STRING],
            );
        }
    }

    /** A record follows from all there is: where something of it cannot be read, all are made anew when they are next looked at. */
    #[AsEventListener]
    public function onRowSetAside(RowSetAside $event): void
    {
        foreach (['record', 'checkpoint', 'step_state'] as $table) {
            $this->connection->executeStatement('DELETE FROM '.$table);
        }
    }

    /** Forgets what is kept of a child. */
    public function clear(Child $child): void
    {
        foreach (['step_state', 'checkpoint'] as $table) {
            $this->connection->executeStatement('DELETE FROM '.$table.' WHERE child_id = ?', [$child->id]);
        }
    }

    /** @return list<int> how much evidence there is in each checkpoint of a child, fewer first */
    public function places(Child $child): array
    {
        /** @var list<int> $places */
        $places = $this->connection->fetchFirstColumn('SELECT slot FROM checkpoint WHERE child_id = ? ORDER BY slot', [$child->id]);

        return $places;
    }

    /**
     * The last checkpoint of a child that is early enough; null where none is.
     *
     * @param callable(array{int, string, string}): bool $isEarly asked of the place of its newest piece of evidence
     */
    public function checkpoint(Child $child, KeptRecord $now, callable $isEarly): ?KeptRecord
    {
        foreach (array_reverse($this->newest($child), true) as $slot => $newest) {
            if ($isEarly($newest)) {
                return $this->readCheckpoint($child, $slot, $now);
            }
        }

        return null;
    }

    /**
     * Those after one, the earlier first, each read when it is asked for.
     *
     * @return \Generator<int, KeptRecord> by place
     */
    public function checkpointsAfter(Child $child, KeptRecord $now, ?KeptRecord $from): \Generator
    {
        foreach ($this->newest($child) as $slot => $newest) {
            if (null === $from?->newest || $newest > $from->newest) {
                yield $slot => $this->readCheckpoint($child, $slot, $now);
            }
        }
    }

    /**
     * @param array<string, StepState>   $states
     * @param array{int, string, string} $newest
     */
    public function putCheckpoint(Child $child, int $place, array $states, ChildRecord $record, array $newest): void
    {
        $this->writeCheckpoint($child, $place, array_map(StateCodec::write(...), $states), $record, $newest);
    }

    /**
     * Some of its states follow from other evidence now; all others stay as they were written.
     *
     * @param list<string> $stepIds
     */
    public function correctCheckpoint(Child $child, int $place, KeptRecord $was, ChildRecord $record, array $stepIds): void
    {
        $texts = array_diff_key($was->texts, array_flip($stepIds));
        foreach (array_intersect($stepIds, $record->touched()) as $stepId) {
            $texts[$stepId] = StateCodec::write($record->state($stepId));
        }
        $this->writeCheckpoint($child, $place, $texts, $record, $was->newest ?? throw new \LogicException('A checkpoint ends somewhere.'));
    }

    /** @param list<int> $places */
    public function dropCheckpoints(Child $child, array $places): void
    {
        $this->connection->executeStatement(
            'DELETE FROM checkpoint WHERE child_id = ? AND slot IN (?)',
            [$child->id, $places],
            [1 => ArrayParameterType::INTEGER],
        );
    }

    /** @return array<int, array{int, string, string}> place of the newest piece of evidence in each checkpoint, by slot, the earlier first */
    private function newest(Child $child): array
    {
        /** @var array<int, string> $rows */
        $rows = $this->connection->fetchAllKeyValue('SELECT slot, newest FROM checkpoint WHERE child_id = ? ORDER BY slot', [$child->id]);

        return array_map(self::place(...), $rows);
    }

    private function readCheckpoint(Child $child, int $slot, KeptRecord $now): KeptRecord
    {
        /** @var array{newest: string, last_sittings: string, looks: string, states: string} $row */
        $row = $this->connection->fetchAssociative(
            'SELECT newest, last_sittings, looks, states FROM checkpoint WHERE child_id = ? AND slot = ?',
            [$child->id, $slot],
        ) ?: throw new \LogicException('It was there a moment ago.');
        /** @var array<string, string> $texts */
        $texts = json_decode($row['states'], true, 4, \JSON_THROW_ON_ERROR);

        return $this->kept($child, $texts, $row['newest'], $row['last_sittings'], $row['looks'], 0, $now);
    }

    /**
     * @param array<string, string>      $texts
     * @param array{int, string, string} $newest
     */
    private function writeCheckpoint(Child $child, int $place, array $texts, ChildRecord $record, array $newest): void
    {
        Rows::put($this->connection, 'checkpoint', ['child_id', 'slot'], [[
            'child_id' => $child->id,
            'slot' => $place,
            'newest' => json_encode($newest, \JSON_THROW_ON_ERROR),
            'last_sittings' => StateCodec::writeSittings($record->lastSittings),
            'looks' => StateCodec::writeLooks($record->looks),
            'states' => json_encode((object) $texts, \JSON_THROW_ON_ERROR),
        ]]);
    }

    /** @return array{int, string, string} */
    private static function place(string $written): array
    {
        /** @var array{int, string, string} $place */
        $place = json_decode($written, true, 4, \JSON_THROW_ON_ERROR);

        return $place;
    }

    /** @param array<string, string> $texts */
    private function kept(Child $child, array $texts, ?string $newest, string $lastSittings, string $looks, int $since, ?KeptRecord $now = null): KeptRecord
    {
        $states = [];
        foreach ($texts as $stepId => $text) {
            $states[$stepId] = null !== $now && $text === ($now->texts[$stepId] ?? null)
                ? $now->states[$stepId]
                : new LaterState(static fn (): StepState => StateCodec::read($text));
        }
        $place = null === $newest ? null : self::place($newest);
        $record = ChildRecord::kept($this->map, $child->settings, $states, StateCodec::readSittings($lastSittings), StateCodec::readLooks($looks));

        return new KeptRecord($record, $states, $texts, $place, $since);
    }

    /** What a record follows from besides the evidence. */
    public function basis(Child $child): string
    {
        return sha1(json_encode([self::RULES, ChildRecord::followsFrom($this->map, $child->settings), $child->priors], \JSON_THROW_ON_ERROR));
    }

    /**
     * @param list<Child> $children
     *
     * @return list<string>
     */
    private static function ids(array $children): array
    {
        return array_map(static fn (Child $child): string => $child->id, $children);
    }
}

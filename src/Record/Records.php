<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Database\CannotWrite;
use Pindle\App\Platform\Database\Rows;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Skill\SkillMap;

/**
 * Keeps the record of each child beside the evidence it follows from, so that nobody reads years of attempts again. What arrives in order
 * changes a few states; what arrives late or is taken back makes anew the states it can touch; a change of map, settings or prior makes
 * all of them anew. Derived rows are read and written as rows: they have no identity to guard.
 */
final readonly class Records
{
    /** Raised whenever the rules of core/Evidence change what follows from the same evidence. */
    private const RULES = 2;

    /** So much seen of one child on one day is kept. */
    public const MOST_A_DAY = 500;

    /** Evidence that arrives while a record is made anew makes it anew again, so often; then it is used and not kept. */
    private const TIMES = 3;

    public function __construct(private EntityManagerInterface $entities, private Transactions $transactions, private SkillMap $map)
    {
    }

    /**
     * @param list<Child> $children
     *
     * @return array<string, ChildRecord> by child id
     */
    public function of(array $children): array
    {
        $kept = $this->kept($children);
        $records = [];
        foreach ($children as $child) {
            $records[$child->id] = $kept[$child->id][0] ?? $this->rebuild($child);
        }

        return $records;
    }

    /** The record as it follows from all the evidence, whatever is kept. */
    public function replayed(Child $child): ChildRecord
    {
        return ChildRecord::replay($this->map, $this->evidence($child->id), $child->settings, $child->priors);
    }

    /**
     * Makes the kept record anew from all the evidence. Others may write while it is worked out; it is kept in one go, whole or not at all.
     * Where nothing can be written it is used all the same.
     */
    public function rebuild(Child $child): ChildRecord
    {
        for ($time = 1;; ++$time) {
            $seen = $this->evidenceOf($child->id);
            $record = $this->replayed($child);
            try {
                $isKept = $this->transactions->run(function () use ($child, $record, $seen): bool {
                    if ($seen !== $this->evidenceOf($child->id)) {
                        return false;
                    }
                    $this->entities->getConnection()->executeStatement('DELETE FROM step_state WHERE child_id = ?', [$child->id]);
                    $this->keep($child, null, $record, null === $record->newest ? null : self::position($record->newest));

                    return true;
                });
            } catch (DriverException $e) {
                $isKept = CannotWrite::because($e) instanceof CannotWrite ? true : throw $e;
            }
            if ($isKept || self::TIMES === $time) {
                return $record;
            }
        }
    }

    /** What tells one state of the evidence of a child from another: attempts and notes are never deleted, only added and taken back. */
    private function evidenceOf(string $childId): string
    {
        return (string) $this->entities->getConnection()->fetchOne(
            "SELECT (SELECT COUNT(*) || '-' || COUNT(removed_at) FROM attempt WHERE child_id = :child)"
            ." || '/' || (SELECT COUNT(*) || '-' || COUNT(removed_at) FROM note WHERE child_id = :child)",
            ['child' => $childId],
        );
    }

    /**
     * Writes evidence and the record that follows from it in one go: while it runs no other device can write.
     *
     * @param callable():void $write persists the evidence
     * @param list<Seen>      $new   added by it
     * @param list<string>    $stepIds of evidence that is taken back by it
     *
     * @throws Refusal 422 when there is absurdly much on one day
     */
    public function change(Child $child, callable $write, array $new, array $stepIds = []): ChildRecord
    {
        return $this->transactions->run(function () use ($child, $write, $new, $stepIds): ChildRecord {
            /** @var array{child_id: string, basis: string|null, newest: string|null, last_sittings: string, on_day: int} $row */
            $row = $this->entities->getConnection()->fetchAssociative(
                'SELECT c.id AS child_id, r.basis, r.newest, r.last_sittings, (SELECT COUNT(*) FROM attempt a WHERE a.child_id = c.id AND a.day = :day)'
                .' + (SELECT COUNT(*) FROM note n WHERE n.child_id = c.id AND n.day = :day) AS on_day'
                .' FROM child c LEFT JOIN record r ON r.child_id = c.id WHERE c.id = :child',
                ['child' => $child->id, 'day' => isset($new[0]) ? $new[0]->day->toString() : ''],
            ) ?: throw new \LogicException('A record is of a child that is kept.');
            if ([] !== $new && $row['on_day'] >= self::MOST_A_DAY) {
                throw Refusal::invalid('at', \sprintf('%d things seen of one child on one day are kept already; that is plenty.', self::MOST_A_DAY));
            }
            [$before, $newest] = null === $row['basis'] ? [null, null] : $this->read([$child], [$row])[$child->id] ?? [null, null];
            $write();
            $this->entities->flush();
            if (null === $before) {
                return $this->rebuild($child);
            }
            $after = $before;
            foreach ($new as $seen) {
                if ([] === $stepIds && (null === $newest || self::position($seen) > $newest)) {
                    $after = $after->with($seen);
                    $newest = self::position($seen);
                } else {
                    $stepIds[] = $seen->stepId;
                    $newest = max($newest, self::position($seen));
                }
            }
            if ([] !== $stepIds) {
                $after = $this->again($child, $after, array_values(array_unique($stepIds)));
            }
            $this->keep($child, $before, $after, $newest);

            return $after;
        });
    }

    /** @param list<string> $stepIds */
    private function again(Child $child, ChildRecord $record, array $stepIds): ChildRecord
    {
        $touched = array_values(array_unique(array_merge(...array_map($record->touchedBy(...), array_filter($stepIds, $record->map->has(...))))));
        $sittings = $this->entities->getConnection()->fetchFirstColumn(
            'SELECT sitting_id FROM attempt WHERE child_id = ? AND removed_at IS NULL AND is_look = 0 GROUP BY sitting_id ORDER BY MAX(at) DESC LIMIT 2',
            [$child->id],
        );
        $lastAttempts = array_map(
            static fn (AttemptEntity $attempt): Attempt => $attempt->toCore(),
            $this->entities->getRepository(AttemptEntity::class)->findBy(['sittingId' => $sittings, 'removedAt' => null]),
        );

        return $record->again($touched, $this->evidence($child->id, $record->bearingOn($touched)), $lastAttempts, $child->priors);
    }

    /**
     * All evidence that counts.
     *
     * @param list<string>|null $stepIds only of these steps
     *
     * @return list<Seen>
     */
    private function evidence(string $childId, ?array $stepIds = null): array
    {
        $criteria = ['childId' => $childId, 'removedAt' => null] + (null === $stepIds ? [] : ['stepId' => $stepIds]);
        $seen = [];
        foreach ([AttemptEntity::class, NoteEntity::class] as $class) {
            foreach ($this->entities->getRepository($class)->findBy($criteria) as $entity) {
                $seen[] = $entity->toCore();
            }
        }

        return $seen;
    }

    /**
     * @param list<Child> $children
     *
     * @return array<string, array{ChildRecord, array{int, string, string}|null}> by child id; those of whom nothing fitting is kept are missing
     */
    private function kept(array $children): array
    {
        /** @var list<array{child_id: string, basis: string, newest: string|null, last_sittings: string}> $rows */
        $rows = $this->entities->getConnection()->fetchAllAssociative(
            'SELECT child_id, basis, newest, last_sittings FROM record WHERE child_id IN (?)',
            [self::ids($children)],
            [ArrayParameterType::STRING],
        );

        return $this->read($children, $rows);
    }

    /**
     * @param list<Child>                                                                                       $children
     * @param list<array{child_id: string, basis: string, newest: string|null, last_sittings: string}> $rows
     *
     * @return array<string, array{ChildRecord, array{int, string, string}|null}>
     */
    private function read(array $children, array $rows): array
    {
        $states = [];
        /** @var list<array{child_id: string, step_id: string, state: string}> $stored */
        $stored = [] === $rows ? [] : $this->entities->getConnection()->fetchAllAssociative(
            'SELECT child_id, step_id, state FROM step_state WHERE child_id IN (?)',
            [self::ids($children)],
            [ArrayParameterType::STRING],
        );
        foreach ($stored as $one) {
            $states[$one['child_id']][$one['step_id']] = $one['state'];
        }
        $kept = [];
        foreach ($children as $child) {
            foreach ($rows as $row) {
                if ($row['child_id'] !== $child->id || $row['basis'] !== $this->basis($child)) {
                    continue;
                }
                $read = [];
                foreach ($states[$child->id] ?? [] as $stepId => $state) {
                    $read[$stepId] = StateCodec::read($stepId, $state);
                }
                /** @var array{int, string, string}|null $newest */
                $newest = null === $row['newest'] ? null : json_decode($row['newest'], true, 4, \JSON_THROW_ON_ERROR);
                $kept[$child->id] = [ChildRecord::kept($this->map, $child->settings, $read, StateCodec::readSittings($row['last_sittings'])), $newest];
            }
        }

        return $kept;
    }

    /** @param array{int, string, string}|null $newest */
    private function keep(Child $child, ?ChildRecord $before, ChildRecord $after, ?array $newest): void
    {
        $connection = $this->entities->getConnection();
        Rows::put(
            $connection,
            'record',
            ['child_id'],
            [[
                'child_id' => $child->id,
                'basis' => $this->basis($child),
                'newest' => null === $newest ? null : json_encode($newest, \JSON_THROW_ON_ERROR),
                'last_sittings' => StateCodec::writeSittings($after->lastSittings),
            ]],
        );
        $changed = [];
        foreach ($after->states as $stepId => $state) {
            if ($state !== ($before?->states[$stepId] ?? null)) {
                $changed[] = ['child_id' => $child->id, 'step_id' => $stepId, 'state' => StateCodec::write($state)];
            }
        }
        Rows::put($connection, 'step_state', ['child_id', 'step_id'], $changed);
        $gone = array_keys(array_diff_key($before->states ?? [], $after->states));
        if ([] !== $gone) {
            $connection->executeStatement(
                'DELETE FROM step_state WHERE child_id = ? AND step_id IN (?)',
                [$child->id, $gone],
                [1 => ArrayParameterType::STRING],
            );
        }
    }

    /** What a record follows from besides the evidence. */
    private function basis(Child $child): string
    {
        $map = [];
        foreach ($this->map->steps as $step) {
            $map[] = [$step->id, $step->needs, $step->forms, $step->skill->kind, $step->skill->signs];
        }

        return sha1(json_encode([self::RULES, $map, $child->settings->answers(), $child->priors], \JSON_THROW_ON_ERROR));
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

    /** @return array{int, string, string} */
    private static function position(Seen $seen): array
    {
        return [(int) $seen->at->format('Uv'), $seen->deviceId, $seen->id];
    }
}

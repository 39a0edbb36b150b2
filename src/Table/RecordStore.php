<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Skill\SkillMap;

/**
 * Keeps the record of each child beside the evidence it follows from, so that nobody reads years of tries again. What arrives in order
 * changes a few states; what arrives late or is taken back makes anew the states it can touch; a change of map, settings or prior makes
 * all of them anew. Derived rows are read and written as rows: they have no identity to guard.
 */
final readonly class RecordStore
{
    /** Raised whenever the rules of core/Evidence change what follows from the same evidence. */
    private const RULES = 1;

    public function __construct(private EntityManagerInterface $entities, private SkillMap $map)
    {
    }

    public function of(Child $child): ChildRecord
    {
        return $this->kept($child)[0] ?? $this->rebuild($child);
    }

    /** The record as it follows from all the evidence, whatever is kept. */
    public function replayed(Child $child): ChildRecord
    {
        return ChildRecord::replay($this->map, $this->evidence($child->id), $child->settings, $child->priors);
    }

    /** Makes the kept record anew from all the evidence. */
    public function rebuild(Child $child): ChildRecord
    {
        $record = $this->replayed($child);
        $this->entities->getConnection()->executeStatement('DELETE FROM step_state WHERE child_id = ?', [$child->id]);
        $this->keep($child, null, $record, null === $record->newest ? null : self::place($record->newest));

        return $record;
    }

    /**
     * Writes evidence and the record that follows from it in one go: while it runs no other device can write.
     *
     * @param callable():void $write persists the evidence
     * @param list<Seen>      $new   added by it
     * @param list<string>    $stepIds of evidence that is taken back by it
     */
    public function change(Child $child, callable $write, array $new, array $stepIds = []): ChildRecord
    {
        return $this->entities->wrapInTransaction(function () use ($child, $write, $new, $stepIds): ChildRecord {
            // Writing first takes the lock before anything is read, so that no other device's change is lost.
            $this->entities->getConnection()->executeStatement('UPDATE record SET basis = basis WHERE child_id = ?', [$child->id]);
            [$before, $newest] = $this->kept($child) ?? [null, null];
            $write();
            $this->entities->flush();
            if (null === $before) {
                return $this->rebuild($child);
            }
            $after = $before;
            foreach ($new as $seen) {
                if ([] === $stepIds && (null === $newest || self::place($seen) > $newest)) {
                    $after = $after->with($seen);
                    $newest = self::place($seen);
                } else {
                    $stepIds[] = $seen->stepId;
                    $newest = max($newest, self::place($seen));
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
        $sittings = $this->entities->getConnection()->fetchFirstColumn('SELECT sitting_id FROM try WHERE child_id = ? AND removed_at IS NULL AND is_look = 0 GROUP BY sitting_id ORDER BY MAX(at) DESC LIMIT 2', [$child->id]);
        $lastTries = array_map(static fn (TryEntity $try): OneTry => $try->toCore(), $this->entities->getRepository(TryEntity::class)->findBy(['sittingId' => $sittings, 'removedAt' => null]));

        return $record->again($touched, $this->evidence($child->id, $record->bearingOn($touched)), $lastTries, $child->priors);
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
        foreach ([TryEntity::class, NoteEntity::class] as $class) {
            foreach ($this->entities->getRepository($class)->findBy($criteria) as $entity) {
                $seen[] = $entity->toCore();
            }
        }

        return $seen;
    }

    /** @return array{ChildRecord, array{int, string, string}|null}|null null where nothing fitting is kept */
    private function kept(Child $child): ?array
    {
        $connection = $this->entities->getConnection();
        $row = $connection->fetchAssociative('SELECT basis, newest, last_sittings FROM record WHERE child_id = ?', [$child->id]);
        /** @var array{basis: string, newest: string|null, last_sittings: string}|false $row */
        if (false === $row || $row['basis'] !== $this->basis($child)) {
            return null;
        }
        $states = [];
        /** @var array<string, string> $stored */
        $stored = $connection->fetchAllKeyValue('SELECT step_id, state FROM step_state WHERE child_id = ?', [$child->id]);
        foreach ($stored as $stepId => $state) {
            $states[$stepId] = StateCodec::read($stepId, $state);
        }
        /** @var array{int, string, string}|null $newest */
        $newest = null === $row['newest'] ? null : json_decode($row['newest'], true, 4, \JSON_THROW_ON_ERROR);

        return [ChildRecord::kept($this->map, $child->settings, $states, StateCodec::readSittings($row['last_sittings'])), $newest];
    }

    /** @param array{int, string, string}|null $newest */
    private function keep(Child $child, ?ChildRecord $before, ChildRecord $after, ?array $newest): void
    {
        $connection = $this->entities->getConnection();
        $connection->executeStatement(
            'INSERT INTO record (child_id, basis, newest, last_sittings) VALUES (?, ?, ?, ?) ON CONFLICT (child_id) DO UPDATE SET basis = excluded.basis, newest = excluded.newest, last_sittings = excluded.last_sittings',
            [$child->id, $this->basis($child), null === $newest ? null : json_encode($newest, \JSON_THROW_ON_ERROR), StateCodec::writeSittings($after->lastSittings)],
        );
        foreach ($after->states as $stepId => $state) {
            if ($state !== ($before?->states[$stepId] ?? null)) {
                $connection->executeStatement('INSERT INTO step_state (child_id, step_id, state) VALUES (?, ?, ?) ON CONFLICT (child_id, step_id) DO UPDATE SET state = excluded.state', [$child->id, $stepId, StateCodec::write($state)]);
            }
        }
        $gone = array_keys(array_diff_key($before->states ?? [], $after->states));
        if ([] !== $gone) {
            $connection->executeStatement('DELETE FROM step_state WHERE child_id = ? AND step_id IN (?)', [$child->id, $gone], [1 => ArrayParameterType::STRING]);
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

    /** @return array{int, string, string} */
    private static function place(Seen $seen): array
    {
        return [(int) $seen->at->format('Uv'), $seen->deviceId, $seen->id];
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\HandMark;
use Pindle\Core\Evidence\Witness;
use Psr\EventDispatcher\EventDispatcherInterface;

/** What was seen, and the record that follows from it. */
final readonly class Evidence
{
    /** Where each kind of evidence is kept. */
    public const TABLES = ['attempt' => AttemptEntity::class, 'closing' => ClosingEntity::class, 'note' => NoteEntity::class];

    /** What is shown at a time of what was seen of one step. */
    public const PAGE = 60;

    public function __construct(
        private Transactions $transactions,
        private AttemptRepository $attempts,
        private Records $records,
        private EntityManagerInterface $entities,
        private EventDispatcherInterface $events,
    ) {
    }

    public function record(Child $child): ChildRecord
    {
        return $this->records([$child])[$child->id];
    }

    /**
     * @param list<Child> $children
     *
     * @return array<string, ChildRecord> by child id
     */
    public function records(array $children): array
    {
        return $this->records->of($children);
    }

    /**
     * One more attempt; the record follows at once. Inside a transaction that has seen that it is new.
     *
     * @param string $questionId names the question of the sitting that was asked; empty in a first look
     * @param bool   $isLate     whether the sitting is over already
     *
     * @throws Refusal 422 when there are absurdly many on one day
     */
    public function recordAttempt(Child $child, Attempt $attempt, string $questionId, bool $isLate = false): ChildRecord
    {
        return $this->records->change($child, function () use ($child, $attempt, $questionId, $isLate): void {
            $this->entities->persist(AttemptEntity::of($attempt, $child->id, $questionId));
            $this->events->dispatch(new EvidenceChanged($child->id, $attempt->sittingId, !$isLate));
        }, [$attempt]);
    }

    /** A note of a witness, or a mark set by hand. Sending one twice writes it once. */
    public function note(Child $child, Witness|HandMark $seen, ?string $sittingId = null): ChildRecord
    {
        return $this->transactions->run(function () use ($child, $seen, $sittingId): ChildRecord {
            if (null !== $this->entities->find(NoteEntity::class, $seen->id)) {
                return $this->record($child);
            }

            return $this->records->change($child, function () use ($child, $seen, $sittingId): void {
                $this->entities->persist(NoteEntity::of($seen, $child->id, $sittingId));
                $this->events->dispatch(new EvidenceChanged($child->id, $sittingId));
            }, [$seen]);
        });
    }

    /**
     * Closing marks or tallies for the steps of one sitting, all or none. Sending them twice writes them once.
     *
     * @param non-empty-list<Closing> $closings
     */
    public function close(Child $child, array $closings, bool $isLate = false): ChildRecord
    {
        return $this->transactions->run(function () use ($child, $closings, $isLate): ChildRecord {
            if (null !== $this->entities->find(ClosingEntity::class, $closings[0]->id)) {
                return $this->record($child);
            }

            return $this->records->change($child, function () use ($child, $closings, $isLate): void {
                foreach ($closings as $closing) {
                    $this->entities->persist(ClosingEntity::of($closing, $child->id));
                }
                $this->events->dispatch(new EvidenceChanged($child->id, $closings[0]->sittingId, !$isLate));
            }, $closings);
        });
    }

    /**
     * @param list<string> $sittingIds
     *
     * @return array<string, ClosingMark> by sitting id: the closing mark of those that have one
     */
    public function closed(array $sittingIds): array
    {
        $marks = [];
        foreach ($this->closings($sittingIds) as $closing) {
            $marks[$closing->sittingId] = $closing->mark;
        }

        return $marks;
    }

    /**
     * What was tapped and closed in sittings.
     *
     * @param list<string> $sittingIds
     *
     * @return array<string, list<Attempt|Closing>> by sitting id
     */
    public function seenIn(array $sittingIds): array
    {
        $seen = [];
        foreach ([...$this->answered($sittingIds), ...$this->closings($sittingIds)] as $entity) {
            $seen[$entity->sittingId][] = $entity->toCore();
        }

        return $seen;
    }

    /**
     * @param list<string> $sittingIds
     *
     * @return list<ClosingEntity>
     */
    private function closings(array $sittingIds): array
    {
        return $this->entities->getRepository(ClosingEntity::class)->findBy(['sittingId' => $sittingIds, 'removedAt' => null], ['at' => 'ASC']);
    }

    /** Takes back an attempt, a closing mark or a note; the history still shows it. */
    public function takeBack(Child $child, AttemptEntity|ClosingEntity|NoteEntity $seen, \DateTimeImmutable $now): ChildRecord
    {
        return $this->transactions->run(function () use ($child, $seen, $now): ChildRecord {
            $this->entities->refresh($seen);
            if (null !== $seen->removedAt) {
                return $this->record($child);
            }

            return $this->records->change($child, function () use ($child, $seen, $now): void {
                $seen->removedAt = (int) $now->format('Uv');
                $this->events->dispatch(new EvidenceChanged($child->id, $seen->sittingId));
            }, [], [$seen->toCore()]);
        });
    }

    /** The attempt, closing mark or note of this id, whoever it is about. */
    public function seen(string $id): AttemptEntity|ClosingEntity|NoteEntity|null
    {
        return $this->attempts->find($id) ?? $this->entities->find(ClosingEntity::class, $id) ?? $this->entities->find(NoteEntity::class, $id);
    }

    /** The attempt of this id, those taken back included. */
    public function attempt(string $id): ?AttemptEntity
    {
        return $this->attempts->find($id);
    }

    /**
     * Puts a corrected attempt in the place of another; the history shows both. Sending one twice corrects once.
     *
     * @throws Refusal 409 when it was taken back or corrected already
     */
    public function correct(Child $child, AttemptEntity $wrong, Attempt $right, \DateTimeImmutable $now): ChildRecord
    {
        return $this->transactions->run(function () use ($child, $wrong, $right, $now): ChildRecord {
            $this->entities->refresh($wrong);
            $before = $this->attempts->find($right->id);
            if (null !== $before) {
                return $before->corrects === $wrong->id && $before->outcome === $right->outcome
                    ? $this->record($child)
                    : throw Refusal::conflict('id', 'Another try has this id already. Nothing was changed.');
            }
            if (null !== $wrong->removedAt) {
                throw Refusal::conflict('id', 'This try was taken back or corrected already. Nothing was changed.');
            }

            return $this->records->change($child, function () use ($child, $wrong, $right, $now): void {
                $wrong->removedAt = (int) $now->format('Uv');
                $this->entities->flush();
                $this->entities->persist(AttemptEntity::of($right, $child->id, $wrong->questionId, $wrong->id));
                $this->events->dispatch(new EvidenceChanged($child->id, $wrong->sittingId));
            }, [$right], [$wrong->toCore()]);
        });
    }

    /** @return list<Attempt> of one sitting, in order */
    public function attemptsIn(string $sittingId): array
    {
        return array_map(static fn (AttemptEntity $attempt): Attempt => $attempt->toCore(), $this->attempts->ofSittings([$sittingId]));
    }

    /**
     * @param list<string> $sittingIds
     *
     * @return list<AttemptEntity> those that count, in order of time
     */
    public function answered(array $sittingIds): array
    {
        return $this->attempts->ofSittings($sittingIds);
    }

    /** @return list<AttemptEntity> those of a sitting that count, in order of time, and the one of this id */
    public function around(string $sittingId, string $id): array
    {
        return $this->attempts->around($sittingId, $id);
    }

    /**
     * How often each way and each slip was tapped for these steps.
     *
     * @param list<string> $childIds
     * @param list<string> $stepIds
     *
     * @return array<string, array<string, int>> child id => the value of a method or a slip => how often
     */
    public function happened(array $childIds, array $stepIds): array
    {
        /** @var list<array{child_id: string, what: string, times: int}> $rows */
        $rows = $this->entities->getConnection()->fetchAllAssociative(
            'SELECT child_id, what, COUNT(*) AS times FROM ('
            .'SELECT child_id, method AS what FROM attempt WHERE child_id IN (:children) AND step_id IN (:steps) AND removed_at IS NULL UNION ALL'
            .' SELECT child_id, slip FROM attempt WHERE child_id IN (:children) AND step_id IN (:steps) AND removed_at IS NULL'
            .') WHERE what IS NOT NULL GROUP BY child_id, what',
            ['children' => $childIds, 'steps' => $stepIds],
            ['children' => ArrayParameterType::STRING, 'steps' => ArrayParameterType::STRING],
        );
        $counts = [];
        foreach ($rows as $row) {
            $counts[$row['child_id']][$row['what']] = $row['times'];
        }

        return $counts;
    }

    /**
     * Which of these sittings have something seen in them.
     *
     * @param list<string> $sittingIds
     *
     * @return array<string, true> by sitting id
     */
    public function begun(array $sittingIds): array
    {
        if ([] === $sittingIds) {
            return [];
        }
        $begun = $this->entities->getConnection()->fetchFirstColumn(
            'SELECT sitting_id FROM attempt WHERE removed_at IS NULL AND sitting_id IN (?)'
            .' UNION SELECT sitting_id FROM closing WHERE removed_at IS NULL AND sitting_id IN (?)'
            .' UNION SELECT sitting_id FROM note WHERE removed_at IS NULL AND sitting_id IN (?)',
            [$sittingIds, $sittingIds, $sittingIds],
            [ArrayParameterType::STRING, ArrayParameterType::STRING, ArrayParameterType::STRING],
        );

        return array_fill_keys(array_filter($begun, is_string(...)), true);
    }

    /**
     * What was seen of one step, newest first, those taken back included: a page of it.
     *
     * @param string|null $before where the page before ended; null for the newest
     *
     * @return array{seen: list<array{seen: Attempt|Closing|Witness|HandMark, removed: bool, corrects: string|null}>, end: string|null} no end: no more
     */
    public function history(string $childId, string $stepId, ?string $before = null): array
    {
        [$at, $device, $id] = null === $before ? [\PHP_INT_MAX, '', ''] : explode('~', $before, 3) + ['0', '', ''];
        $entities = [];
        foreach (self::TABLES as $table => $read) {
            foreach ($this->entities->getConnection()->iterateAssociative(
                'SELECT * FROM '.$table.' WHERE child_id = :child AND step_id = :step AND (at, device_id, id) < (:at, :device, :id)'
                .' ORDER BY at DESC, device_id DESC, id DESC LIMIT :most',
                ['child' => $childId, 'step' => $stepId, 'at' => (int) $at, 'device' => $device, 'id' => $id, 'most' => self::PAGE + 1],
                ['at' => ParameterType::INTEGER, 'most' => ParameterType::INTEGER],
            ) as $row) {
                $entities[] = $read::ofRow($row);
            }
        }
        $place = static fn (AttemptEntity|ClosingEntity|NoteEntity $seen): array => [$seen->at, $seen->deviceId, $seen->id];
        usort($entities, static fn (AttemptEntity|ClosingEntity|NoteEntity $a, AttemptEntity|ClosingEntity|NoteEntity $b): int => $place($b) <=> $place($a));
        $page = \array_slice($entities, 0, self::PAGE);
        $last = $page[self::PAGE - 1] ?? null;

        return [
            'seen' => array_map(static fn (AttemptEntity|ClosingEntity|NoteEntity $seen): array => [
                'seen' => $seen->toCore(),
                'removed' => null !== $seen->removedAt,
                'corrects' => $seen instanceof AttemptEntity ? $seen->corrects : null,
            ], $page),
            'end' => null === $last || \count($entities) <= self::PAGE ? null : implode('~', $place($last)),
        ];
    }

    /** An attempt that is known whole, as in the demo; the caller flushes, and the record is made at the first look at it. */
    public function keep(Attempt $attempt, string $childId, string $questionId): void
    {
        $this->entities->persist(AttemptEntity::of($attempt, $childId, $questionId));
    }

    /** A note that is known whole, as for an attempt. */
    public function keepNote(Witness|HandMark $seen, string $childId): void
    {
        $this->entities->persist(NoteEntity::of($seen, $childId));
    }

    /** A closing mark that is known whole, as for an attempt. */
    public function keepClosing(Closing $closing, string $childId): void
    {
        $this->entities->persist(ClosingEntity::of($closing, $childId));
    }
}

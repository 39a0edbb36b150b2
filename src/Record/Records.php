<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Database\CannotWrite;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Rungs;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Skill\SkillMap;

/**
 * Keeps the record of each child beside the evidence it follows from, so that nobody reads years of attempts again. What arrives in order
 * changes a few states. What arrives late or is taken back is replayed from the last checkpoint before it: the record as it was then; only the
 * states it can touch are made anew, in the later checkpoints too. A change of map, settings or prior makes all anew, when the record is next
 * looked at.
 */
final readonly class Records
{
    /** So much seen of one child on one day is kept. */
    public const MOST_A_DAY = 500;

    /** Evidence that arrives while a record is made anew makes it anew again, so often; then it is used and not kept. */
    private const TIMES = 3;

    public function __construct(
        private EntityManagerInterface $entities,
        private Transactions $transactions,
        private RecordRows $rows,
        private SkillMap $map,
    ) {
    }

    /**
     * @param list<Child> $children
     *
     * @return array<string, ChildRecord> by child id
     */
    public function of(array $children): array
    {
        $kept = $this->rows->of($children);
        $records = [];
        foreach ($children as $child) {
            $records[$child->id] = ($kept[$child->id] ?? null)->record ?? $this->rebuild($child);
        }

        return $records;
    }

    /** The record as it follows from all the evidence, whatever is kept. */
    public function replayed(Child $child): ChildRecord
    {
        return ChildRecord::replay($this->map, $this->evidence($child->id), $child->settings, $child->priors);
    }

    /** The record as it was in the evening of a day, by what is known of that day now. */
    public function onEvening(Child $child, LocalDate $day): ChildRecord
    {
        // A day of the household begins and ends within two days of it anywhere.
        $surely = 1000 * ($day->toDateTime()->getTimestamp() - 172_800);
        $kept = $this->rows->of([$child])[$child->id] ?? null;
        $from = null === $kept ? null : $this->rows->checkpoint($child, $kept, static fn (array $newest): bool => $newest[0] < $surely);
        $since = $this->evidence($child->id, $from->newest[0] ?? 0);
        $until = array_filter($since, static fn (Seen $seen): bool => !$seen->day->isAfter($day) && (null === $from || $from->isBefore($seen)));

        return ($from->record ?? ChildRecord::blank($this->map, $child->settings, $child->priors))->extended($until);
    }

    /**
     * Makes the kept record anew from all the evidence. Others may write while it is worked out; it is kept in one go, whole or not at all.
     * Where nothing can be written it is used all the same.
     */
    public function rebuild(Child $child): ChildRecord
    {
        for ($time = 1;; ++$time) {
            $seen = $this->evidenceOf($child->id);
            $evidence = $this->evidence($child->id);
            $record = ChildRecord::blank($this->map, $child->settings, $child->priors);
            $checkpoints = [];
            $done = 0;
            foreach (Rungs::of(\count($evidence)) as $place) {
                $part = \array_slice($evidence, $done, $place - $done);
                $record = $record->extended($part);
                $checkpoints[$place] = [$record, KeptRecord::place($part[\count($part) - 1])];
                $done = $place;
            }
            $record = $record->extended(\array_slice($evidence, $done));
            try {
                $isKept = $this->transactions->run(function () use ($child, $record, $checkpoints, $evidence, $done, $seen): bool {
                    if ($seen !== $this->evidenceOf($child->id)) {
                        return false;
                    }
                    $this->rows->clear($child);
                    $this->rows->put($child, null, $record, null === $record->newest ? null : KeptRecord::place($record->newest), \count($evidence) - $done);
                    foreach ($checkpoints as $place => [$was, $newest]) {
                        $this->rows->putCheckpoint($child, $place, $was->states(), $was, $newest);
                    }

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

    /**
     * Writes evidence and the record that follows from it in one go: while it runs no other device can write.
     *
     * @param callable():void $write persists the evidence
     * @param list<Seen>      $new   added by it
     * @param list<Seen>      $gone  taken back by it
     *
     * @throws Refusal 422 when there is absurdly much on one day
     */
    public function change(Child $child, callable $write, array $new, array $gone = []): ChildRecord
    {
        return $this->transactions->run(function () use ($child, $write, $new, $gone): ChildRecord {
            $kept = $this->lastKept($child, $new);
            $write();
            $this->entities->flush();
            if (null === $kept) {
                return $this->rebuild($child);
            }
            $late = array_filter($new, static fn (Seen $seen): bool => !$kept->isBefore($seen));

            $changed = [...$new, ...$gone];

            return [] === $changed || [] === $late && [] === $gone ? $this->goOn($child, $kept, $new) : $this->goBack($child, $kept, $changed);
        });
    }

    /** @param list<Seen> $new in whatever order, all after what is kept */
    private function goOn(Child $child, KeptRecord $kept, array $new): ChildRecord
    {
        $after = $kept->record->extended($new);
        $newest = null === $after->newest ? $kept->newest : KeptRecord::place($after->newest);
        $since = $kept->since + \count($new);
        if ($since >= Rungs::EVERY && null !== $newest) {
            $places = $this->rows->places($child);
            $places[] = (end($places) ?: 0) + $since;
            $this->rows->putCheckpoint($child, end($places), $after->states(), $after, $newest);
            $this->rows->dropCheckpoints($child, array_values(array_diff($places, Rungs::staying($places))));
            $since = 0;
        }
        $this->rows->put($child, $kept, $after, $newest, $since);

        return $after;
    }

    /**
     * Replays from the last checkpoint before all that changed, for the steps that it can touch.
     *
     * @param non-empty-list<Seen> $changed
     */
    private function goBack(Child $child, KeptRecord $kept, array $changed): ChildRecord
    {
        $first = min(array_map(KeptRecord::place(...), $changed));
        $from = $this->rows->checkpoint($child, $kept, static fn (array $newest): bool => $newest < $first);
        $run = $from->record ?? ChildRecord::blank($this->map, $child->settings, $child->priors);
        $stepIds = array_filter(array_map(static fn (Seen $seen): string => $seen->stepId, $changed), $kept->record->map->has(...));
        $touched = array_values(array_unique(array_merge(...array_map($kept->record->touchedBy(...), array_values($stepIds)))));
        $evidence = $this->evidence($child->id, $from->newest[0] ?? 0);
        $evidence = null === $from ? $evidence : array_values(array_filter($evidence, $from->isBefore(...)));
        $done = 0;
        foreach ($this->rows->checkpointsAfter($child, $kept, $from) as $place => $later) {
            for ($end = $done; isset($evidence[$end]) && !$later->isBefore($evidence[$end]);) {
                ++$end;
            }
            $run = $run->extendedFor($touched, \array_slice($evidence, $done, $end - $done));
            $done = $end;
            $this->rows->correctCheckpoint($child, $place, $later, $later->record->withStatesOf($run, $touched), $touched);
        }
        $run = $run->extendedFor($touched, \array_slice($evidence, $done));
        $after = $kept->record->withStatesOf($run, $touched);
        $this->rows->put($child, $kept, $after, max([$kept->newest, ...array_map(KeptRecord::place(...), $changed)]), \count($evidence) - $done);

        return $after;
    }

    /**
     * What is kept of a child, and whether the day still has room.
     *
     * @param list<Seen> $new
     *
     * @throws Refusal 422
     */
    private function lastKept(Child $child, array $new): ?KeptRecord
    {
        /** @var array{child_id: string, basis: string|null, newest: string|null, last_sittings: string, looks: string, since: int, on_day: int} $row */
        $row = $this->entities->getConnection()->fetchAssociative(
            'SELECT c.id AS child_id, r.basis, r.newest, r.last_sittings, r.looks, r.since,'
            .' (SELECT COUNT(*) FROM attempt a WHERE a.child_id = c.id AND a.at >= :from AND a.day = :day)'
            .' + (SELECT COUNT(*) FROM closing z WHERE z.child_id = c.id AND z.day = :day)'
            .' + (SELECT COUNT(*) FROM note n WHERE n.child_id = c.id AND n.day = :day) AS on_day'
            .' FROM child c LEFT JOIN record r ON r.child_id = c.id WHERE c.id = :child',
            // The index is by instant; a day of the household lies within two days of it anywhere.
            [
                'child' => $child->id,
                'day' => isset($new[0]) ? $new[0]->day->toString() : '',
                'from' => isset($new[0]) ? (int) $new[0]->at->format('Uv') - 172_800_000 : 0,
            ],
            ['from' => ParameterType::INTEGER],
        ) ?: throw new \LogicException('A record is of a child that is kept.');
        if ([] !== $new && $row['on_day'] >= self::MOST_A_DAY) {
            throw Refusal::invalid('at', \sprintf('%d things seen of one child on one day are kept already; that is plenty.', self::MOST_A_DAY));
        }

        return null === $row['basis'] ? null : $this->rows->read([$child], [$row])[$child->id] ?? null;
    }

    /** What tells one state of the evidence of a child from another: attempts, closing marks and notes are never deleted, only added and taken back. */
    private function evidenceOf(string $childId): string
    {
        return (string) $this->entities->getConnection()->fetchOne(
            "SELECT (SELECT COUNT(*) || '-' || COUNT(removed_at) FROM attempt WHERE child_id = :child)"
            ." || '/' || (SELECT COUNT(*) || '-' || COUNT(removed_at) FROM closing WHERE child_id = :child)"
            ." || '/' || (SELECT COUNT(*) || '-' || COUNT(removed_at) FROM note WHERE child_id = :child)",
            ['child' => $childId],
        );
    }

    /**
     * All evidence that counts, in order.
     *
     * @param int $from only from this instant on, in milliseconds
     *
     * @return list<Seen>
     */
    private function evidence(string $childId, int $from = 0): array
    {
        $seen = $places = [];
        foreach (Evidence::TABLES as $table => $read) {
            foreach ($this->entities->getConnection()->iterateAssociative(
                'SELECT * FROM '.$table.' WHERE child_id = ? AND removed_at IS NULL AND at >= ? ORDER BY at, device_id, id',
                [$childId, $from],
                [1 => ParameterType::INTEGER],
            ) as $row) {
                $seen[] = $read::ofRow($row)->toCore();
                $places[] = \sprintf("%016d\0%s\0%s", $row['at'], $row['device_id'], $row['id']);
            }
        }
        // Three lists that are in order each: by text that is quick, and as Seen::compare has it.
        asort($places, \SORT_STRING);

        return array_map(static fn (int $i): Seen => $seen[$i], array_keys($places));
    }
}

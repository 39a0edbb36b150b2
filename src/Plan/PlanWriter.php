<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Database\Rows;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Record\Evidence;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Planning\DayPlan;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Planning\Stretch;
use Pindle\Core\Question\Question;
use Symfony\Component\Uid\Uuid;

/**
 * Stores a new plan in the place of what was only planned. A set-up that is in both keeps its id, and a question that is in both keeps
 * its own; where questions changed, those before are kept as a revision.
 *
 * @phpstan-type Row array<string, int|float|string|null>
 * @phpstan-type PlanRows array{set_up: list<Row>, sitting: list<Row>, revision: list<Row>}
 */
final readonly class PlanWriter
{
    /** What was planned away is kept so many days: as long as a device may come back with a tap for it. */
    public const DROPPED_DAYS = 90;

    public function __construct(private EntityManagerInterface $entities, private Transactions $transactions, private Evidence $evidence)
    {
    }

    /**
     * @param DayEntity         $day  with the version that was read
     * @param list<StoredSetUp> $all  of the day, as read
     * @param list<SetUp>       $kept begun or done, with their words of care as they are now
     *
     * @return bool false, and nothing stored, when the day changed since it was read
     */
    public function write(DayEntity $day, array $all, DayPlan $plan, array $kept): bool
    {
        $before = [];
        foreach ($all as $stored) {
            $before[$stored->setUp->key] = $stored;
        }
        $keptKeys = array_map(static fn (SetUp $setUp): string => $setUp->key, $kept);
        $new = array_values(array_filter($plan->setUps, static fn (SetUp $setUp): bool => !\in_array($setUp->key, $keptKeys, true)));
        $ids = self::ids($new, array_diff_key($before, array_flip($keptKeys)));
        $rows = ['set_up' => [], 'sitting' => [], 'revision' => []];
        foreach ($kept as $setUp) {
            $rows['set_up'][] = self::setUpRow($setUp, $setUp->key, $before[$setUp->key]->state, $day->date, $before[$setUp->key]->revision);
        }
        foreach ($new as $setUp) {
            self::collect($rows, $setUp, $ids[$setUp->key], $before[$ids[$setUp->key]] ?? null, $day->date);
        }
        foreach (array_diff(array_keys($before), $keptKeys, $ids) as $id) {
            $rows['set_up'][] = self::setUpRow($before[$id]->setUp, $id, SetUpState::Dropped, $day->date, $before[$id]->revision);
        }
        // What is only planned may be begun by now, on another device.
        $untouched = array_merge(...array_map(static fn (StoredSetUp $stored): array => $stored->isKept() ? [] : $stored->sittingIds(), $all));

        return $this->transactions->runIf(function () use ($day, $plan, $ids, $untouched, $rows): bool {
            // Only now is what others began all there.
            $isOurs = $this->takeDay($day, $plan, $ids) && [] === $this->evidence->begun($untouched);
            if ($isOurs) {
                $this->put($rows, $day->date);
            }

            return $isOurs;
        });
    }

    /**
     * A set-up that is known whole and laid out as it is: of a day gone by, as in the demo, or started at once.
     *
     * @param array<string, string>                                     $sittingIds child id => sitting id
     */
    public function keepWhole(SetUp $setUp, LocalDate $date, string $id, array $sittingIds): void
    {
        $connection = $this->entities->getConnection();
        Rows::put($connection, 'set_up', ['id'], [self::setUpRow($setUp, $id, SetUpState::Planned, $date->toString(), 1)]);
        Rows::put(
            $connection,
            'sitting',
            ['id'],
            array_map(
                static fn (Sitting $sitting, int $turn): array => self::sittingRow($sitting, $sittingIds[$sitting->childId], $id, $date->toString(), $turn),
                $setUp->sittings,
                array_keys($setUp->sittings),
            ),
        );
    }

    /** @param array<string, string> $ids key in the plan => id */
    private function takeDay(DayEntity $day, DayPlan $plan, array $ids): bool
    {
        $connection = $this->entities->getConnection();
        $json = static fn (mixed $value): string => json_encode($value, \JSON_THROW_ON_ERROR);
        $stretch = static fn (Stretch $stretch): array => [
            $stretch->state->value,
            $stretch->span->start,
            $stretch->span->end,
            null === $stretch->setUpKey ? null : $ids[$stretch->setUpKey] ?? $stretch->setUpKey,
        ];
        $values = [
            $json($day->windows),
            (int) $day->wet,
            (int) $day->quiet,
            (int) $day->highTable,
            $day->planned + 1,
            $json($day->wanted),
            $json((object) array_map(static fn (array $thread): array => array_map($stretch, $thread), $plan->threads)),
            $json(get_object_vars($plan->goal)),
            $day->version + 1,
            $day->date,
        ];

        return 0 === $day->version
            ? 1 === $connection->executeStatement(
                'INSERT INTO day (windows, wet, quiet, high_table, planned, wanted, threads, goal, version, date, stale)'
                .' VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 0) ON CONFLICT (date) DO NOTHING',
                $values,
            )
            : 1 === $connection->executeStatement(
                'UPDATE day SET windows = ?, wet = ?, quiet = ?, high_table = ?, planned = ?, wanted = ?, threads = ?, goal = ?, version = ?, stale = 0'
                .' WHERE date = ? AND version = ?',
                [...$values, $day->version],
            );
    }

    /** @param PlanRows $rows */
    private function put(array $rows, string $date): void
    {
        $connection = $this->entities->getConnection();
        Rows::put($connection, 'set_up', ['id'], $rows['set_up']);
        Rows::put($connection, 'sitting', ['id'], $rows['sitting']);
        Rows::put($connection, 'revision', ['set_up_id', 'revision'], $rows['revision']);
        $old = LocalDate::parse($date)->plusDays(-RevisionEntity::KEPT_DAYS)->toString();
        $connection->executeStatement('DELETE FROM revision WHERE date < ?', [$old]);
        $gone = LocalDate::parse($date)->plusDays(-self::DROPPED_DAYS)->toString();
        $connection->executeStatement(
            'DELETE FROM set_up WHERE state = ? AND date < ?'
            .' AND NOT EXISTS (SELECT 1 FROM sitting s JOIN attempt a ON a.sitting_id = s.id WHERE s.set_up_id = set_up.id)',
            [SetUpState::Dropped->value, $gone],
        );
    }

    /**
     * An id for each new set-up: its own where it is one that was held, else that of a set-up of the same activity for the same children.
     *
     * @param list<SetUp>                $new
     * @param array<string, StoredSetUp> $before by id
     *
     * @return array<string, string> key in the plan => id
     */
    private static function ids(array $new, array $before): array
    {
        uasort($before, static fn (StoredSetUp $a, StoredSetUp $b): int => (SetUpState::Dropped === $a->state) <=> (SetUpState::Dropped === $b->state));
        $ids = [];
        foreach ($new as $setUp) {
            if (isset($before[$setUp->key])) {
                $ids[$setUp->key] = $setUp->key;
            }
        }
        $sorted = static function (array $childIds): array {
            sort($childIds);

            return $childIds;
        };
        foreach ($new as $setUp) {
            foreach ($before as $id => $stored) {
                if (
                    !\in_array($id, $ids, true)
                    && $stored->setUp->activity->id === $setUp->activity->id
                    && $sorted($stored->setUp->childIds()) === $sorted($setUp->childIds())
                ) {
                    $ids[$setUp->key] ??= $id;
                }
            }
            $ids[$setUp->key] ??= Uuid::v7()->toRfc4122();
        }

        return $ids;
    }

    /** @param PlanRows $rows */
    private static function collect(array &$rows, SetUp $setUp, string $id, ?StoredSetUp $before, string $date): void
    {
        $changed = false;
        foreach ($setUp->sittings as $turn => $sitting) {
            $was = $before->sittings[$sitting->childId] ?? null;
            $questions = self::named($sitting, $was);
            $changed = $changed || (null !== $was && $questions != $was->sitting->questions);
            $rows['sitting'][] = self::sittingRow($sitting->asking($questions), $was->id ?? Uuid::v7()->toRfc4122(), $id, $date, $turn);
        }
        if ($changed && null !== $before) {
            $sittings = [];
            foreach ($before->sittings as $was) {
                $sittings[$was->id] = ['courses' => Stored::courses($was->sitting), 'questions' => array_map(Stored::question(...), $was->sitting->questions)];
            }
            $rows['revision'][] = [
                'set_up_id' => $id,
                'revision' => $before->revision,
                'date' => $date,
                'sittings' => json_encode($sittings, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
            ];
        }
        $rows['set_up'][] = self::setUpRow($setUp, $id, SetUpState::Planned, $date, ($before->revision ?? 1) + ($changed ? 1 : 0));
    }

    /** @return list<Question> of a sitting, each with an id: its own where the same was asked in the same sitting before */
    private static function named(Sitting $sitting, ?StoredSitting $was): array
    {
        $known = [];
        foreach ($was->sitting->questions ?? [] as $question) {
            $known[$question->stepId.'|'.$question->prompt->key().'|'.$question->level->value][] = $question->id;
        }

        return array_map(static function (Question $question) use (&$known): Question {
            $key = $question->stepId.'|'.$question->prompt->key().'|'.$question->level->value;

            return $question->named((isset($known[$key]) ? array_shift($known[$key]) : null) ?? Uuid::v7()->toRfc4122());
        }, $sitting->questions);
    }

    /** @return array<string, int|float|string|null> */
    private static function setUpRow(SetUp $setUp, string $id, SetUpState $state, string $date, int $revision): array
    {
        return [
            'id' => $id,
            'date' => $date,
            'state' => (SetUpState::Begun === $state ? SetUpState::Planned : $state)->value,
            'activity_id' => $setUp->activity->id,
            'place' => $setUp->place->value,
            'part' => $setUp->part->value,
            'start' => $setUp->span->start,
            'minutes' => $setUp->span->minutes(),
            'laid' => json_encode(
                array_map(Stored::laid(...), $setUp->laid),
                \JSON_THROW_ON_ERROR,
            ),
            'props' => json_encode(array_map(static fn (Prop $prop): string => $prop->id, $setUp->props), \JSON_THROW_ON_ERROR),
            'warnings' => json_encode(array_map(static fn (Caution $caution): array => Stored::warning($caution), $setUp->warnings), \JSON_THROW_ON_ERROR),
            'revision' => $revision,
        ];
    }

    /** @return array<string, int|float|string|null> */
    private static function sittingRow(Sitting $sitting, string $id, string $setUpId, string $date, int $turn): array
    {
        return [
            'id' => $id,
            'set_up_id' => $setUpId,
            'turn' => $turn,
            'child_id' => $sitting->childId,
            'date' => $date,
            'courses' => json_encode(Stored::courses($sitting), \JSON_THROW_ON_ERROR),
            'questions' => json_encode(
                array_map(static fn (Question $question): array => Stored::question($question), $sitting->questions),
                \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE,
            ),
            'value' => $sitting->value,
            'worth' => null === $sitting->worth ? null : json_encode(get_object_vars($sitting->worth), \JSON_THROW_ON_ERROR),
            'turn_order' => '[]',
            'advice' => '[]',
        ];
    }
}

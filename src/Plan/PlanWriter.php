<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\DBAL\ArrayParameterType;
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
use Pindle\Core\Planning\Spares;
use Pindle\Core\Planning\Stretch;
use Pindle\Core\Planning\WhyLittle;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\SkillMap;
use Symfony\Component\Uid\Uuid;

/**
 * Stores a new plan in the place of what was only planned. A set-up that is in both keeps its id, and a question that is in both keeps
 * its own; where questions changed, those before are kept as a revision.
 *
 * @phpstan-import-type StoredQuestion from Stored
 *
 * @phpstan-type Row array<string, int|float|string|null>
 * @phpstan-type PlanRows array{set_up: list<Row>, sitting: list<Row>, revision: list<Row>}
 */
final readonly class PlanWriter
{
    /** What was planned away is kept so many days: as long as a device may come back with a tap for it. */
    public const DROPPED_DAYS = 90;

    private Spares $spares;

    public function __construct(private EntityManagerInterface $entities, private Transactions $transactions, private Evidence $evidence, SkillMap $map)
    {
        $this->spares = new Spares($map);
    }

    /**
     * @param DayEntity         $day  with the version that was read
     * @param list<StoredSetUp> $all  of the day, as read
     * @param list<SetUp>       $kept begun or done, with their words of care as they are now
     * @param callable(array<string, string>): void|null $with what is stored with it, told the id of each key in the plan
     *
     * @return bool false, and nothing stored, when the day changed since it was read
     */
    public function write(DayEntity $day, array $all, DayPlan $plan, array $kept, ?callable $with = null): bool
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
            $rows['set_up'][] = self::setUpRow($setUp, $setUp->key, $before[$setUp->key]->state, $day->date, $before[$setUp->key]);
        }
        foreach ($new as $setUp) {
            $this->collect($rows, $setUp, $ids[$setUp->key], $before[$ids[$setUp->key]] ?? null, $day->date);
        }
        foreach (array_diff(array_keys($before), $keptKeys, $ids) as $id) {
            $rows['set_up'][] = self::setUpRow($before[$id]->setUp, $id, SetUpState::Dropped, $day->date, $before[$id]);
        }
        // What is only planned may be begun by now, on another device.
        $untouched = array_merge(...array_map(static fn (StoredSetUp $stored): array => $stored->isKept() ? [] : $stored->sittingIds(), $all));

        return $this->transactions->runIf(function () use ($day, $plan, $ids, $untouched, $rows, $with): bool {
            // Only now is what others began all there.
            $isOurs = $this->takeDay($day, $plan, $ids) && [] === $this->evidence->begun($untouched);
            if ($isOurs) {
                $this->put($rows, $day->date);
                null === $with || $with($ids);
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
        Rows::put($connection, 'set_up', ['id'], [self::setUpRow($setUp, $id, SetUpState::Planned, $date->toString())]);
        Rows::put(
            $connection,
            'sitting',
            ['id'],
            array_map(
                fn (Sitting $sitting, int $turn): array => $this->sittingRow($setUp, $sitting, $sittingIds[$sitting->childId], $id, $date->toString(), $turn),
                $setUp->sittings,
                array_keys($setUp->sittings),
            ),
        );
    }

    /**
     * A set-up that was not in the plan, to begin at once: it and its questions get ids.
     *
     * @param bool $held whether it stays when the day is planned again before it is begun
     *
     * @return string its id
     */
    public function layOut(SetUp $setUp, LocalDate $date, bool $held = false): string
    {
        $id = static fn (): string => Uuid::v7()->toRfc4122();
        $named = static fn (Sitting $sitting): Sitting => $sitting->asking(array_map(
            static fn (Question $question): Question => $question->named($id()),
            $sitting->questions,
        ));
        $sittings = [];
        foreach ($setUp->childIds() as $childId) {
            $sittings[$childId] = $id();
        }
        $own = $id();
        $this->keepWhole($setUp->sitting(array_map($named, $setUp->sittings)), $date, $own, $sittings);
        if ($held) {
            $this->entities->getConnection()->executeStatement('UPDATE set_up SET held = 1 WHERE id = ?', [$own]);
        }

        return $own;
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
        $columns = [
            'windows' => $json($day->windows),
            'own_windows' => (int) $day->ownWindows,
            'awaits' => (int) $day->awaits,
            'wet' => (int) $day->wet,
            'quiet' => (int) $day->quiet,
            'high_table' => (int) $day->highTable,
            'planned' => $day->planned + 1,
            'wanted' => $json($day->wanted),
            'blocks' => $json($day->blocks),
            'absent' => $json((object) $day->absent),
            'asleep' => $json((object) $day->asleep),
            'not_today' => $json((object) $day->notToday),
            'moments' => $json(self::moments($day, $plan)),
            'little' => $json((object) array_map(static fn (WhyLittle $why): string => $why->value, $plan->little)),
            'threads' => $json((object) array_map(static fn (array $thread): array => array_map($stretch, $thread), $plan->threads)),
            'goal' => $json(get_object_vars($plan->goal)),
            'version' => $day->version + 1,
            'stale' => 0,
        ];
        $names = array_keys($columns);
        if (0 === $day->version) {
            return 1 === $connection->executeStatement(
                \sprintf(
                    'INSERT INTO day (%s, date) VALUES (%s) ON CONFLICT (date) DO NOTHING',
                    implode(', ', $names),
                    implode(', ', array_fill(0, \count($names) + 1, '?')),
                ),
                [...array_values($columns), $day->date],
            );
        }

        return 1 === $connection->executeStatement(
            \sprintf('UPDATE day SET %s = ? WHERE date = ? AND version = ?', implode(' = ?, ', $names)),
            [...array_values($columns), $day->date, $day->version],
        );
    }

    /** @return list<array{child: string, activity: string, step: string, done?: string}> those that happened stay; the others are as planned now */
    private static function moments(DayEntity $day, DayPlan $plan): array
    {
        $moments = array_values(array_filter($day->moments, static fn (array $moment): bool => isset($moment['done'])));
        $known = array_map(static fn (array $moment): string => $moment['child'].' '.$moment['activity'], $moments);
        foreach ($plan->moments as $moment) {
            if (!\in_array($moment->childId.' '.$moment->activityId, $known, true)) {
                $moments[] = ['child' => $moment->childId, 'activity' => $moment->activityId, 'step' => $moment->stepId];
            }
        }

        return $moments;
    }

    /** @param PlanRows $rows */
    private function put(array $rows, string $date): void
    {
        $connection = $this->entities->getConnection();
        Rows::put($connection, 'set_up', ['id'], $rows['set_up']);
        $this->takeOut($rows['sitting']);
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
     * Who does not sit at a planned set-up any more has no sitting there.
     *
     * @param list<Row> $sittings of the set-ups as they are now
     */
    private function takeOut(array $sittings): void
    {
        if ([] === $sittings) {
            return;
        }
        $this->entities->getConnection()->executeStatement(
            'DELETE FROM sitting WHERE set_up_id IN (?) AND id NOT IN (?) AND NOT EXISTS (SELECT 1 FROM attempt a WHERE a.sitting_id = sitting.id)',
            [array_values(array_unique(array_column($sittings, 'set_up_id'))), array_column($sittings, 'id')],
            [ArrayParameterType::STRING, ArrayParameterType::STRING],
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
    private function collect(array &$rows, SetUp $setUp, string $id, ?StoredSetUp $before, string $date): void
    {
        $changed = false;
        foreach ($setUp->sittings as $turn => $sitting) {
            $was = $before->sittings[$sitting->childId] ?? null;
            $questions = self::named($sitting, $was);
            $changed = $changed || (null !== $was && $questions != $was->sitting->questions);
            $rows['sitting'][] = $this->sittingRow($setUp, $sitting->asking($questions), $was->id ?? Uuid::v7()->toRfc4122(), $id, $date, $turn);
        }
        if ($changed && null !== $before) {
            $sittings = [];
            foreach ($before->sittings as $was) {
                $sittings[$was->id] = [
                    'courses' => Stored::courses($was->sitting),
                    'questions' => array_map(Stored::question(...), $was->sitting->questions),
                    'spares' => self::stored($was->spares),
                ];
            }
            $rows['revision'][] = [
                'set_up_id' => $id,
                'revision' => $before->revision,
                'date' => $date,
                'sittings' => json_encode($sittings, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
            ];
        }
        $rows['set_up'][] = self::setUpRow($setUp, $id, SetUpState::Planned, $date, $before, $changed ? 1 : 0);
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
    private static function setUpRow(SetUp $setUp, string $id, SetUpState $state, string $date, ?StoredSetUp $before = null, int $newer = 0): array
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
            'revision' => ($before->revision ?? 1) + $newer,
            'held' => (int) ($before->held ?? false),
            'refused' => (int) ($before->refused ?? false),
        ];
    }

    /** @return array<string, int|float|string|null> */
    private function sittingRow(SetUp $setUp, Sitting $sitting, string $id, string $setUpId, string $date, int $turn): array
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
            'spares' => json_encode((object) self::stored($this->sparesOf($setUp, $sitting, $id)), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
            'value' => $sitting->course()->value,
            'worth' => null === $sitting->worth ? null : json_encode(get_object_vars($sitting->worth), \JSON_THROW_ON_ERROR),
            'turn_order' => '[]',
            'advice' => '[]',
        ];
    }

    /** @return array<string, list<Question>> by idea; one that is made once more has the id it had */
    private function sparesOf(SetUp $setUp, Sitting $sitting, string $sittingId): array
    {
        $of = Uuid::fromString($sittingId);

        return array_map(static fn (array $spares): array => array_map(
            static fn (Question $spare): Question => $spare->named(Uuid::v5($of, $spare->stepId.'|'.$spare->prompt->key())->toRfc4122()),
            $spares,
        ), $this->spares->of($setUp, $sitting));
    }

    /**
     * @param array<string, list<Question>> $spares
     *
     * @return array<string, list<StoredQuestion>>
     */
    private static function stored(array $spares): array
    {
        return array_map(static fn (array $of): array => array_map(Stored::question(...), $of), $spares);
    }
}

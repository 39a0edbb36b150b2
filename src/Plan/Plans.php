<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Query;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Things;
use Pindle\App\Record\Evidence;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Advice\DecisionReason;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Question;
use Pindle\Core\Thing\Thing;

/** Reads plans as made and as done. */
final readonly class Plans
{
    /** So long what a parent chose waits for the next sitting. */
    private const CHOSEN_DAYS = 28;

    private const SET_UPS = 'SELECT u, s FROM '.SetUpEntity::class.' u LEFT JOIN u.sittings s';

    public function __construct(
        private EntityManagerInterface $entities,
        private Activities $activities,
        private Things $things,
        private Evidence $evidence,
        private Days $days,
    ) {
    }

    /** The day as stored, or a new one. */
    public function day(LocalDate $date): DayEntity
    {
        return $this->days->day($date);
    }

    /** @return list<StoredSetUp> what is in the plan of a day, in order of time */
    public function setUps(LocalDate $date): array
    {
        return array_values(array_filter($this->all($date), static fn (StoredSetUp $setUp): bool => SetUpState::Dropped !== $setUp->state));
    }

    /** @return list<StoredSetUp> also what is not in the plan any more, in order of time */
    public function all(LocalDate $date): array
    {
        $query = $this->entities->createQuery(self::SET_UPS.' WHERE u.date = :of ORDER BY u.start, u.id, s.turn, s.id');

        return $this->read($query->setParameter('of', $date->toString()));
    }

    public function setUp(string $id): ?StoredSetUp
    {
        return $this->read($this->entities->createQuery(self::SET_UPS.' WHERE u.id = :of ORDER BY s.turn, s.id')->setParameter('of', $id))[0] ?? null;
    }

    public function everPlanned(string $activityId): bool
    {
        return null !== $this->entities->getRepository(SetUpEntity::class)->findOneBy(['activityId' => $activityId]);
    }

    /** A question of a sitting as it was asked, whatever became of it since; null when there is no such question. */
    public function asked(string $setUpId, string $sittingId, string $questionId): ?Asked
    {
        $sitting = $this->entities->createQuery('SELECT s, u FROM '.SittingEntity::class.' s JOIN s.setUp u WHERE s.id = :sitting AND u.id = :setUp')
            ->setHint(Query::HINT_REFRESH, true)
            ->setParameter('sitting', $sittingId)->setParameter('setUp', $setUpId)->getOneOrNullResult();
        if (!$sitting instanceof SittingEntity) {
            return null;
        }
        $setUp = $sitting->setUp;
        [$courses, $questions] = [$sitting->courses, $sitting->questions];
        $stored = array_column(array_merge($questions, ...array_values($sitting->spares)), null, 'id')[$questionId] ?? null;
        foreach (null === $stored ? $this->entities->getRepository(RevisionEntity::class)->findBy(
            ['setUpId' => $setUpId],
            ['revision' => 'DESC'],
        ) : [] as $revision) {
            $before = $revision->sittings[$sittingId] ?? ['courses' => $courses, 'questions' => [], 'spares' => []];
            if (null === $stored) {
                $stored = array_column(array_merge($before['questions'], ...array_values($before['spares'] ?? [])), null, 'id')[$questionId] ?? null;
                $courses = $before['courses'];
            }
        }

        if (null === $stored || [] === $courses) {
            return null;
        }
        $course = array_column($courses, null, 'step')[$stored['step']] ?? $courses[0];

        return new Asked(
            $sitting->childId,
            Stored::readQuestion($stored),
            Stored::readCourse($courses[0]),
            Stored::readCourse($course)->form,
            $setUp->activityId,
            array_values(array_unique(array_column($setUp->laid, 'thing'))),
            LocalDate::parse($setUp->date),
            $setUp->state,
            array_map(static fn (array $advice): Idea => Idea::from($advice['idea']), $sitting->advice),
            array_map(static fn (array $spares): array => array_values(array_filter(
                array_map(Stored::readQuestion(...), $spares),
                static fn (Question $spare): bool => !\in_array($spare->id, array_column($questions, 'id'), true),
            )), $sitting->spares),
        );
    }

    /** @return array<string, array<string, list<Ending>>> child id => activity id => how its sittings ended, for what a child likes */
    public function endings(): array
    {
        $endings = [];
        $rows = $this->entities
            ->createQuery('SELECT s.childId AS child, u.activityId AS activity, s.ending AS ending'
                .' FROM '.SittingEntity::class.' s JOIN s.setUp u WHERE s.ending IS NOT NULL')
            ->getArrayResult();
        /** @var list<array{child: string, activity: string, ending: Ending}> $rows */
        foreach ($rows as $row) {
            $endings[$row['child']][$row['activity']][] = $row['ending'];
        }

        return $endings;
    }

    /** @return list<array{Activity, int, LocalDate}> what came about on days before: how often, and when first */
    public function used(LocalDate $before): array
    {
        $rows = $this->entities->getConnection()->fetchAllAssociative(
            'SELECT activity_id AS activity, COUNT(*) AS times, MIN(date) AS first FROM set_up WHERE state = ? AND date < ? GROUP BY activity_id',
            [SetUpState::Done->value, $before->toString()],
        );
        $used = [];
        /** @var array{activity: string, times: int, first: string} $row */
        foreach ($rows as $row) {
            if ($this->activities->catalogue()->has($row['activity'])) {
                $used[] = [$this->activities->catalogue()->activity($row['activity']), $row['times'], LocalDate::parse($row['first'])];
            }
        }

        return $used;
    }

    /** What follows from the sittings before a day: what rests on it, and what the parent chose to come next. */
    public function followUps(LocalDate $on): FollowUps
    {
        $rows = $this->entities->getConnection()->fetchAllAssociative(
            "SELECT s.child_id AS child, json_extract(c.value, '$.step') AS step, json_extract(c.value, '$.rests') AS until, s.date AS date,"
            ." json_extract(c.value, '$.decision.kind') AS kind, json_extract(c.value, '$.chosen') AS chosen"
            ." FROM sitting s, json_each(s.courses) c WHERE json_extract(c.value, '$.rests') > :on"
            .' OR (s.ending IS NOT NULL AND s.date BETWEEN :from AND :on) ORDER BY s.date, s.id',
            ['on' => $on->toString(), 'from' => $on->plusDays(-self::CHOSEN_DAYS)->toString()],
        );
        $resting = $chosen = [];
        /** @var array{child: string, step: string, until: string|null, date: string, kind: string|null, chosen: int|null} $row */
        foreach ($rows as $row) {
            [$child, $step] = [$row['child'], $row['step']];
            $until = null === $row['until'] ? null : LocalDate::parse($row['until']);
            if (null !== $until && $until->isAfter($on) && !($resting[$child][$step] ?? $on)->isAfter($until)) {
                $resting[$child][$step] = $until;
            }
            // A sitting since then is an answer to what was chosen.
            unset($chosen[$child][$step]);
            if (null !== $row['kind'] && 1 === $row['chosen']) {
                $chosen[$child][$step] = DecisionKind::from($row['kind']);
            }
        }

        return new FollowUps($resting, array_filter($chosen));
    }

    /** @return list<StoredSetUp> */
    private function read(Query $query): array
    {
        /** @var list<SetUpEntity> $entities */
        $entities = $query->setHint(Query::HINT_REFRESH, true)->getResult();
        // What was planned with an activity that cannot be read any more is not shown; it is still kept.
        $entities = array_values(array_filter(
            $entities,
            fn (SetUpEntity $setUp): bool => $this->activities->catalogue()->has($setUp->activityId) && \count($setUp->sittings) > 0,
        ));
        if ([] === $entities) {
            return [];
        }
        $open = array_filter($entities, static fn (SetUpEntity $setUp): bool => SetUpState::Done !== $setUp->state);
        $begun = $this->evidence->begun(array_merge(...array_values(array_map(
            static fn (SetUpEntity $setUp): array => array_values($setUp->sittings->map(static fn (SittingEntity $sitting): string => $sitting->id)->toArray()),
            $open,
        ))));
        $things = $this->things->ever();

        return array_map(fn (SetUpEntity $setUp): StoredSetUp => $this->toStored($setUp, $things, $begun), $entities);
    }

    /**
     * @param array<string, Thing> $things ever in the house: those that were put away since are still named
     * @param array<string, true>  $begun  sitting ids
     */
    private function toStored(SetUpEntity $entity, array $things, array $begun): StoredSetUp
    {
        $sittings = [];
        foreach ($entity->sittings as $sitting) {
            $sittings[$sitting->childId] = self::sitting($sitting);
        }
        $isBegun = SetUpState::Done !== $entity->state && [] !== array_filter(
            $sittings,
            static fn (StoredSitting $sitting): bool => isset($begun[$sitting->id]),
        );

        return new StoredSetUp(
            new SetUp(
                $entity->id,
                $this->activities->catalogue()->activity($entity->activityId),
                $entity->place,
                $entity->part,
                Span::lasting($entity->start, $entity->minutes),
                array_map(
                    static fn (StoredSitting $sitting): Sitting => $sitting->sitting,
                    array_values($sittings),
                ) ?: throw new \LogicException('A stored set-up has no sitting.'),
                array_map(
                    static fn (array $laid): Laid => Stored::readLaid($laid, $things[$laid['thing']] ?? new Thing($laid['thing'], 'things', 'thing', 0)),
                    $entity->laid,
                ),
                array_map(Stored::readWarning(...), $entity->warnings ?? []),
                array_values(array_filter(array_map($this->activities->catalogue()->prop(...), $entity->props))),
            ),
            LocalDate::parse($entity->date),
            $isBegun ? SetUpState::Begun : $entity->state,
            $entity->revision,
            $sittings,
            $entity->held,
            $entity->refused,
            $entity->note,
        );
    }

    private static function sitting(SittingEntity $sitting): StoredSitting
    {
        $results = [];
        foreach ($sitting->courses as $course) {
            $decision = $course['decision'];
            if (null !== $decision) {
                $results[] = new StoredResult(
                    Stored::readCourse($course),
                    Mark::from($course['after'] ?? $course['before']),
                    DecisionKind::from($decision['kind']),
                    DecisionReason::from($decision['reason']),
                    $decision['values'],
                    $decision['opens'],
                    null === $decision['remedy'] ? null : Slip::from($decision['remedy']),
                    null === $course['rests'] ? null : LocalDate::parse($course['rests']),
                );
            }
        }

        return new StoredSitting(
            $sitting->id,
            new Sitting(
                $sitting->childId,
                array_map(Stored::readCourse(...), $sitting->courses),
                array_map(Stored::readQuestion(...), $sitting->questions),
                null === $sitting->worth ? null : new Worth(...$sitting->worth),
            ),
            $sitting->order(),
            array_map(static fn (array $advice): Idea => Idea::from($advice['idea']), $sitting->advice),
            $results,
            array_map(static fn (array $spares): array => array_map(Stored::readQuestion(...), $spares), $sitting->spares),
        );
    }
}

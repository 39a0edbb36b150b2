<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Cupboard\CupboardRoom;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Ask;
use Pindle\Core\Question\Fact;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Thing\Thing;
use Symfony\Component\Uid\Uuid;

/**
 * Keeps plans as made and as done, and turns them back into what core works on.
 *
 * @phpstan-import-type StoredQuestion from SittingEntity
 */
final readonly class PlanStore
{
    public function __construct(private EntityManagerInterface $entities, private Catalogue $catalogue, private CupboardRoom $cupboard)
    {
    }

    /** The day as stored, or a new one with the hours of the last. */
    public function day(LocalDate $date): DayEntity
    {
        $day = $this->entities->find(DayEntity::class, $date->toString());
        if (null !== $day) {
            return $day;
        }
        $last = $this->entities->createQuery('SELECT d FROM '.DayEntity::class.' d WHERE d.date < :date ORDER BY d.date DESC')
            ->setParameter('date', $date->toString())->setMaxResults(1)->getOneOrNullResult();

        return new DayEntity($date, $last instanceof DayEntity ? $last : null);
    }

    /** @return list<SetUpEntity> in order of time */
    public function setUps(LocalDate $date): array
    {
        // What was planned with an activity that cannot be read any more is not shown; it is still kept.
        return array_values(array_filter(
            $this->entities->getRepository(SetUpEntity::class)->findBy(['date' => $date->toString()], ['start' => 'ASC', 'id' => 'ASC']),
            fn (SetUpEntity $setUp): bool => $this->catalogue->has($setUp->familyId),
        ));
    }

    public function everPlanned(string $familyId): bool
    {
        return null !== $this->entities->getRepository(SetUpEntity::class)->findOneBy(['familyId' => $familyId]);
    }

    public function setUp(string $id): ?SetUpEntity
    {
        return $this->entities->find(SetUpEntity::class, $id);
    }

    /**
     * Puts a new plan in the place of what was only planned. What is begun or done stays as it is.
     *
     * @param list<SetUp> $setUps new ones only
     */
    public function replace(DayEntity $day, array $setUps): void
    {
        foreach ($this->setUps(LocalDate::parse($day->date)) as $old) {
            if (SetUpState::Planned === $old->state) {
                $this->entities->remove($old);
            }
        }
        foreach ($setUps as $setUp) {
            $this->entities->persist(self::toEntity($setUp, $day->date));
        }
        ++$day->planned;
        $this->entities->persist($day);
        $this->entities->flush();
    }

    /** @return array<string, array<string, list<Ending>>> child id => family id => how its sittings ended, for what a child likes */
    public function endings(): array
    {
        $endings = [];
        $rows = $this->entities->createQuery('SELECT s.childId AS child, u.familyId AS family, s.ending AS ending FROM '.SittingEntity::class.' s JOIN s.setUp u WHERE s.ending IS NOT NULL')->getArrayResult();
        /** @var list<array{child: string, family: string, ending: Ending}> $rows */
        foreach ($rows as $row) {
            $endings[$row['child']][$row['family']][] = $row['ending'];
        }

        return $endings;
    }

    /** @return array<string, array<string, LocalDate>> child id => step id => the first day it may come back */
    public function resting(LocalDate $on): array
    {
        $resting = [];
        $rows = $this->entities->createQuery('SELECT s.childId AS child, s.stepId AS step, s.restsUntil AS until FROM '.SittingEntity::class.' s WHERE s.restsUntil > :on')->setParameter('on', $on->toString())->getArrayResult();
        /** @var list<array{child: string, step: string, until: string}> $rows */
        foreach ($rows as $row) {
            $resting[$row['child']][$row['step']] = LocalDate::parse($row['until']);
        }

        return $resting;
    }

    /** A stored set-up as core knows it; things that were put away since are still named. */
    public function toCore(SetUpEntity $entity): SetUp
    {
        $things = $this->cupboard->ever();
        $sittings = array_values(array_map(static fn (SittingEntity $sitting): Sitting => new Sitting(
            $sitting->childId,
            $sitting->stepId,
            $sitting->form,
            $sitting->help,
            array_map(self::question(...), $sitting->questions),
            $sitting->value,
            $sitting->brandNew,
            $sitting->reason,
            $sitting->reasonValues,
            null === $sitting->worth ? null : new Worth(...$sitting->worth),
        ), $entity->sittings->toArray()));

        return new SetUp(
            $entity->id,
            $this->catalogue->family($entity->familyId),
            $entity->place,
            $entity->part,
            Span::lasting($entity->start, $entity->minutes),
            [] === $sittings ? throw new \LogicException('A stored set-up has no sitting.') : $sittings,
            array_map(static fn (array $laid): Laid => new Laid($laid['role'], $things[$laid['thing']] ?? new Thing($laid['thing'], 'things', 'thing', 0), $laid['count']), $entity->laid),
            [],
            array_values(array_filter(array_map($this->catalogue->prop(...), $entity->props))),
        );
    }

    /** @param array<string, string> $sittingIds child id => sitting id, where they are known already */
    public static function toEntity(SetUp $setUp, string $date, ?string $id = null, array $sittingIds = []): SetUpEntity
    {
        $entity = new SetUpEntity(
            $id ?? Uuid::v7()->toRfc4122(),
            $date,
            $setUp->family->id,
            $setUp->place,
            $setUp->part,
            $setUp->span->start,
            $setUp->span->minutes(),
            array_map(static fn (Laid $laid): array => ['role' => $laid->roleId, 'thing' => $laid->thing->id, 'count' => $laid->count], $setUp->laid),
            array_map(static fn (Prop $prop): string => $prop->id, $setUp->props),
        );
        foreach ($setUp->sittings as $sitting) {
            $entity->sittings->add(new SittingEntity(
                $sittingIds[$sitting->childId] ?? Uuid::v7()->toRfc4122(),
                $entity,
                $sitting->childId,
                $date,
                $sitting->stepId,
                $sitting->form,
                $sitting->help,
                self::storedQuestions($sitting->questions),
                $sitting->value,
                $sitting->brandNew,
                $sitting->reason,
                $sitting->values,
                null === $sitting->worth ? null : get_object_vars($sitting->worth),
            ));
        }

        return $entity;
    }

    /**
     * @param list<Question> $questions
     *
     * @return list<StoredQuestion>
     */
    public static function storedQuestions(array $questions): array
    {
        return array_map(self::stored(...), $questions);
    }

    /** @return StoredQuestion */
    private static function stored(Question $question): array
    {
        $fact = $question->fact;

        return ['step' => $question->stepId, 'ask' => $fact->ask->value, 'numbers' => $fact->numbers, 'answer' => $fact->answer, 'choices' => $fact->choices, 'load' => $fact->load, 'level' => $question->level->value];
    }

    /** @param StoredQuestion $stored */
    private static function question(array $stored): Question
    {
        return new Question($stored['step'], new Fact(Ask::from($stored['ask']), $stored['numbers'], $stored['answer'], $stored['choices'], $stored['load']), Level::from($stored['level']));
    }
}

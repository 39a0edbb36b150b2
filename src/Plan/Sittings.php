<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Database\Transactions;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Advice\DecisionReason;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Question\Question;
use Symfony\Component\Uid\Uuid;

/** Keeps how sittings went: what was asked besides, how they ended, what follows. */
final readonly class Sittings
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Transactions $transactions,
        private StalePlans $stale,
        private PlanWriter $writer,
    ) {
    }

    /**
     * Keeps what the parent did with an idea, and the questions from now on. New ones are given ids. Sending one twice keeps it once.
     *
     * @param string|null    $id        of what was done; devices of older releases do not say it
     * @param list<Question> $questions
     * @param list<int>      $order     places of the questions in the order they are asked
     */
    public function advised(StoredSitting $sitting, ?string $id, Idea $idea, bool $taken, array $questions, array $order): void
    {
        $named = array_map(
            static fn (Question $question): Question => '' === $question->id ? $question->named(Uuid::v7()->toRfc4122()) : $question,
            $questions,
        );
        $this->entities
            ->getConnection()
            ->executeStatement('UPDATE sitting SET advice = json_insert(advice, \'$[#]\', json(?)), questions = ?, turn_order = ? WHERE id = ?'
                .' AND NOT EXISTS (SELECT 1 FROM json_each(advice) WHERE json_extract(value, \'$.id\') = ?)', [
                    json_encode(['idea' => $idea->value, 'taken' => $taken] + (null === $id ? [] : ['id' => $id]), \JSON_THROW_ON_ERROR),
                    json_encode(
                        array_map(static fn (Question $question): array => Stored::question($question), $named),
                        \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE,
                    ),
                    json_encode(array_map(static fn (int $place): string => $named[$place]->id, $order), \JSON_THROW_ON_ERROR),
                    $sitting->id,
                    $id ?? '',
                ]);
    }

    /** What the parent writes down beside a set-up; nothing for nothing. */
    public function note(string $setUpId, string $note): void
    {
        $this->entities->getConnection()->executeStatement('UPDATE set_up SET note = ? WHERE id = ?', ['' === trim($note) ? null : trim($note), $setUpId]);
    }

    /** Something was seen in a set-up that is not in the plan any more: it is in it again, and the rest is planned around it. */
    public function revive(string $setUpId): void
    {
        $this->entities->getConnection()->executeStatement(
            'UPDATE set_up SET state = ? WHERE id = ? AND state = ?',
            [SetUpState::Planned->value, $setUpId, SetUpState::Dropped->value],
        );
        $this->stale->mark();
    }

    /**
     * Keeps how a set-up ended and what follows for each course of each child; the plan of the day is stale by it.
     *
     * @param array<string, list<array{decision: Decision, after: Mark}>> $results child id => for each course
     *
     * @return bool false when another device finished it first
     */
    public function finish(StoredSetUp $stored, Ending $ending, array $results): bool
    {
        return $this->transactions->run(function () use ($stored, $ending, $results): bool {
            if (1 !== $this->entities->getConnection()->executeStatement(
                'UPDATE set_up SET state = ? WHERE id = ? AND state <> ?',
                [SetUpState::Done->value, $stored->setUp->key, SetUpState::Done->value],
            )) {
                return false;
            }
            $this->end($stored->sittings, $stored->date, $ending, $results);
            $this->stale->mark();

            return true;
        });
    }

    /** What the parent wants to come next for a course instead of what follows by itself; the plan of the day is stale by it. */
    public function choose(StoredSitting $sitting, LocalDate $date, string $stepId, DecisionKind $kind): void
    {
        $this->transactions->run(function () use ($sitting, $date, $stepId, $kind): void {
            $entity = $this->entities->find(SittingEntity::class, $sitting->id);
            if (null === $entity) {
                return;
            }
            $entity->courses = array_map(static fn (array $course): array => $course['step'] !== $stepId || null === $course['decision'] ? $course : [
                'chosen' => true,
                'rests' => 0 === $kind->restDays() ? null : $date->plusDays($kind->restDays())->toString(),
                'decision' => ['kind' => $kind->value, 'reason' => DecisionReason::ParentChose->value] + $course['decision'],
            ] + $course, $entity->courses);
            $this->stale->mark();
        });
    }

    /** What was said to be done did not happen: nothing follows from it, and it is in no plan. */
    public function unfinish(StoredSetUp $stored): void
    {
        $this->transactions->run(function () use ($stored): void {
            $connection = $this->entities->getConnection();
            $connection->executeStatement('UPDATE set_up SET state = ? WHERE id = ?', [SetUpState::Dropped->value, $stored->setUp->key]);
            foreach ($stored->sittings as $sitting) {
                $connection->executeStatement(
                    'UPDATE sitting SET ending = NULL, courses = ? WHERE id = ?',
                    [json_encode(Stored::courses($sitting->sitting), \JSON_THROW_ON_ERROR), $sitting->id],
                );
            }
            $this->stale->mark();
        });
    }

    /**
     * A set-up of a day gone by, known whole, as in the demo.
     *
     * @param array<string, StoredSitting>                                $sittings child id => sitting
     * @param array<string, list<array{decision: Decision, after: Mark}>> $results
     */
    public function keepPast(SetUp $setUp, LocalDate $date, string $id, array $sittings, Ending $ending, array $results): void
    {
        $this->writer->keepWhole($setUp, $date, $id, array_map(static fn (StoredSitting $sitting): string => $sitting->id, $sittings));
        $this->entities->getConnection()->executeStatement('UPDATE set_up SET state = ? WHERE id = ?', [SetUpState::Done->value, $id]);
        $this->end($sittings, $date, $ending, $results);
    }

    /**
     * @param array<string, StoredSitting>                                $sittings
     * @param array<string, list<array{decision: Decision, after: Mark}>> $results
     */
    private function end(array $sittings, LocalDate $date, Ending $ending, array $results): void
    {
        $cases = $values = [];
        foreach ($sittings as $sitting) {
            $courses = [];
            foreach ($sitting->sitting->courses as $i => $course) {
                ['decision' => $decision, 'after' => $after] = $results[$sitting->sitting->childId][$i];
                $courses[] = Stored::course($course, $decision, $after, null === $decision->days ? null : $date->plusDays($decision->days)->toString());
            }
            $cases[] = 'WHEN ? THEN ?';
            array_push($values, $sitting->id, json_encode($courses, \JSON_THROW_ON_ERROR));
        }
        $ids = array_values(array_map(static fn (StoredSitting $sitting): string => $sitting->id, $sittings));
        $this->entities->getConnection()->executeStatement(
            'UPDATE sitting SET ending = ?, courses = CASE id '.implode(' ', $cases).' END WHERE id IN ('.implode(', ', array_fill(0, \count($ids), '?')).')',
            [$ending->value, ...$values, ...$ids],
        );
    }
}

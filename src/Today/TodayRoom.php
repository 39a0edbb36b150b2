<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Question\Question;

/** The door of this room: what is planned, begun and done. */
final readonly class TodayRoom
{
    public function __construct(private PlanStore $store, private DayPlanning $planning, private Clock $clock, private EntityManagerInterface $entities)
    {
    }

    /** Something the plan follows from has changed: plan what is left of today anew, if today was planned at all. */
    public function planTheRestAgain(): void
    {
        $day = $this->store->day($this->clock->today());
        if ($day->planned > 0) {
            $this->planning->plan($day);
        }
    }

    /** @throws Refusal 404 */
    public function setUp(string $id): StoredSetUp
    {
        $entity = $this->store->setUp($id) ?? throw Refusal::notFound('setUpId', 'This is not in the plan any more. Nothing was lost; look at Today again.');
        $sittingIds = $decisions = $orders = $offered = $before = [];
        foreach ($entity->sittings as $sitting) {
            $sittingIds[$sitting->childId] = $sitting->id;
            $orders[$sitting->childId] = $sitting->order();
            $offered[$sitting->childId] = array_map(static fn (array $advice): Idea => Idea::from($advice['idea']), $sitting->advice);
            if (null !== $sitting->markBefore) {
                $before[$sitting->childId] = $sitting->markBefore;
            }
            if (null !== $sitting->decision && null !== $sitting->decisionReason) {
                $decisions[$sitting->childId] = new StoredDecision($sitting->decision, $sitting->decisionReason, $sitting->decisionValues ?? [], $sitting->opens, $sitting->markBefore ?? Mark::Fresh, $sitting->markAfter ?? Mark::Fresh, $sitting->remedy);
            }
        }

        return new StoredSetUp($this->store->toCore($entity), LocalDate::parse($entity->date), SetUpState::Done === $entity->state, $sittingIds, $decisions, $orders, $offered, $before);
    }

    /**
     * The first try of a set-up: from now on it is kept, whatever else is planned again.
     *
     * @param array<string, Mark> $marks child id => the mark of their step as it begins
     */
    public function begin(string $setUpId, array $marks): void
    {
        $entity = $this->store->setUp($setUpId);
        if (null !== $entity && SetUpState::Planned === $entity->state) {
            $entity->state = SetUpState::Begun;
            foreach ($entity->sittings as $sitting) {
                $sitting->markBefore = $marks[$sitting->childId] ?? null;
            }
            $this->entities->flush();
        }
    }

    /**
     * Keeps what the parent did with an idea, and the questions from now on.
     *
     * @param list<Question> $questions
     * @param list<int>      $order
     */
    public function advised(string $setUpId, string $sittingId, Idea $idea, bool $taken, array $questions, array $order): void
    {
        $entity = $this->store->setUp($setUpId) ?? throw Refusal::notFound('setUpId', 'This is not in the plan any more.');
        foreach ($entity->sittings as $sitting) {
            if ($sitting->id === $sittingId) {
                $sitting->advice = [...$sitting->advice, ['idea' => $idea->value, 'taken' => $taken]];
                $sitting->questions = PlanStore::storedQuestions($questions);
                $sitting->turnOrder = $order;
            }
        }
        $this->entities->flush();
    }

    /**
     * Keeps how a set-up ended and what follows for each child, and plans the rest of the day by it.
     *
     * @param array<string, array{decision: Decision, before: Mark, after: Mark}> $decisions child id => what follows
     */
    public function finish(string $setUpId, Ending $ending, array $decisions): void
    {
        $entity = $this->store->setUp($setUpId) ?? throw Refusal::notFound('setUpId', 'This is not in the plan any more.');
        self::end($entity, $ending, $decisions);
        $this->entities->flush();
        $this->planTheRestAgain();
    }

    /** Whether an activity was ever planned. */
    public function everPlanned(string $familyId): bool
    {
        return $this->store->everPlanned($familyId);
    }

    /** Plans the rest of today with an activity the parent wants; false, and nothing changed, where it does not fit. */
    public function useToday(string $familyId): bool
    {
        $day = $this->store->day($this->clock->today());
        $before = $day->wanted;
        $day->wanted = array_values(array_unique([...$before, $familyId]));
        if (!$this->planning->fits($day, $familyId)) {
            $day->wanted = $before;

            return false;
        }
        $this->planning->plan($day);

        return true;
    }

    /** Plans today for the first time, or anew. */
    public function plan(): void
    {
        $this->planning->plan($this->store->day($this->clock->today()));
    }

    /**
     * A set-up of a day gone by, known whole, as in the demo; the caller flushes.
     *
     * @param array<string, string>                                               $sittingIds child id => sitting id
     * @param array<string, array{decision: Decision, before: Mark, after: Mark}> $decisions
     */
    public function keepPast(SetUp $setUp, LocalDate $date, string $id, array $sittingIds, Ending $ending, array $decisions): void
    {
        $entity = PlanStore::toEntity($setUp, $date->toString(), $id, $sittingIds);
        self::end($entity, $ending, $decisions);
        $this->entities->persist($entity);
    }

    /** @param array<string, array{decision: Decision, before: Mark, after: Mark}> $decisions */
    private static function end(SetUpEntity $entity, Ending $ending, array $decisions): void
    {
        $entity->state = SetUpState::Done;
        foreach ($entity->sittings as $sitting) {
            ['decision' => $decision, 'before' => $before, 'after' => $after] = $decisions[$sitting->childId];
            $sitting->ending = $ending;
            $sitting->decision = $decision->kind;
            $sitting->decisionReason = $decision->reason;
            $sitting->decisionValues = ['unaided' => $decision->unaided, 'tries' => $decision->tries] + (null === $decision->days ? [] : ['days' => $decision->days]);
            $sitting->opens = $decision->opens;
            $sitting->remedy = $decision->remedy;
            $sitting->markBefore = $before;
            $sitting->markAfter = $after;
            $sitting->restsUntil = null === $decision->days ? null : LocalDate::parse($entity->date)->plusDays($decision->days)->toString();
        }
    }
}

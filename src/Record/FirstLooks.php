<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Household\Children;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\OwnMap;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\FirstLook\Look;
use Pindle\Core\FirstLook\LookRound;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\Uid\Uuid;

/** First looks and looks round: they follow from their answers alone, so they may stop at any time and go on another day. */
final class FirstLooks
{
    /** A tiny task takes about a minute, so a day holds no more of them than the longest sitting has minutes. */
    private const MINUTES_A_TASK = 1;

    /** @var array<string, FirstLook> as they stand in this request, by id and answers: working one out takes a while */
    private array $worked = [];

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly Transactions $transactions,
        private readonly Children $children,
        private readonly Evidence $evidence,
        private readonly SkillMap $map,
    ) {
    }

    /** The newest look of a child, or null. */
    public function newest(string $childId): ?FirstLookEntity
    {
        return $this->entities->getRepository(FirstLookEntity::class)->findOneBy(['childId' => $childId], ['id' => 'DESC']);
    }

    /** The core look as it stands, from its answers; or as it would, with one more. */
    public function look(FirstLookEntity $entity, Child $child, ?Answer $more = null): Look
    {
        $answers = array_map(
            static fn (Attempt $attempt): Answer => new Answer($attempt->stepId, $attempt->outcome, $attempt->choices),
            $this->evidence->attemptsIn($entity->id),
        );
        $answers = [...$answers, ...array_filter([$more])];

        return null === $entity->steps ? $this->firstLook($entity, $child, $answers) : new LookRound($entity->steps, $answers);
    }

    /** @param list<Answer> $answers */
    private function firstLook(FirstLookEntity $entity, Child $child, array $answers): FirstLook
    {
        $key = $entity->id.implode('', array_map(static fn (Answer $answer): string => '/'.$answer->stepId.'='.$answer->outcome->value, $answers));

        return $this->worked[$key] ??= FirstLook::of(
            OwnMap::of($this->map, $child->settings),
            null === $child->born ? null : $child->ageInMonths(LocalDate::parse($entity->startedOn)),
            $entity->canAlready,
            $answers,
            new Randomizer(new Xoshiro256StarStar(crc32($entity->id))),
        );
    }

    /** The step to ask about next; null when the look is over. */
    public function next(Look $look, Child $child): ?string
    {
        $map = OwnMap::of($this->map, $child->settings);

        return $look->next(array_keys(array_filter($map->steps, static fn (Step $step): bool => $step->offered)));
    }

    /** Tasks that still fit a day. */
    public function leftOn(FirstLookEntity $entity, Child $child, LocalDate $on): int
    {
        if (null !== $entity->steps) {
            // It was made to take five minutes.
            return max(0, \count($entity->steps) - \count($this->evidence->attemptsIn($entity->id)));
        }
        $done = array_filter($this->evidence->attemptsIn($entity->id), static fn (Attempt $attempt): bool => $attempt->day == $on);

        return max(0, intdiv($child->longestSittingOn($on), self::MINUTES_A_TASK) - \count($done));
    }

    /**
     * @param list<string> $canAlready ids of steps the parent says are there
     *
     * @throws Refusal 409 when one is open
     */
    public function begin(Child $child, array $canAlready, LocalDate $on): void
    {
        $this->open(new FirstLookEntity(Uuid::v7()->toRfc4122(), $child->id, $on->toString(), $canAlready), $child, $on);
    }

    /**
     * One look round at what may have faded.
     *
     * @throws Refusal 409 when one is open, or nothing has faded
     */
    public function beginRound(Child $child, LocalDate $on): void
    {
        $steps = LookRound::steps($this->evidence->records([$child])[$child->id], $child->ageInMonths($on), $on);
        if ([] === $steps) {
            throw Refusal::conflict('childId', 'Nothing has faded that would need a look. Just go on.');
        }
        $this->open(new FirstLookEntity(Uuid::v7()->toRfc4122(), $child->id, $on->toString(), [], $steps), $child, $on);
    }

    /** @throws Refusal 409 when one is open */
    private function open(FirstLookEntity $look, Child $child, LocalDate $on): void
    {
        $this->transactions->run(function () use ($look, $child, $on): void {
            $open = $this->newest($child->id);
            if (null !== $open && null === $open->endedOn) {
                throw Refusal::conflict('childId', 'A look is open already; go on with it.');
            }
            $this->entities->persist($look);
            $this->entities->flush();
            $this->pass($look, $child, $on);
        });
    }

    /**
     * @param string $id     of the attempt that keeps the answer
     * @param string $stepId the task as it was shown
     *
     * @throws Refusal 409 when no look is open, another task is due, or it is enough for the day
     */
    public function answer(Child $child, string $id, string $stepId, Outcome $outcome, \DateTimeImmutable $at, LocalDate $day, string $deviceId): void
    {
        $this->transactions->run(function () use ($child, $id, $stepId, $outcome, $at, $day, $deviceId): void {
            if (null !== $this->evidence->seen($id)) {
                return;
            }
            $entity = $this->opened($child->id);
            if ($this->next($this->look($entity, $child), $child) !== $stepId) {
                throw Refusal::conflict('stepId', 'This task was answered already, perhaps on another device. Nothing was recorded twice.');
            }
            if (0 === $this->leftOn($entity, $child, $day)) {
                throw Refusal::conflict('childId', 'That is enough for one day. It goes on from here another day.');
            }
            $step = $this->map->step($stepId);
            $this->evidence->recordAttempt($child, Attempt::ofLook($id, $step, $entity->id, $outcome, $at, $day, $deviceId), $id);
            $this->pass($entity, $child, $day);
        });
    }

    /** @throws Refusal 404 when there is no look, 409 when it has no answer */
    public function takeBackLast(Child $child, \DateTimeImmutable $now, LocalDate $on): void
    {
        $this->transactions->run(function () use ($child, $now, $on): void {
            $entity = $this->newest($child->id) ?? throw Refusal::notFound('childId', 'There is no first look.');
            $attempts = $this->evidence->attemptsIn($entity->id);
            $last = [] === $attempts ? null : $this->evidence->seen($attempts[\count($attempts) - 1]->id);
            if (null === $last) {
                throw Refusal::conflict('childId', 'There is nothing to take back.');
            }
            $this->evidence->takeBack($child, $last, $now);
            $entity->endedOn = null;
            $this->entities->flush();
            $this->pass($entity, $child, $on);
        });
    }

    /** @throws Refusal 409 when no look is open */
    public function stop(Child $child, LocalDate $on): void
    {
        $this->transactions->run(function () use ($child, $on): void {
            $entity = $this->opened($child->id);
            $entity->endedOn = $on->toString();
            $this->entities->flush();
            $this->pass($entity, $child, $on);
        });
    }

    /** A first look that is over, as in the demo; the caller flushes. */
    public function keepPast(string $lookId, string $childId, LocalDate $on): void
    {
        $look = new FirstLookEntity($lookId, $childId, $on->toString(), []);
        $look->endedOn = $on->toString();
        $this->entities->persist($look);
    }

    /** What the look says so far is at once the prior of every step, so that it may stop at any time; a look without answers says nothing. */
    private function pass(FirstLookEntity $entity, Child $child, LocalDate $on): void
    {
        $look = $this->look($entity, $child);
        if (null === $entity->endedOn && null === $this->next($look, $child)) {
            $entity->endedOn = $on->toString();
            $this->entities->flush();
        }
        // What is said of a child beforehand is for a first look to say.
        if (null === $entity->steps) {
            $this->children->startFrom($child->id, $this->found($child), $on);
        }
    }

    /**
     * What the newest look says that says anything.
     *
     * @return array<string, float>|null step id => chance that it is known; null when no look says anything
     */
    private function found(Child $child): ?array
    {
        foreach ($this->entities->getRepository(FirstLookEntity::class)->findBy(['childId' => $child->id], ['id' => 'DESC']) as $entity) {
            $look = $this->look($entity, $child);
            if ($look instanceof FirstLook && ($look->tasks() > 0 || [] !== $entity->canAlready)) {
                return $look->chances();
            }
        }

        return null;
    }

    /** @throws Refusal 409 */
    private function opened(string $childId): FirstLookEntity
    {
        $entity = $this->newest($childId);

        return null !== $entity && null === $entity->endedOn ? $entity : throw Refusal::conflict('childId', 'No first look is open. Begin one first.');
    }
}

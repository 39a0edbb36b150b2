<?php

declare(strict_types=1);

namespace Pindle\App\Children;

use Doctrine\ORM\EntityManagerInterface;
use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Table\TableRoom;
use Pindle\App\Today\TodayRoom;
use Pindle\Core\Evidence\HelpLevel;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\Skill\SkillMap;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;

#[Route('/api/children/{childId}/first-look')]
#[OA\Tag('Children')]
final readonly class FirstLookController
{
    /** A device's clock may be ahead of the house by so many seconds. */
    private const CLOCK_SKEW = 86_400;

    public function __construct(
        private ChildrenRoom $children,
        private FirstLooks $looks,
        private TableRoom $table,
        private TodayRoom $today,
        private SkillMap $map,
        private Clock $clock,
        private EntityManagerInterface $entities,
    ) {
    }

    #[Route('', name: 'first_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'Where the first look stands', content: new OA\JsonContent(ref: new Model(type: FirstLookView::class)))]
    public function look(string $childId): JsonResponse
    {
        return new JsonResponse($this->looks->view($this->children->child($childId)));
    }

    #[Route('', name: 'first_look_begin', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Begun', content: new OA\JsonContent(ref: new Model(type: FirstLookView::class)))]
    public function begin(string $childId, #[MapRequestPayload] FirstLookInput $input): JsonResponse
    {
        $this->children->child($childId);
        foreach ($input->canAlready as $i => $stepId) {
            if (!$this->map->has($stepId)) {
                throw Refusal::invalid('canAlready.'.$i, 'There is no such step on the map.');
            }
        }
        if (null !== ($open = $this->looks->newest($childId)) && null === $open->endedOn) {
            throw Refusal::conflict('childId', 'A first look is open already; go on with it.');
        }
        $look = new FirstLookEntity(Uuid::v7()->toRfc4122(), $childId, $this->clock->today()->toString(), $input->canAlready);
        $this->entities->persist($look);
        $this->entities->flush();
        if ([] !== $input->canAlready) {
            $this->place($look);
        }

        return $this->look($childId);
    }

    #[Route('/answers', name: 'first_look_answer', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Recorded, with the next task', content: new OA\JsonContent(ref: new Model(type: FirstLookView::class)))]
    public function answer(string $childId, #[MapRequestPayload] LookAnswerInput $input): JsonResponse
    {
        $child = $this->children->child($childId);
        if (null !== $this->table->seen($input->id)) {
            return $this->look($childId);
        }
        $entity = $this->open($childId);
        $look = $this->looks->look($entity, $child);
        if ($this->looks->next($look, $child) !== $input->stepId) {
            throw Refusal::conflict('stepId', 'This task was answered already, perhaps on another device. Nothing was recorded twice.');
        }
        if (0 === $this->looks->leftToday($entity, $child)) {
            throw Refusal::conflict('childId', 'That is enough for one day. It goes on from here another day.');
        }
        $at = $this->clock->fromDevice($input->at);
        if ($at->getTimestamp() > $this->clock->now()->getTimestamp() + self::CLOCK_SKEW) {
            throw Refusal::invalid('at', 'That is in the future. Is the clock of this device right?');
        }
        $step = $this->map->step($input->stepId);
        $this->table->recordTry($child, new OneTry(
            $input->id,
            $step->id,
            $entity->id,
            'first-look',
            $step->firstForm(),
            HelpLevel::Bare,
            [],
            'first-look',
            Tracing::OPEN_GUESS,
            $input->outcome,
            null,
            null,
            $at,
            $this->clock->dayOf($at),
            $input->deviceId,
            null,
            true,
        ), $look->tasks());
        $this->place($entity);

        return $this->look($childId);
    }

    #[Route('/answers/last', name: 'first_look_undo', methods: ['DELETE'])]
    #[OA\Response(response: 200, description: 'The last answer is taken back', content: new OA\JsonContent(ref: new Model(type: FirstLookView::class)))]
    public function undo(string $childId): JsonResponse
    {
        $entity = $this->looks->newest($childId) ?? throw Refusal::notFound('childId', 'There is no first look.');
        $tries = $this->table->triesIn($entity->id);
        $last = [] === $tries ? null : $this->table->seen($tries[\count($tries) - 1]->id);
        if (null === $last) {
            throw Refusal::conflict('childId', 'There is nothing to take back.');
        }
        $this->table->takeBack($this->children->child($childId), $last, $this->clock->now());
        $entity->endedOn = null;
        $this->entities->flush();
        $this->place($entity);

        return $this->look($childId);
    }

    #[Route('/stop', name: 'first_look_stop', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Stopped for good; what was found stays', content: new OA\JsonContent(ref: new Model(type: FirstLookView::class)))]
    public function stop(string $childId): JsonResponse
    {
        $entity = $this->open($childId);
        $entity->endedOn = $this->clock->today()->toString();
        $this->entities->flush();
        $this->place($entity);

        return $this->look($childId);
    }

    /** What the look says so far is at once the prior of every step, so that it may stop at any time. */
    private function place(FirstLookEntity $entity): void
    {
        $child = $this->children->child($entity->childId);
        $look = $this->looks->look($entity, $child);
        if (null === $this->looks->next($look, $child)) {
            $entity->endedOn = $this->clock->today()->toString();
        }
        $this->children->place($child->id, $look->chances());
        $this->today->planTheRestAgain();
    }

    /** @throws Refusal 409 */
    private function open(string $childId): FirstLookEntity
    {
        $entity = $this->looks->newest($childId);

        return null !== $entity && null === $entity->endedOn ? $entity : throw Refusal::conflict('childId', 'No first look is open. Begin one first.');
    }
}

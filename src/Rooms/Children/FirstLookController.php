<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\Children;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\DeviceTime;
use Pindle\App\Record\FirstLooks;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Outcome;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/children/{childId}/first-look')]
#[OA\Tag('Children')]
final readonly class FirstLookController
{
    public function __construct(
        private FirstLooks $looks,
        private FirstLookViews $views,
        private Children $children,
        private Clock $clock,
        private DeviceTime $time,
    ) {
    }

    #[Route('', name: 'first_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'Where the first look stands', content: new OA\JsonContent(ref: new Model(type: FirstLookView::class)))]
    public function look(string $childId): JsonResponse
    {
        return new JsonResponse($this->views->of($this->child($childId)));
    }

    #[Route('', name: 'first_look_begin', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Begun', content: new OA\JsonContent(ref: new Model(type: FirstLookView::class)))]
    public function begin(string $childId, #[MapRequestPayload] FirstLookInput $input): JsonResponse
    {
        $this->looks->begin($this->child($childId), $this->views->known($input->canAlready), $this->clock->today());

        return $this->look($childId);
    }

    #[Route('/round', name: 'look_round_begin', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Begun, after a long while', content: new OA\JsonContent(ref: new Model(type: FirstLookView::class)))]
    public function round(string $childId): JsonResponse
    {
        $this->looks->beginRound($this->child($childId), $this->clock->today());

        return $this->look($childId);
    }

    /** So that the next task is there at once, whatever the answer. */
    #[Route('/ahead', name: 'first_look_ahead', methods: ['GET'])]
    #[OA\Response(
        response: 200,
        description: 'Where it would stand after each answer to the task that is due',
        content: new OA\JsonContent(ref: new Model(type: FirstLookAheadView::class)),
    )]
    public function ahead(string $childId): JsonResponse
    {
        $child = $this->child($childId);

        return new JsonResponse(new FirstLookAheadView(
            $this->views->of($child, Outcome::AtOnce),
            $this->views->of($child, Outcome::WorkedItOut),
            $this->views->of($child, Outcome::WithHelp),
            $this->views->of($child, Outcome::NotYet),
        ));
    }

    #[Route('/answers', name: 'first_look_answer', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Recorded, with the next task', content: new OA\JsonContent(ref: new Model(type: FirstLookView::class)))]
    public function answer(string $childId, #[MapRequestPayload] LookAnswerInput $input): JsonResponse
    {
        $at = $this->time->seenAt($input->at);
        [$id, $device] = [$input->id->toRfc4122(), $input->deviceId->toRfc4122()];
        $this->looks->answer($this->child($childId), $id, $input->stepId, $input->outcome, $at, $this->clock->dayOf($at), $device);

        return $this->look($childId);
    }

    #[Route('/answers/last', name: 'first_look_undo', methods: ['DELETE'])]
    #[OA\Response(response: 200, description: 'The last answer is taken back', content: new OA\JsonContent(ref: new Model(type: FirstLookView::class)))]
    public function undo(string $childId): JsonResponse
    {
        $this->looks->takeBackLast($this->child($childId), $this->clock->now(), $this->clock->today());

        return $this->look($childId);
    }

    #[Route('/stop', name: 'first_look_stop', methods: ['POST'])]
    #[OA\Response(
        response: 200,
        description: 'Stopped for good; what was found stays',
        content: new OA\JsonContent(ref: new Model(type: FirstLookView::class)),
    )]
    public function stop(string $childId): JsonResponse
    {
        $this->looks->stop($this->child($childId), $this->clock->today());

        return $this->look($childId);
    }

    private function child(string $id): Child
    {
        return $this->children->child($id, $this->clock->today());
    }
}

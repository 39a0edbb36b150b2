<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Children\ChildrenRoom;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Today\StoredSetUp;
use Pindle\App\Today\TodayRoom;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Skill\SkillMap;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/table')]
#[OA\Tag('Table')]
final readonly class TableController
{
    /** A device's clock may be ahead of the house by so many seconds. */
    private const CLOCK_SKEW = 86_400;

    public function __construct(
        private EntityManagerInterface $entities,
        private TryRepository $tries,
        private TableRoom $room,
        private TableViews $views,
        private TodayRoom $today,
        private ChildrenRoom $children,
        private SkillMap $map,
        private Clock $clock,
    ) {
    }

    #[Route('/{setUpId}', name: 'table_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'Everything one set-up needs at the table', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function look(string $setUpId): JsonResponse
    {
        return new JsonResponse($this->views->of($this->today->setUp($setUpId)));
    }

    #[Route('/{setUpId}/tries', name: 'table_try', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Recorded, or recorded before', content: new OA\JsonContent(ref: new Model(type: TryView::class)))]
    public function record(string $setUpId, #[MapRequestPayload] TryInput $input): JsonResponse
    {
        $before = $this->tries->find($input->id);
        if (null !== $before) {
            return $this->answer($before);
        }
        $stored = $this->today->setUp($setUpId);
        $childId = array_search($input->sittingId, $stored->sittingIds, true);
        if (false === $childId) {
            throw Refusal::invalid('sittingId', 'This sitting does not belong to what is on the table.');
        }
        $this->children->child((string) $childId);
        if ($stored->isDone) {
            throw Refusal::conflict('setUpId', 'This was finished on another device. Nothing more is recorded to it.');
        }
        foreach ($this->tries->ofSittings([$input->sittingId]) as $other) {
            if ($other->place === $input->place) {
                throw Refusal::conflict('place', 'This question was answered on another device.');
            }
        }
        $try = TryEntity::of($this->read($stored, (string) $childId, $input), (string) $childId, $input->place);
        $this->entities->persist($try);
        $this->today->begin($setUpId);
        try {
            $this->entities->flush();
        } catch (UniqueConstraintViolationException) {
            throw Refusal::conflict('id', 'This try is being recorded already; ask again.');
        }

        return $this->answer($try);
    }

    #[Route('/tries/{id}', name: 'table_take_back', methods: ['DELETE'])]
    #[OA\Response(response: 200, description: 'Taken back; the history still shows it', content: new OA\JsonContent(ref: new Model(type: TryView::class)))]
    public function takeBack(string $id): JsonResponse
    {
        $try = $this->tries->find($id) ?? throw Refusal::notFound('id', 'There is no such try.');
        $try->removedAt ??= (int) $this->clock->now()->format('Uv');
        $this->entities->flush();

        return $this->answer($try);
    }

    #[Route('/{setUpId}/finish', name: 'table_finish', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'What follows for each child', content: new OA\JsonContent(ref: new Model(type: TableView::class)))]
    public function finish(string $setUpId, #[MapRequestPayload] FinishInput $input): JsonResponse
    {
        $stored = $this->today->setUp($setUpId);
        if (!$stored->isDone) {
            $decisions = [];
            foreach ($stored->setUp->sittings as $sitting) {
                $sittingId = $stored->sittingIds[$sitting->childId];
                $child = $this->children->child($sitting->childId);
                $before = $this->room->recordWithout($child, $sittingId);
                $after = $this->room->record($child);
                $decisions[$sitting->childId] = [
                    'decision' => Decision::after($sitting->stepId, $this->room->triesIn($sittingId), $before, $after, $input->ending, $stored->date),
                    'before' => $before->mark($sitting->stepId, $stored->date),
                    'after' => $after->mark($sitting->stepId, $stored->date),
                ];
            }
            $this->today->finish($setUpId, $input->ending, $decisions);
        }

        return $this->look($setUpId);
    }

    private function answer(TryEntity $try): JsonResponse
    {
        $state = $this->room->record($this->children->child($try->childId))->state($try->stepId);

        return new JsonResponse(new TryView($try->id, $try->stepId, $state->mark($this->clock->today())->value, Ladder::help($state)->value));
    }

    private function read(StoredSetUp $stored, string $childId, TryInput $input): OneTry
    {
        $sitting = $stored->setUp->sittingOf($childId);
        $question = $sitting?->questions[$input->place] ?? throw Refusal::invalid('place', 'This sitting has no such question.');
        $at = $this->clock->fromDevice($input->at);
        if ($at->getTimestamp() > $this->clock->now()->getTimestamp() + self::CLOCK_SKEW) {
            throw Refusal::invalid('at', 'That is in the future. Is the clock of this device right?');
        }

        return new OneTry(
            $input->id,
            $question->stepId,
            $input->sittingId,
            $stored->setUp->family->id,
            [] === $this->map->step($question->stepId)->forms ? null : $sitting->form,
            $input->help,
            array_values(array_unique(array_map(static fn (Laid $laid): string => $laid->thing->id, $stored->setUp->laid))),
            $question->fact->key(),
            $question->guess(),
            $input->outcome,
            $input->method,
            $input->slip,
            $at,
            $this->clock->dayOf($at),
            $input->deviceId,
        );
    }
}

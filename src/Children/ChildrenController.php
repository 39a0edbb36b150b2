<?php

declare(strict_types=1);

namespace Pindle\App\Children;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Today\TodayRoom;
use Pindle\Core\Calendar\InvalidSpan;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/children')]
#[OA\Tag('Children')]
final readonly class ChildrenController
{
    private const THREADS = 6;

    public function __construct(private EntityManagerInterface $entities, private ChildRepository $children, private Clock $clock, private TodayRoom $today, private ChildrenRoom $room)
    {
    }

    #[Route('', name: 'children_list', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'Everyone who lives here', content: new OA\JsonContent(ref: new Model(type: ChildrenView::class)))]
    public function list(): JsonResponse
    {
        return new JsonResponse(new ChildrenView(array_map($this->view(...), $this->children->present()), array_map($this->view(...), $this->children->archived())));
    }

    #[Route('', name: 'children_add', methods: ['POST'])]
    #[OA\Response(response: 201, description: 'The child as stored', content: new OA\JsonContent(ref: new Model(type: ChildView::class)))]
    public function add(#[MapRequestPayload] ChildInput $input): JsonResponse
    {
        $used = array_map(static fn (ChildEntity $child): int => $child->thread, $this->children->present());
        $free = array_values(array_diff(range(0, self::THREADS - 1), $used));
        if ([] === $free) {
            throw Refusal::invalid('name', 'Pindle plans for up to six children. Archive one first.');
        }
        $child = new ChildEntity(trim($input->name), $free[0]);
        $this->fill($child, $input);
        $this->entities->persist($child);
        $this->entities->flush();
        $this->today->planTheRestAgain();

        return new JsonResponse($this->view($child), 201);
    }

    #[Route('/{id}', name: 'children_change', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The child as stored', content: new OA\JsonContent(ref: new Model(type: ChildView::class)))]
    public function change(string $id, #[MapRequestPayload] ChildInput $input): JsonResponse
    {
        $child = $this->find($id);
        $this->entities->lock($child, LockMode::OPTIMISTIC, $input->version ?? throw Refusal::invalid('version', 'Say which version you saw.'));
        $child->name = trim($input->name);
        $this->fill($child, $input);
        $this->entities->flush();
        $this->today->planTheRestAgain();

        return new JsonResponse($this->view($child));
    }

    #[Route('/{id}/archive', name: 'children_archive', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The child, archived', content: new OA\JsonContent(ref: new Model(type: ChildView::class)))]
    public function archive(string $id): JsonResponse
    {
        $child = $this->find($id);
        $child->archivedAt = $this->clock->now();
        $this->entities->flush();
        $this->today->planTheRestAgain();

        return new JsonResponse($this->view($child));
    }

    #[Route('/{id}/restore', name: 'children_restore', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The child, back again', content: new OA\JsonContent(ref: new Model(type: ChildView::class)))]
    public function restore(string $id): JsonResponse
    {
        $child = $this->find($id);
        if (null !== $child->archivedAt && \count($this->children->present()) >= self::THREADS) {
            throw Refusal::invalid('id', 'Pindle plans for up to six children. Archive one first.');
        }
        $used = array_map(static fn (ChildEntity $other): int => $other->thread, array_filter($this->children->present(), static fn (ChildEntity $other): bool => $other !== $child));
        if (\in_array($child->thread, $used, true)) {
            $child->thread = array_values(array_diff(range(0, self::THREADS - 1), $used))[0];
        }
        $child->archivedAt = null;
        $this->entities->flush();
        $this->today->planTheRestAgain();

        return new JsonResponse($this->view($child));
    }

    private function view(ChildEntity $child): ChildView
    {
        return ChildView::of($child, $this->room->toCore($child), $this->clock->today());
    }

    private function find(string $id): ChildEntity
    {
        return $this->children->find($id) ?? throw Refusal::notFound('id', 'There is no such child.');
    }

    private function fill(ChildEntity $child, ChildInput $input): void
    {
        if (null !== $input->born && LocalDate::parse($input->born)->isAfter($this->clock->today())) {
            throw Refusal::invalid('born', 'A birth date can not be in the future.');
        }
        if (null !== $input->born && LocalDate::parse($input->born)->monthsUntil($this->clock->today()) > 18 * 12) {
            throw Refusal::invalid('born', 'That is more than 18 years ago.');
        }
        foreach ($input->rests as $i => $rest) {
            try {
                new Span($rest[0], $rest[1]);
            } catch (InvalidSpan $e) {
                throw Refusal::invalid('rests.'.$i, 'A sleep ends after it starts.');
            }
        }
        $child->born = $input->born;
        $child->allergies = array_values(array_unique(array_map(static fn (string $allergy): string => mb_strtolower(trim($allergy)), $input->allergies)));
        $child->likedThings = $input->likedThings;
        $child->rests = array_map(static fn (array $rest): array => [$rest[0], $rest[1]], $input->rests);
        $child->minutesADay = $input->minutesADay;
        $child->longestSitting = $input->longestSitting;
        $child->mayBeAlone = $input->mayBeAlone;
        $child->settings = $input->settings;
    }
}

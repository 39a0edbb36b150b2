<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\ChildEntity;
use Pindle\App\Household\Children;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\InvalidSpan;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Cautions;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/children')]
#[OA\Tag('Children')]
final readonly class ChildrenController
{
    public function __construct(private Children $children, private Clock $clock, private Cautions $cautions)
    {
    }

    #[Route('', name: 'children_list', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'Everyone who lives here', content: new OA\JsonContent(ref: new Model(type: ChildrenView::class)))]
    public function list(): JsonResponse
    {
        ['present' => $present, 'archived' => $archived] = $this->children->kept();

        return new JsonResponse(new ChildrenView(array_map($this->view(...), $present), array_map($this->view(...), $archived)));
    }

    #[Route('', name: 'children_add', methods: ['POST'])]
    #[OA\Response(response: 201, description: 'The child as stored', content: new OA\JsonContent(ref: new Model(type: ChildView::class)))]
    public function add(#[MapRequestPayload] ChildInput $input): JsonResponse
    {
        return new JsonResponse(
            $this->view($this->children->add(trim($input->name), $this->clock->today(), fn (ChildEntity $child) => $this->fill($child, $input))),
            201,
        );
    }

    #[Route('/{id}', name: 'children_change', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The child as stored', content: new OA\JsonContent(ref: new Model(type: ChildView::class)))]
    public function change(string $id, #[MapRequestPayload] ChildInput $input): JsonResponse
    {
        $version = $input->version ?? throw Refusal::invalid('version', 'Say which version you saw.');

        return new JsonResponse($this->view($this->children->change($id, $version, $this->clock->today(), function (ChildEntity $child) use ($input): void {
            $child->name = trim($input->name);
            $this->fill($child, $input);
        })));
    }

    #[Route('/{id}/archive', name: 'children_archive', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The child, archived', content: new OA\JsonContent(ref: new Model(type: ChildView::class)))]
    public function archive(string $id): JsonResponse
    {
        return new JsonResponse($this->view($this->children->archive($id, $this->clock->now())));
    }

    #[Route('/{id}/restore', name: 'children_restore', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The child, back again', content: new OA\JsonContent(ref: new Model(type: ChildView::class)))]
    public function restore(string $id): JsonResponse
    {
        return new JsonResponse($this->view($this->children->restore($id)));
    }

    private function view(ChildEntity $child): ChildView
    {
        return ChildView::of($child, $this->children->toCore($child, $this->clock->today()), $this->clock->today(), $this->cautions);
    }

    private function fill(ChildEntity $child, ChildInput $input): void
    {
        if (null !== $input->born) {
            Children::mustBeBirthDate($input->born, $this->clock->today(), 'born');
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

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\MadeEntity;
use Pindle\App\Household\MadeProps;
use Pindle\App\Platform\Http\Refusal;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** What is made and kept. */
#[Route('/api/make/kept')]
#[OA\Tag('Make')]
final readonly class KeptController
{
    public function __construct(private MadeProps $made, private Orders $orders, private MakeViews $views)
    {
    }

    #[Route('', name: 'make_keep', methods: ['POST'])]
    #[OA\Response(response: 201, description: 'As it is kept', content: new OA\JsonContent(ref: new Model(type: KeptView::class)))]
    public function keep(#[MapRequestPayload] KeptInput $input): JsonResponse
    {
        $want = $this->orders->want($input->kind, $input->as);
        $kind = $input->kind ?? $want?->sheet?->kind;
        $propId = null === $kind ? $want?->prop->id : null;
        if (null === $kind && null === $propId) {
            throw Refusal::invalid('kind', 'What was made?');
        }
        $order = null === $kind ? null : $this->orders->order($kind, $input->as);
        $things = $order?->what();
        $made = $this->made->keep($propId, null === $order ? null : $this->orders->fit($order), static function (MadeEntity $made) use ($input, $things): void {
            self::fill($made, $input);
            $made->things = '' === $things || null === $things ? null : mb_substr($things, 0, 60);
            $made->wish = array_filter([
                'reach' => $input->as->reach,
                'variant' => $input->as->variant?->value,
                'thingId' => $input->as->thingId,
                'unit' => $input->as->unit,
                'childId' => $input->as->childId,
                'setUpId' => $input->as->setUpId,
                'propId' => $input->as->propId,
                'words' => $input->as->words,
                'copies' => $input->as->copies,
                'seed' => $input->as->seed,
            ], static fn (mixed $value): bool => null !== $value);
        });

        return new JsonResponse($this->views->kept($made), 201);
    }

    #[Route('/{id}', name: 'make_kept_change', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'As it is kept now', content: new OA\JsonContent(ref: new Model(type: KeptView::class)))]
    public function change(string $id, #[MapRequestPayload] KeptChangeInput $input): JsonResponse
    {
        $made = $this->made->change($id, $input->version, static function (MadeEntity $made) use ($input): void {
            self::fill($made, $input);
        });

        return new JsonResponse($this->views->kept($made));
    }

    #[Route('/{id}', name: 'make_throw_away', methods: ['DELETE'])]
    #[OA\Response(response: 204, description: 'It is not kept any more')]
    public function throwAway(string $id): Response
    {
        $this->made->throwAway($id);

        return new Response(null, 204);
    }

    private static function fill(MadeEntity $made, KeptInput|KeptChangeInput $input): void
    {
        $keptAt = trim($input->keptAt ?? '');
        $made->state = $input->state;
        $made->keptAt = '' === $keptAt ? null : $keptAt;
        $made->pagesDone = $input->pagesDone;
    }
}

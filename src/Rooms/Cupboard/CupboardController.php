<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Content\ThingFile;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\ThingEntity;
use Pindle\App\Household\Things;
use Pindle\App\Household\Unchanged;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Views\Lacks;
use Pindle\App\Views\Pictures;
use Pindle\App\Views\Views;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\QuickAdd;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Thing;
use Pindle\Core\Thing\UnreadableLine;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/cupboard')]
#[OA\Tag('Cupboard')]
final readonly class CupboardController
{
    public function __construct(
        private Things $things,
        private Children $children,
        private Activities $activities,
        private Lacks $lacks,
        private ThingFile $file,
        private Filling $filling,
        private Cautions $cautions,
        private Pictures $pictures,
        private Views $views,
        private Clock $clock,
    ) {
    }

    #[Route('', name: 'cupboard_list', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'What the house has', content: new OA\JsonContent(ref: new Model(type: CupboardView::class)))]
    public function list(): JsonResponse
    {
        $things = $this->things->kept();
        $ticked = array_map(static fn (ThingEntity $thing): ?string => $thing->shipped, $things);
        $shipped = [];
        foreach ($this->file->things() as $thing) {
            $size = $thing->size ?? throw new \LogicException('Shipped things have sizes.');
            $shipped[] = new ShippedView(
                $thing->id,
                $thing->name,
                $thing->amount,
                [$size->short, $size->middle, $size->long],
                $this->pictures->thing($thing),
                \in_array($thing->id, $ticked, true),
            );
        }
        $children = $this->children->present($this->clock->today());

        return new JsonResponse(new CupboardView(array_map(fn (ThingEntity $thing): ThingView => $this->view($thing, $children), $things), $shipped));
    }

    #[Route('', name: 'cupboard_add', methods: ['POST'])]
    #[OA\Response(response: 201, description: 'The thing as stored', content: new OA\JsonContent(ref: new Model(type: ThingView::class)))]
    public function add(#[MapRequestPayload] ThingInput $input): JsonResponse
    {
        $thing = $this->filling->newThing($input);
        $this->things->add($thing);

        return new JsonResponse($this->view($thing, $this->children->present($this->clock->today())), 201);
    }

    #[Route('/read', name: 'cupboard_read', methods: ['POST'])]
    #[OA\Response(
        response: 200,
        description: 'What was understood of one line; nothing is stored',
        content: new OA\JsonContent(ref: new Model(type: LineView::class)),
    )]
    public function read(#[MapRequestPayload] LineInput $input): JsonResponse
    {
        try {
            $read = QuickAdd::parse($input->line);
        } catch (UnreadableLine $e) {
            throw Refusal::invalid('line', $e->getMessage());
        }
        $usual = null;
        foreach ($this->file->things() as $thing) {
            if (\in_array(mb_strtolower($read->name), [mb_strtolower($thing->name), mb_strtolower($thing->single)], true)) {
                $usual = $thing;
            }
        }
        $size = $read->size ?? $usual?->size;

        return new JsonResponse(new LineView(
            $usual->name ?? $read->name,
            $read->amount,
            null === $size ? null : [$size->short, $size->middle, $size->long],
            null === $read->size && null !== $size,
            $usual->shape ?? Shape::Unknown,
            $this->pictures->thing($usual ?? new Thing('', $read->name, $read->name, $read->amount)),
            $usual?->id,
        ));
    }

    #[Route('/lacking', name: 'cupboard_lacking', methods: ['GET'], defaults: Unchanged::HOUSEHOLD)]
    #[OA\Response(response: 200, description: 'What is missing for which activities', content: new OA\JsonContent(ref: new Model(type: LackingsView::class)))]
    public function lacking(): JsonResponse
    {
        [$things, $children, $today] = [$this->things->present(), $this->children->present($this->clock->today()), $this->clock->today()];
        $lacking = [];
        $can = 0;
        foreach ($this->activities->catalogue()->activities as $activity) {
            $lack = $this->lacks->sample($activity, $things, $children, $today)->lack;
            if (null === $lack) {
                ++$can;
            } else {
                $lacking[] = new LackingView($activity->id, $this->activities->words($activity->id)->name, $this->lacks->words($lack, $children, $today));
            }
        }

        return new JsonResponse(new LackingsView($can, $lacking));
    }

    #[Route('/tick', name: 'cupboard_tick', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'What the house has now', content: new OA\JsonContent(ref: new Model(type: CupboardView::class)))]
    public function tick(#[MapRequestPayload] TickInput $input): JsonResponse
    {
        $shipped = $this->file->things();
        $ticked = [];
        foreach (array_unique($input->shipped) as $i => $id) {
            $ticked[] = $shipped[$id] ?? throw Refusal::invalid('shipped.'.$i, 'That is not on the list of ordinary things.');
        }
        $this->things->tick($ticked);

        return $this->list();
    }

    #[Route('/{id}', name: 'cupboard_change', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The thing as stored', content: new OA\JsonContent(ref: new Model(type: ThingView::class)))]
    public function change(string $id, #[MapRequestPayload] ThingInput $input): JsonResponse
    {
        $version = $input->version ?? throw Refusal::invalid('version', 'Say which version you saw.');

        return new JsonResponse($this->view(
            $this->things->change($id, $version, fn (ThingEntity $thing) => $this->filling->fill($thing, $input)),
            $this->children->present($this->clock->today()),
        ));
    }

    #[Route('/{id}/amount', name: 'cupboard_count', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The thing with so many more, or fewer', content: new OA\JsonContent(ref: new Model(type: ThingView::class)))]
    public function count(string $id, #[MapRequestPayload] AmountInput $input): JsonResponse
    {
        return new JsonResponse($this->view($this->things->count($id, $input->by), $this->children->present($this->clock->today())));
    }

    #[Route('/{id}', name: 'cupboard_put_away', methods: ['DELETE'])]
    #[OA\Response(response: 204, description: 'Not in the house any more')]
    public function putAway(string $id): JsonResponse
    {
        $this->things->putAway($id);

        return new JsonResponse(null, 204);
    }

    /** @param list<Child> $children */
    private function view(ThingEntity $thing, array $children): ThingView
    {
        $core = $this->things->thing($thing);

        return new ThingView(
            $thing->id,
            $thing->name,
            $thing->single,
            $thing->amount,
            $thing->size,
            $thing->shape,
            $thing->traits,
            $thing->allergens,
            $this->pictures->thing($core),
            $thing->shipped,
            $thing->mass,
            $thing->massDeviation,
            $thing->colours,
            $this->views->cautions($this->cautions->about($core, $children, $this->clock->today())),
            array_map(static fn (Ability $ability): string => $ability->value, $core->can),
            $thing->keptAt,
            $thing->version,
        );
    }
}

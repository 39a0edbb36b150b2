<?php

declare(strict_types=1);

namespace Pindle\App\Cupboard;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Children\ChildrenRoom;
use Pindle\App\Families\FamiliesRoom;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Content\Library;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Words;
use Pindle\App\Today\TodayRoom;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Thing\QuickAdd;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\UnreadableLine;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\String\Inflector\EnglishInflector;

#[Route('/api/cupboard')]
#[OA\Tag('Cupboard')]
final readonly class CupboardController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private ThingRepository $things,
        private ChildrenRoom $children,
        private TodayRoom $today,
        private Library $library,
        private Cautions $cautions,
        private Words $words,
        private Clock $clock,
        private FamiliesRoom $families,
        private Catalogue $catalogue,
    ) {
    }

    #[Route('', name: 'cupboard_list', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'What the house has', content: new OA\JsonContent(ref: new Model(type: CupboardView::class)))]
    public function list(): JsonResponse
    {
        $things = $this->things->present();
        $ticked = array_map(static fn (ThingEntity $thing): ?string => $thing->shipped, $things);
        $shipped = [];
        foreach ($this->library->shippedThings() as $thing) {
            $size = $thing->size ?? throw new \LogicException('Shipped things have sizes.');
            $shipped[] = new ShippedView($thing->id, $thing->name, $thing->amount, [$size->short, $size->middle, $size->long], $thing->glyph, \in_array($thing->id, $ticked, true));
        }
        $children = $this->children->present();

        return new JsonResponse(new CupboardView(array_map(fn (ThingEntity $thing): ThingView => $this->view($thing, $children), $things), $shipped));
    }

    #[Route('', name: 'cupboard_add', methods: ['POST'])]
    #[OA\Response(response: 201, description: 'The thing as stored', content: new OA\JsonContent(ref: new Model(type: ThingView::class)))]
    public function add(#[MapRequestPayload] ThingInput $input): JsonResponse
    {
        $thing = new ThingEntity('', '', 0);
        $this->fill($thing, $input);
        // A thing of the family's own that is called like an ordinary one looks like it too, and keeps its cautions.
        foreach ($this->library->shippedThings() as $shipped) {
            if (mb_strtolower($thing->name) === mb_strtolower($shipped->name)) {
                $thing->glyph = $shipped->glyph;
                $thing->traits = array_values(array_unique([...$thing->traits, ...$shipped->traits]));
                $thing->allergens = array_values(array_unique([...$thing->allergens, ...$shipped->allergens]));
            }
        }
        $this->entities->persist($thing);
        $this->entities->flush();
        $this->today->planTheRestAgain();

        return new JsonResponse($this->view($thing, $this->children->present()), 201);
    }

    #[Route('/read', name: 'cupboard_read', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'What was understood of one line; nothing is stored', content: new OA\JsonContent(ref: new Model(type: LineView::class)))]
    public function read(#[MapRequestPayload] LineInput $input): JsonResponse
    {
        try {
            $read = QuickAdd::parse($input->line);
        } catch (UnreadableLine $e) {
            throw Refusal::invalid('line', $e->getMessage());
        }
        $usual = null;
        foreach ($this->library->shippedThings() as $thing) {
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
            ($usual->shape ?? Shape::Unknown)->value,
            $usual->glyph ?? 'counter',
            $usual?->id,
        ));
    }

    #[Route('/lacking', name: 'cupboard_lacking', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'What is missing for which activities', content: new OA\JsonContent(ref: new Model(type: LackingsView::class)))]
    public function lacking(): JsonResponse
    {
        $lacking = $this->families->lacking();

        return new JsonResponse(new LackingsView(\count($this->catalogue->families) - \count($lacking), array_map(static fn (array $one): LackingView => new LackingView($one['id'], $one['name'], $one['lacks']), $lacking)));
    }

    #[Route('/tick', name: 'cupboard_tick', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'What the house has now', content: new OA\JsonContent(ref: new Model(type: CupboardView::class)))]
    public function tick(#[MapRequestPayload] TickInput $input): JsonResponse
    {
        $shipped = $this->library->shippedThings();
        $here = array_map(static fn (ThingEntity $thing): ?string => $thing->shipped, $this->things->present());
        foreach (array_unique($input->shipped) as $i => $id) {
            if (!isset($shipped[$id])) {
                throw Refusal::invalid('shipped.'.$i, 'That is not on the list of ordinary things.');
            }
            if (!\in_array($id, $here, true)) {
                $this->entities->persist(ThingEntity::fromShipped($shipped[$id]));
            }
        }
        $this->entities->flush();
        $this->today->planTheRestAgain();

        return $this->list();
    }

    #[Route('/{id}', name: 'cupboard_change', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The thing as stored', content: new OA\JsonContent(ref: new Model(type: ThingView::class)))]
    public function change(string $id, #[MapRequestPayload] ThingInput $input): JsonResponse
    {
        $thing = $this->find($id);
        $this->entities->lock($thing, LockMode::OPTIMISTIC, $input->version ?? throw Refusal::invalid('version', 'Say which version you saw.'));
        $this->fill($thing, $input);
        $this->entities->flush();
        $this->today->planTheRestAgain();

        return new JsonResponse($this->view($thing, $this->children->present()));
    }

    #[Route('/{id}', name: 'cupboard_put_away', methods: ['DELETE'])]
    #[OA\Response(response: 204, description: 'Not in the house any more')]
    public function putAway(string $id): JsonResponse
    {
        $this->find($id)->putAway = true;
        $this->entities->flush();
        $this->today->planTheRestAgain();

        return new JsonResponse(null, 204);
    }

    private function find(string $id): ThingEntity
    {
        $thing = $this->things->find($id);

        return null === $thing || $thing->putAway ? throw Refusal::notFound('id', 'There is no such thing in the cupboard.') : $thing;
    }

    private function fill(ThingEntity $thing, ThingInput $input): void
    {
        $name = trim($input->name);
        $byName = $this->library->traitsByName($name);
        if (\in_array('refused', [...$byName, ...$input->traits], true)) {
            throw Refusal::invalid('name', Words::fill($this->library->cautionWords('refused')->say, ['thing' => ucfirst($name), 'child' => '']).' '.$this->library->cautionWords('refused')->why);
        }
        if ($name !== $thing->name) {
            $thing->name = $name;
            $thing->single = (new EnglishInflector())->singularize($name)[0] ?? $name;
        }
        $thing->amount = $input->amount;
        $thing->size = $input->size;
        $thing->shape = $input->shape;
        $thing->traits = array_values(array_unique([...$input->traits, ...$byName]));
        $thing->mass = $input->mass;
        $thing->massSpread = $input->massSpread;
        $thing->colours = $input->colours;
        $thing->allergens = array_map(static fn (string $allergen): string => mb_strtolower(trim($allergen)), $input->allergens);
    }

    /** @param list<Child> $children */
    private function view(ThingEntity $thing, array $children): ThingView
    {
        $safety = array_map(function (Caution $caution): SafetyView {
            $words = $this->library->cautionWords($caution->rule);

            return new SafetyView($caution->childId, $caution->childName, $caution->blocks(), $this->words->caution($caution), $words->why, $words->source);
        }, $this->cautions->about($thing->toCore(), $children, $this->clock->today()));

        return new ThingView($thing->id, $thing->name, $thing->single, $thing->amount, $thing->size, $thing->shape->value, $thing->traits, $thing->allergens, $thing->glyph, $thing->shipped, $thing->mass, $thing->massSpread, $thing->colours, $safety, $thing->version);
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\House;
use Pindle\App\Plan\Plans;
use Pindle\App\Plan\Repertoires;
use Pindle\App\Plan\Requests;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Skill\SkillMap;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** The games a house knows: about a dozen carry it. */
#[Route('/api')]
#[OA\Tag('Activities')]
final readonly class RepertoireController
{
    /** So many new ones are offered, and so many steps of each are named. */
    private const OFFERED = 5;
    private const NAMED = 2;

    public function __construct(
        private Plans $plans,
        private Repertoires $repertoires,
        private Requests $requests,
        private Planner $planner,
        private House $house,
        private Children $children,
        private Activities $activities,
        private Words $words,
        private SkillMap $map,
        private Clock $clock,
    ) {
    }

    #[Route('/repertoire', name: 'repertoire_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The games of the house', content: new OA\JsonContent(ref: new Model(type: RepertoireView::class)))]
    public function look(): JsonResponse
    {
        $today = $this->clock->today();
        $told = $this->house->knownGames();
        $repertoire = $this->repertoires->on($today->plusDays(1));
        $games = [];
        foreach ($this->activities->catalogue()->activities as $activity) {
            $uses = $repertoire->uses[$activity->id] ?? 0;
            if ($uses > 0 || \in_array($activity->id, $told, true)) {
                $name = $this->activities->words($activity->id)->name;
                $games[] = new GameView($activity->id, $name, $uses, $repertoire->isKnown($activity), \in_array($activity->id, $told, true));
            }
        }
        usort($games, static fn (GameView $a, GameView $b): int => [$b->uses, $a->name] <=> [$a->uses, $b->name]);
        $request = $this->requests->of($this->plans->day($today), [], []);
        $opens = [];
        foreach ($this->planner->wouldOpen($request, self::OFFERED) as $id => $serves) {
            $words = $this->activities->words($id);
            $opens[] = new OpensView($id, $words->name, $words->inShort, $this->why($serves));
        }

        return new JsonResponse(new RepertoireView($games, $opens, $this->house->newWeekly(), Repertoire::ENOUGH));
    }

    #[Route('/repertoire', name: 'repertoire_a_week', methods: ['PUT'])]
    #[OA\Response(response: 204, description: 'So many new ones a week from now on')]
    public function aWeek(#[MapRequestPayload] AWeekInput $input): JsonResponse
    {
        $this->house->takeUp($input->aWeek);

        return new JsonResponse(null, 204);
    }

    #[Route('/activities/{id}/known', name: 'activities_known', methods: ['PUT'])]
    #[OA\Response(response: 204, description: 'Known, or not after all')]
    public function known(string $id, #[MapRequestPayload] KnownInput $input): JsonResponse
    {
        if (!$this->activities->catalogue()->has($id)) {
            throw Refusal::notFound('id', 'There is no such activity.');
        }
        $this->house->know($id, $input->known);

        return new JsonResponse(null, 204);
    }

    /** @param array<string, list<string>> $serves child id => step ids, the best first */
    private function why(array $serves): string
    {
        $names = [];
        foreach ($this->children->present($this->clock->today()) as $child) {
            $names[$child->id] = $child->name;
        }
        $parts = [];
        foreach (array_intersect_key($serves, $names) as $childId => $stepIds) {
            $steps = array_map(fn (string $id): string => $this->words->step($this->map->step($id)), \array_slice($stepIds, 0, self::NAMED));
            $more = \count($stepIds) - \count($steps);
            $parts[] = $this->words->say('opens', 'child', ['child' => $names[$childId], 'steps' => implode('; ', $steps), 'more' => $more]);
        }

        return implode(' ', $parts);
    }
}

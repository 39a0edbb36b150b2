<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Clock;
use Pindle\Core\Skill\SkillMap;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** Finds a step, an activity, a thing or a child by name. */
#[Route('/api/find')]
#[OA\Tag('House')]
final readonly class FindController
{
    private const MOST = 12;

    public function __construct(
        private Children $children,
        private Things $things,
        private Activities $activities,
        private SkillMap $map,
        private Words $words,
        private Clock $clock,
    ) {
    }

    #[Route('', name: 'find', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'What was found', content: new OA\JsonContent(ref: new Model(type: FoundsView::class)))]
    public function find(#[MapQueryParameter] string $q = ''): JsonResponse
    {
        $wanted = mb_strtolower(trim(mb_substr($q, 0, 60)));
        if ('' === $wanted) {
            return new JsonResponse(new FoundsView([]));
        }
        $found = array_values(array_filter($this->all(), static fn (FoundView $one): bool => str_contains(mb_strtolower($one->name), $wanted)));
        // What begins with it comes before what only holds it.
        usort(
            $found,
            static fn (FoundView $a, FoundView $b): int => str_starts_with(mb_strtolower($b->name), $wanted)
                <=> str_starts_with(mb_strtolower($a->name), $wanted),
        );

        return new JsonResponse(new FoundsView(\array_slice($found, 0, self::MOST)));
    }

    /** @return list<FoundView> */
    private function all(): array
    {
        $all = [];
        $children = $this->children->present($this->clock->today());
        foreach ($children as $child) {
            $all[] = new FoundView('child', $child->name, 'the map', '/map/'.$child->id);
        }
        foreach ($this->things->present() as $thing) {
            $all[] = new FoundView('thing', $thing->name, (string) $thing->amount, '/cupboard?thing='.$thing->id);
        }
        foreach ($this->activities->catalogue()->activities as $activity) {
            $words = $this->activities->words($activity->id);
            $all[] = new FoundView('activity', $words->name, $words->inShort, '/activities?open='.$activity->id);
        }
        foreach ([] === $children ? [] : $this->map->steps as $step) {
            $all[] = new FoundView(
                'step',
                $this->words->step($step),
                $this->words->say('strands', $step->skill->strand),
                '/map/'.$children[0]->id.'?step='.$step->id,
            );
        }

        return $all;
    }
}

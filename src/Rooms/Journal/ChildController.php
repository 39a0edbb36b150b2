<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\Children;
use Pindle\App\Household\Unchanged;
use Pindle\App\Platform\Clock;
use Pindle\Core\Calendar\LocalDate;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\Routing\Attribute\Route;

/** How one child has come along. */
#[Route('/api/journal/children')]
#[OA\Tag('Journal')]
final readonly class ChildController
{
    public function __construct(private Children $children, private ChildPages $pages, private FactPages $facts, private Clock $clock)
    {
    }

    #[Route('/{childId}', name: 'journal_child', methods: ['GET'], defaults: Unchanged::ALL)]
    #[OA\Response(response: 200, description: 'Then and now, facts, guesses, ways', content: new OA\JsonContent(ref: new Model(type: AlongView::class)))]
    public function look(string $childId, #[MapQueryString] ThenQuery $query = new ThenQuery()): JsonResponse
    {
        return new JsonResponse($this->pages->of(
            $this->children->child($childId, $this->clock->today()),
            null === $query->then ? null : LocalDate::parse($query->then),
        ));
    }

    #[Route('/{childId}/facts/{key}', name: 'journal_fact', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The tries at one fact', content: new OA\JsonContent(ref: new Model(type: FactTriesView::class)))]
    public function fact(string $childId, string $key): JsonResponse
    {
        $today = $this->clock->today();

        return new JsonResponse($this->facts->tries($this->children->child($childId, $today)->id, $key, $today));
    }
}

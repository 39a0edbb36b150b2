<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\Unchanged;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\Routing\Attribute\Route;

/** What happened, day by day. */
#[Route('/api/journal')]
#[OA\Tag('Journal')]
final readonly class JournalController
{
    public function __construct(private DayPages $pages)
    {
    }

    #[Route('', name: 'journal_days', methods: ['GET'], defaults: Unchanged::ALL)]
    #[OA\Response(response: 200, description: 'Days, newest first', content: new OA\JsonContent(ref: new Model(type: DaysView::class)))]
    public function days(#[MapQueryString] DaysQuery $query = new DaysQuery()): JsonResponse
    {
        return new JsonResponse($this->pages->page($query));
    }
}

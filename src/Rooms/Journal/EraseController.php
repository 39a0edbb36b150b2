<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Content\Words;
use Pindle\App\Exchange\Erase;
use Pindle\App\Platform\Http\Refusal;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Erases a child for good. */
#[Route('/api/journal/children/{childId}/erase')]
#[OA\Tag('Journal')]
final readonly class EraseController
{
    public function __construct(private Erase $erase, private Who $who, private Words $words)
    {
    }

    #[Route('', name: 'journal_erase_ask', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'What would go', content: new OA\JsonContent(ref: new Model(type: LeavesView::class)))]
    public function ask(string $childId): JsonResponse
    {
        $child = $this->who->one($childId);

        return new JsonResponse(new LeavesView($child->id, $child->name, $this->erase->leaves($child->id, $child->name)));
    }

    #[Route('', name: 'journal_erase', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The child is gone', content: new OA\JsonContent(ref: new Model(type: ErasedView::class)))]
    public function erase(string $childId, #[MapRequestPayload] EraseInput $input): JsonResponse
    {
        $child = $this->who->one($childId);
        if (trim($input->name) !== $child->name) {
            throw Refusal::invalid('name', $this->words->say('erasing', 'name', ['child' => $child->name]));
        }
        $isClean = $this->erase->child($child->id, $child->name, $input->copies);

        return new JsonResponse(new ErasedView($this->words->say('erasing', $isClean ? 'done' : 'nearly-done', ['child' => $child->name])));
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\Children;
use Pindle\App\Household\Unchanged;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\PhotographEntity;
use Pindle\App\Record\Photographs;
use Pindle\App\Views\Documents;
use Pindle\Core\Child\Child;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Once a month, one warm page about a child. */
#[Route('/api/journal/children/{childId}')]
#[OA\Tag('Journal')]
final readonly class LetterController
{
    public function __construct(
        private Children $children,
        private LetterPages $pages,
        private Letters $letters,
        private Photographs $photographs,
        private Documents $documents,
        private Clock $clock,
    ) {
    }

    #[Route('/letter', name: 'journal_letter', methods: ['GET'], defaults: Unchanged::ALL)]
    #[OA\Response(response: 200, description: 'The letter', content: new OA\JsonContent(ref: new Model(type: LetterView::class)))]
    public function look(string $childId, #[MapQueryString] LetterQuery $query = new LetterQuery()): JsonResponse
    {
        return new JsonResponse($this->pages->of($this->child($childId), $query->month));
    }

    #[Route('/letter', name: 'journal_letter_keep', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The letter', content: new OA\JsonContent(ref: new Model(type: LetterView::class)))]
    public function keep(string $childId, #[MapRequestPayload] LetterInput $input, #[MapQueryString] LetterQuery $query = new LetterQuery()): JsonResponse
    {
        $letter = $this->pages->of($this->child($childId), $query->month);
        $photograph = $input->photographId?->toRfc4122();
        if (null !== $photograph && !\in_array($photograph, array_column($letter->photographs, 'id'), true)) {
            throw Refusal::invalid('photographId', 'This photograph is none of the month.');
        }
        $this->letters->keep($childId, $letter->month, trim($input->text), $photograph, $input->version);

        return $this->look($childId, $query);
    }

    #[Route('/letter', name: 'journal_letter_forget', methods: ['DELETE'])]
    #[OA\Response(response: 200, description: 'The letter as Pindle suggests it', content: new OA\JsonContent(ref: new Model(type: LetterView::class)))]
    public function forget(string $childId, #[MapQueryString] LetterQuery $query = new LetterQuery()): JsonResponse
    {
        $letter = $this->pages->of($this->child($childId), $query->month);
        $this->letters->forget($childId, $letter->month);

        return $this->look($childId, $query);
    }

    #[Route('/letter.pdf', name: 'journal_letter_pdf', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The letter, to print', content: new OA\MediaType(
        mediaType: 'application/pdf',
        schema: new OA\Schema(type: 'string', format: 'binary'),
    ))]
    public function pdf(string $childId, #[MapQueryString] LetterQuery $query = new LetterQuery()): Response
    {
        $letter = $this->pages->of($this->child($childId), $query->month);
        $chosen = null === $letter->photographId ? null : $this->photographs->find($letter->photographId);

        return $this->documents->pdf('letter', [
            'letter' => $letter,
            'paragraphs' => preg_split('/\n\s*\n/', $letter->text) ?: [],
            'photograph' => $chosen instanceof PhotographEntity ? $this->photographs->file($chosen) : null,
            'isWide' => $chosen instanceof PhotographEntity && $chosen->width >= $chosen->height,
        ], $query->paper);
    }

    private function child(string $childId): Child
    {
        return $this->children->child($childId, $this->clock->today());
    }
}

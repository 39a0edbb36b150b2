<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\Core\Printable\SheetKind;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/make')]
#[OA\Tag('Make')]
final readonly class MakeController
{
    public function __construct(private Sheets $sheets)
    {
    }

    #[Route('', name: 'make_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'What can be printed', content: new OA\JsonContent(ref: new Model(type: MakeView::class)))]
    public function look(): JsonResponse
    {
        return new JsonResponse($this->sheets->all());
    }

    #[Route('/{kind}', name: 'make_sheet', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'A sheet as it will be printed', content: new OA\JsonContent(ref: new Model(type: SheetView::class)))]
    public function sheet(SheetKind $kind, #[MapQueryString] SheetQuery $query = new SheetQuery()): JsonResponse
    {
        return new JsonResponse($this->sheets->view($kind, $query));
    }

    #[Route('/{kind}.pdf', name: 'make_pdf', methods: ['GET'], priority: 1)]
    #[OA\Response(response: 200, description: 'The sheet to print', content: new OA\MediaType(
        mediaType: 'application/pdf',
        schema: new OA\Schema(type: 'string', format: 'binary'),
    ))]
    public function pdf(SheetKind $kind, #[MapQueryString] SheetQuery $query = new SheetQuery()): Response
    {
        return new Response($this->sheets->pdf($kind, $query), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => \sprintf('inline; filename="pindle-%s.pdf"', $kind->value),
        ]);
    }
}

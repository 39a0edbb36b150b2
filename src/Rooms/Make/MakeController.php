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
    public function __construct(private MakeViews $views, private Sheets $sheets)
    {
    }

    #[Route('', name: 'make_look', methods: ['GET'])]
    #[OA\Response(
        response: 200,
        description: 'What can be printed, what is wanted, what is made',
        content: new OA\JsonContent(ref: new Model(type: MakeView::class)),
    )]
    public function look(): JsonResponse
    {
        return new JsonResponse($this->views->all());
    }

    #[Route('/set', name: 'make_set', methods: ['GET'], priority: 2)]
    #[OA\Response(response: 200, description: 'What days want, as one set', content: new OA\JsonContent(ref: new Model(type: SetView::class)))]
    public function set(#[MapQueryString] SetQuery $query = new SetQuery()): JsonResponse
    {
        return new JsonResponse($this->sheets->set($query));
    }

    #[Route('/set.pdf', name: 'make_set_pdf', methods: ['GET'], priority: 2)]
    #[OA\Response(response: 200, description: 'The set to print', content: new OA\MediaType(
        mediaType: 'application/pdf',
        schema: new OA\Schema(type: 'string', format: 'binary'),
    ))]
    public function setPdf(#[MapQueryString] SetQuery $query = new SetQuery()): Response
    {
        return self::file($this->sheets->setPdf($query), 'application/pdf', 'inline', 'pindle-set-'.$query->until->value.'.pdf');
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
        return self::file($this->sheets->pdf($kind, $query), 'application/pdf', 'inline', \sprintf('pindle-%s.pdf', $kind->value));
    }

    #[Route('/{kind}.svg', name: 'make_svg', methods: ['GET'], priority: 1)]
    #[OA\Response(response: 200, description: 'The page of the sheet at which it begins, as a picture to take away', content: new OA\MediaType(
        mediaType: 'image/svg+xml',
        schema: new OA\Schema(type: 'string'),
    ))]
    public function svg(SheetKind $kind, #[MapQueryString] SheetQuery $query = new SheetQuery()): Response
    {
        return self::file($this->sheets->svg($kind, $query), 'image/svg+xml', 'attachment', \sprintf('pindle-%s-%d.svg', $kind->value, $query->from));
    }

    private static function file(string $content, string $type, string $how, string $name): Response
    {
        return new Response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => \sprintf('%s; filename="%s"', $how, $name)]);
    }
}

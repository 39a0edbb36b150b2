<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Exchange\Export;
use Pindle\App\Exchange\Import;
use Pindle\App\Exchange\NotImportable;
use Pindle\App\Exchange\Parcel;
use Pindle\App\Platform\Http\RawBody;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Jobs\Jobs;
use Pindle\App\Views\JobView;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\ResponseHeaderBag;
use Symfony\Component\Routing\Attribute\Route;

/** The whole household, out and in. Both take long: a job does them, and says how far it is. */
#[Route('/api/journal')]
#[OA\Tag('Journal')]
final readonly class ExchangeController
{
    public function __construct(private Jobs $jobs, private Export $export)
    {
    }

    #[Route('/export', name: 'journal_export', methods: ['POST'])]
    #[OA\Response(response: 202, description: 'The job that writes it', content: new OA\JsonContent(ref: new Model(type: JobView::class)))]
    public function export(): JsonResponse
    {
        return $this->begun($this->jobs->add(Export::KIND));
    }

    #[Route('/export/{name}', name: 'journal_export_fetch', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The household', content: new OA\MediaType(mediaType: 'application/zip'))]
    public function fetch(string $name): BinaryFileResponse
    {
        $path = $this->export->find($name) ?? throw Refusal::notFound('name', 'There is no such file any more. Make it anew.');

        return (new BinaryFileResponse($path, 200, ['Content-Type' => 'application/zip'], false))
            ->setContentDisposition(ResponseHeaderBag::DISPOSITION_ATTACHMENT, $name);
    }

    #[Route('/import', name: 'journal_import', methods: ['POST'], defaults: RawBody::ZIP)]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 202, description: 'The job that brings it in', content: new OA\JsonContent(ref: new Model(type: JobView::class)))]
    public function import(Request $request): JsonResponse
    {
        $file = $this->jobs->placeToSend();
        RawBody::toFile($request, $file);
        try {
            Parcel::open($file);
        } catch (NotImportable $e) {
            unlink($file);
            throw Refusal::invalid('file', $e->getMessage());
        }

        return $this->begun($this->jobs->add(Import::KIND, $file));
    }

    private function begun(string $id): JsonResponse
    {
        return new JsonResponse(JobView::of($this->jobs->find($id) ?? throw new \LogicException('It was just added.')), 202);
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Content\Words;
use Pindle\App\Platform\Copies\BadCopy;
use Pindle\App\Platform\Copies\Copies;
use Pindle\App\Platform\Copies\Copy;
use Pindle\App\Platform\Copies\CopyFolder;
use Pindle\App\Platform\Copies\CopyReader;
use Pindle\App\Platform\Copies\Restore;
use Pindle\App\Platform\Copies\Sizes;
use Pindle\App\Platform\Http\RawBody;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Jobs\Jobs;
use Pindle\App\Views\JobView;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\ResponseHeaderBag;
use Symfony\Component\Routing\Attribute\Route;

/** Safe copies: made, taken away, put back. */
#[Route('/api/house')]
#[OA\Tag('House')]
final readonly class CopiesController
{
    public function __construct(private Copies $copies, private CopyFolder $folder, private Jobs $jobs, private Words $words, private string $migrationsDir)
    {
    }

    #[Route('/copies', name: 'copies_list', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The safe copies', content: new OA\JsonContent(ref: new Model(type: CopiesView::class)))]
    public function list(): JsonResponse
    {
        $room = $this->copies->room();

        return new JsonResponse(new CopiesView(
            array_map(
                static fn (Copy $copy): CopyView => new CopyView($copy->name, (int) $copy->made->format('Uv'), $copy->why, Sizes::say($copy->bytes)),
                $this->folder->all(),
            ),
            $this->words->say('copies', 0 === $room->photographs ? 'takes' : 'takes-with-photographs', [
                'size' => Sizes::say($room->copies),
                'photographs' => Sizes::say($room->photographs),
                'daily' => Copies::DAILY_KEPT,
                'all' => Sizes::say($room->willTake),
                'free' => Sizes::say($room->free),
            ]),
            match (true) {
                null === $room->fullIn => null,
                0 === $room->fullIn => $this->words->say('copies', 'no-room'),
                default => $this->words->say('copies', 'full-in', ['days' => $room->fullIn]),
            },
        ));
    }

    #[Route('/copies', name: 'copies_make', methods: ['POST'])]
    #[OA\Response(response: 201, description: 'A new safe copy first', content: new OA\JsonContent(ref: new Model(type: CopiesView::class)))]
    public function make(): JsonResponse
    {
        $this->copies->make('asked');

        return $this->list()->setStatusCode(201);
    }

    #[Route('/copies/{name}', name: 'copies_fetch', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The safe copy', content: new OA\MediaType(mediaType: 'application/zip'))]
    public function fetch(string $name): BinaryFileResponse
    {
        $path = $this->folder->find($name) ?? throw Refusal::notFound('name', 'There is no such safe copy.');

        try {
            $whole = $this->copies->whole($path);
        } catch (BadCopy $e) {
            throw Refusal::conflict('name', $e->getMessage());
        }

        return (new BinaryFileResponse($whole, 200, ['Content-Type' => 'application/zip'], false))
            ->setContentDisposition(ResponseHeaderBag::DISPOSITION_ATTACHMENT, $name)->deleteFileAfterSend();
    }

    #[Route('/copies/{name}/restore', name: 'copies_restore', methods: ['POST'])]
    #[OA\Response(response: 202, description: 'The job that puts it in place', content: new OA\JsonContent(ref: new Model(type: JobView::class)))]
    public function restore(string $name): JsonResponse
    {
        return $this->begin($this->folder->find($name) ?? throw Refusal::notFound('name', 'There is no such safe copy.'));
    }

    #[Route('/restore', name: 'house_restore', methods: ['POST'], defaults: RawBody::ZIP)]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 202, description: 'The job that puts it in place', content: new OA\JsonContent(ref: new Model(type: JobView::class)))]
    public function upload(Request $request): JsonResponse
    {
        $file = $this->jobs->placeToSend();
        RawBody::toFile($request, $file);
        try {
            (new CopyReader($this->migrationsDir))->check($file);
        } catch (BadCopy $e) {
            unlink($file);
            throw Refusal::invalid('file', $e->getMessage());
        }

        return $this->begin($file);
    }

    #[Route('/jobs/{id}', name: 'house_job', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'How far it is', content: new OA\JsonContent(ref: new Model(type: JobView::class)))]
    public function job(string $id): JsonResponse
    {
        $job = $this->jobs->find($id) ?? throw Refusal::notFound('id', 'There is no such work.');

        return new JsonResponse(JobView::of($job));
    }

    private function begin(string $file): JsonResponse
    {
        return $this->job($this->jobs->add(Restore::KIND, $file))->setStatusCode(202);
    }
}

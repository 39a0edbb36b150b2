<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\Children;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\DeviceTime;
use Pindle\App\Platform\Http\RawBody;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Lock\Who as WhoMay;
use Pindle\App\Record\PhotographEntity;
use Pindle\App\Record\Photographs;
use Pindle\Core\Calendar\LocalDate;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapQueryString;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Photographs: kept, looked at, named, taken away. They can be taken at the table and are looked at by the parent alone. */
#[Route('/api/journal/photographs')]
#[OA\Tag('Journal')]
final readonly class PhotographController
{
    public function __construct(private Photographs $photographs, private Children $children, private DeviceTime $time, private Clock $clock)
    {
    }

    #[Route('', name: 'journal_photograph_keep', methods: ['POST'], defaults: RawBody::JPEG + WhoMay::TABLE)]
    #[OA\RequestBody(content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')))]
    #[OA\Response(response: 201, description: 'As it is kept', content: new OA\JsonContent(ref: new Model(type: PhotographView::class)))]
    public function keep(#[MapQueryString] PhotographInput $input, Request $request): JsonResponse
    {
        $at = $this->time->seenAt($input->at);
        $day = null === $input->day ? $this->clock->dayOf($at) : LocalDate::parse($input->day);
        if ($day->isAfter($this->clock->today())) {
            throw Refusal::invalid('day', 'That day is still to come. Nothing was stored.');
        }
        $kept = $this->photographs->keep(
            $input->id->toRfc4122(),
            RawBody::bytes($request),
            $day,
            $input->setUpId?->toRfc4122(),
            $this->known('' === $input->childIds ? [] : explode(',', $input->childIds)),
            trim($input->words),
            (int) $at->format('Uv'),
            $input->deviceId->toRfc4122(),
        );

        return new JsonResponse(Who::photograph($kept), 201);
    }

    #[Route('/{id}.jpg', name: 'journal_photograph', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The picture', content: new OA\MediaType(mediaType: 'image/jpeg'))]
    public function look(string $id, #[MapQueryParameter] bool $small = false): Response
    {
        $file = $this->photographs->file($this->find($id), $small) ?? throw Refusal::notFound('id', 'The picture of it is gone.');

        return new BinaryFileResponse($file, 200, ['Content-Type' => 'image/jpeg'], false);
    }

    #[Route('/{id}', name: 'journal_photograph_change', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'As it is kept', content: new OA\JsonContent(ref: new Model(type: PhotographView::class)))]
    public function change(string $id, #[MapRequestPayload] PhotographChangeInput $input): JsonResponse
    {
        $photograph = $this->find($id);
        $this->photographs->change($photograph, trim($input->words), $this->known(array_values($input->childIds)));

        return new JsonResponse(Who::photograph($photograph));
    }

    #[Route('/{id}', name: 'journal_photograph_remove', methods: ['DELETE'])]
    #[OA\Response(response: 204, description: 'It is gone')]
    public function remove(string $id): JsonResponse
    {
        $this->photographs->remove($this->find($id));

        return new JsonResponse(null, 204);
    }

    /** @throws Refusal 404 */
    private function find(string $id): PhotographEntity
    {
        return $this->photographs->find($id) ?? throw Refusal::notFound('id', 'There is no such photograph.');
    }

    /**
     * @param list<string> $childIds
     *
     * @return list<string> each once
     *
     * @throws Refusal 422 when one of them is not a child of the house
     */
    private function known(array $childIds): array
    {
        $kept = $this->children->kept();
        $ids = array_map(static fn ($child): string => $child->id, [...$kept['present'], ...$kept['archived']]);

        return [] === array_diff($childIds, $ids) ? array_values(array_unique($childIds)) : throw Refusal::invalid('childIds', 'There is no such child.');
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Content\Words;
use Pindle\App\Household\Children;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\DeviceTime;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\Evidence;
use Pindle\App\Views\Documents;
use Pindle\Core\Evidence\HandMark;
use Pindle\Core\Evidence\Witness;
use Pindle\Core\Printable\Paper;
use Pindle\Core\Skill\SkillMap;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/map')]
#[OA\Tag('Map')]
final readonly class MapController
{
    public function __construct(
        private Children $children,
        private Evidence $evidence,
        private MapViews $views,
        private SkillMap $map,
        private Clock $clock,
        private DeviceTime $time,
        private Documents $documents,
        private Words $words,
    ) {
    }

    #[Route('/{childId}', name: 'map_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'What one child can do', content: new OA\JsonContent(ref: new Model(type: MapView::class)))]
    public function look(string $childId): JsonResponse
    {
        return new JsonResponse($this->views->map($this->children->child($childId, $this->clock->today())));
    }

    #[Route('/{childId}/record.pdf', name: 'map_record_pdf', methods: ['GET'], priority: 1)]
    #[OA\Response(response: 200, description: 'The record on one page that anyone can read', content: new OA\MediaType(
        mediaType: 'application/pdf',
        schema: new OA\Schema(type: 'string', format: 'binary'),
    ))]
    public function record(string $childId, #[MapQueryParameter] Paper $paper = Paper::A4, #[MapQueryParameter] bool $evidence = false): Response
    {
        $today = $this->clock->today();
        $child = $this->children->child($childId, $today);

        return $this->documents->pdf('record', [
            'map' => $this->views->map($child),
            'words' => $this->words->say('paper', 'record', ['child' => $child->name]),
            'notATest' => $this->words->say('paper', 'not-a-test'),
            'title' => $this->words->dated($today),
            'withEvidence' => $evidence,
        ], $paper);
    }

    #[Route('/{childId}/wanted', name: 'map_want', methods: ['POST'], priority: 1)]
    #[OA\Response(response: 200, description: 'The map with what is wanted', content: new OA\JsonContent(ref: new Model(type: MapView::class)))]
    public function want(string $childId, #[MapRequestPayload] WantedInput $input): JsonResponse
    {
        if (null !== $input->strand) {
            $this->children->focus($childId, $input->strand->value, $input->on);
        } elseif (null !== $input->stepId) {
            $this->mustBeOnTheMap($input->stepId);
            $this->children->pin($childId, $input->stepId, $input->on);
        } else {
            throw Refusal::invalid('stepId', 'Say which step or which strand.');
        }

        return $this->look($childId);
    }

    #[Route('/{childId}/{stepId}', name: 'map_evidence', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'All there is about one step', content: new OA\JsonContent(ref: new Model(type: EvidenceView::class)))]
    public function evidence(string $childId, string $stepId): JsonResponse
    {
        $child = $this->children->child($childId, $this->clock->today());
        $this->mustBeOnTheMap($stepId);

        return new JsonResponse($this->views->evidence($child, $stepId));
    }

    #[Route('/{childId}/{stepId}/seen', name: 'map_history', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'A page of what was seen', content: new OA\JsonContent(ref: new Model(type: HistoryView::class)))]
    public function history(string $childId, string $stepId, #[MapQueryParameter] string $before = ''): JsonResponse
    {
        $child = $this->children->child($childId, $this->clock->today());
        $this->mustBeOnTheMap($stepId);
        if (1 !== preg_match('/^(\d{1,15}~[^~]{0,36}~[^~]{1,36})?$/u', $before)) {
            throw Refusal::invalid('before', 'That is no place in what was seen.');
        }

        return new JsonResponse($this->views->history($child, $stepId, '' === $before ? null : $before));
    }

    #[Route('/{childId}/{stepId}/seen', name: 'map_seen', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The evidence with the note', content: new OA\JsonContent(ref: new Model(type: EvidenceView::class)))]
    public function seen(string $childId, string $stepId, #[MapRequestPayload] NoteInput $input): JsonResponse
    {
        $child = $this->children->child($childId, $this->clock->today());
        $this->mustBeOnTheMap($stepId);
        $at = $this->time->seenAt($input->at);
        [$id, $device, $day] = [$input->id->toRfc4122(), $input->deviceId->toRfc4122(), $this->clock->dayOf($at)];
        $this->evidence->note($child, new Witness($id, $stepId, $input->outcome, trim($input->note), $at, $day, $device));

        return $this->evidence($childId, $stepId);
    }

    #[Route('/{childId}/{stepId}/mark', name: 'map_mark', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The evidence with the mark set by hand', content: new OA\JsonContent(ref: new Model(type: EvidenceView::class)))]
    public function mark(string $childId, string $stepId, #[MapRequestPayload] HandMarkInput $input): JsonResponse
    {
        $child = $this->children->child($childId, $this->clock->today());
        $this->mustBeOnTheMap($stepId);
        $at = $this->time->seenAt($input->at);
        [$id, $device, $day] = [$input->id->toRfc4122(), $input->deviceId->toRfc4122(), $this->clock->dayOf($at)];
        $this->evidence->note($child, new HandMark($id, $stepId, $input->mark, trim($input->note), $at, $day, $device));

        return $this->evidence($childId, $stepId);
    }

    /** @throws Refusal 404 */
    private function mustBeOnTheMap(string $stepId): void
    {
        if (!$this->map->has($stepId)) {
            throw Refusal::notFound('stepId', 'There is no such step on the map.');
        }
    }
}

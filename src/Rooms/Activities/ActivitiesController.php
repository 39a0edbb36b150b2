<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Content\BrokenContent;
use Pindle\App\Content\Lines;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Unchanged;
use Pindle\App\Plan\Planning;
use Pindle\App\Plan\Plans;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Views\Documents;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\UnknownActivity;
use Pindle\Core\Printable\Paper;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\String\Slugger\AsciiSlugger;
use Symfony\Component\Yaml\Yaml;

#[Route('/api/activities')]
#[OA\Tag('Activities')]
final readonly class ActivitiesController
{
    public function __construct(
        private Activities $activities,
        private ActivityViews $views,
        private Planning $planning,
        private Plans $plans,
        private Clock $clock,
        private Documents $documents,
    ) {
    }

    #[Route('', name: 'activities_list', methods: ['GET'], defaults: Unchanged::HOUSEHOLD)]
    #[OA\Response(response: 200, description: 'All activities', content: new OA\JsonContent(ref: new Model(type: ActivitiesView::class)))]
    public function list(): JsonResponse
    {
        return new JsonResponse(new ActivitiesView(
            $this->views->strands(),
            $this->views->cards($this->activities->catalogue()->activities),
            $this->activities->broken(),
        ));
    }

    #[Route('', name: 'activities_add', methods: ['POST'])]
    #[OA\Response(response: 201, description: 'The activity as stored', content: new OA\JsonContent(ref: new Model(type: ActivityCardView::class)))]
    public function add(#[MapRequestPayload] OwnActivityInput $input): JsonResponse
    {
        $data = OwnText::parse($input->text);
        $id = Activities::PREFIX.substr(
            (new AsciiSlugger())->slug(\is_string($data['name'] ?? null) ? $data['name'] : 'activity')->lower()->toString(),
            0,
            24,
        ).'-'.bin2hex(random_bytes(3));

        return new JsonResponse($this->views->card(self::saying($input->text, fn (): Activity => $this->activities->add($id, $data))), 201);
    }

    #[Route('/{id}', name: 'activities_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'One activity written out', content: new OA\JsonContent(ref: new Model(type: ActivityView::class)))]
    public function look(string $id): JsonResponse
    {
        return new JsonResponse($this->views->whole($this->activity($id)));
    }

    #[Route('/{id}.pdf', name: 'activities_pdf', methods: ['GET'], priority: 1)]
    #[OA\Response(response: 200, description: 'One activity in full on one page', content: new OA\MediaType(
        mediaType: 'application/pdf',
        schema: new OA\Schema(type: 'string', format: 'binary'),
    ))]
    public function pdf(string $id, #[MapQueryParameter] Paper $paper = Paper::A4): Response
    {
        return $this->documents->pdf('activity', ['activity' => $this->views->whole($this->activity($id))], $paper);
    }

    #[Route('/{id}', name: 'activities_change', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The activity as stored', content: new OA\JsonContent(ref: new Model(type: ActivityCardView::class)))]
    public function change(string $id, #[MapRequestPayload] OwnActivityInput $input): JsonResponse
    {
        $this->activities->own($id);
        $version = $input->version ?? throw Refusal::invalid('version', 'Say which version you saw.');
        $data = OwnText::parse($input->text);

        return new JsonResponse($this->views->card(self::saying($input->text, fn (): Activity => $this->activities->change($id, $data, $version))));
    }

    #[Route('/{id}', name: 'activities_remove', methods: ['DELETE'])]
    #[OA\Response(response: 204, description: 'Removed; what was done with it stays in the record')]
    public function remove(string $id): JsonResponse
    {
        $this->activities->own($id);
        if ($this->plans->everPlanned($id)) {
            throw Refusal::conflict('id', 'It was planned or done already, so it stays for the record. Change it instead.');
        }
        $this->activities->remove($id);

        return new JsonResponse(null, 204);
    }

    #[Route('/{id}/file', name: 'activities_file', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The activity as a file that can be imported again', content: new OA\MediaType(mediaType: 'application/yaml'))]
    public function file(string $id): Response
    {
        $this->activity($id);
        $text = Yaml::dump($this->activities->data($id), 6, 2);

        return new Response($text, 200, ['Content-Type' => 'application/yaml; charset=utf-8', 'Content-Disposition' => 'attachment; filename="'.$id.'.yaml"']);
    }

    #[Route('/{id}/use', name: 'activities_use', methods: ['POST'])]
    #[OA\Response(response: 204, description: 'Planned for today')]
    public function use(string $id): JsonResponse
    {
        $this->activity($id);
        if (!$this->planning->use($this->clock->today(), $id)) {
            throw Refusal::conflict('id', 'It does not fit today: nobody has a step ready for it, or there is no time or thing left. Nothing was changed.');
        }

        return new JsonResponse(null, 204);
    }

    private function activity(string $id): Activity
    {
        try {
            return $this->activities->catalogue()->activity($id);
        } catch (UnknownActivity) {
            throw Refusal::notFound('id', 'There is no such activity.');
        }
    }

    /**
     * What is wrong with a text is said with the line it stands on.
     *
     * @param callable(): Activity $read
     *
     * @throws Refusal 422
     */
    private static function saying(string $text, callable $read): Activity
    {
        try {
            return $read();
        } catch (BrokenContent $e) {
            $line = Lines::of($text, $e->place);
            throw Refusal::invalid('text', (null === $line ? '' : 'Line '.$line.', ').$e->place.': '.$e->reason);
        }
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Families;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Platform\Content\BrokenContent;
use Pindle\App\Platform\Content\Library;
use Pindle\App\Platform\Content\OwnContent;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Today\TodayRoom;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Family;
use Pindle\Core\Activity\UnknownFamily;
use Pindle\Core\Question\Facts;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\String\Slugger\AsciiSlugger;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

#[Route('/api/families')]
#[OA\Tag('Families')]
final readonly class FamiliesController
{
    public function __construct(
        private Catalogue $catalogue,
        private Library $library,
        private FamilyViews $views,
        private TodayRoom $today,
        private EntityManagerInterface $entities,
    ) {
    }

    #[Route('', name: 'families_list', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'All activities', content: new OA\JsonContent(ref: new Model(type: FamiliesView::class)))]
    public function list(): JsonResponse
    {
        return new JsonResponse(new FamiliesView($this->views->strands(), $this->views->cards($this->catalogue->families), $this->library->brokenOwn()));
    }

    #[Route('', name: 'families_add', methods: ['POST'])]
    #[OA\Response(response: 201, description: 'The activity as stored', content: new OA\JsonContent(ref: new Model(type: FamilyCardView::class)))]
    public function add(#[MapRequestPayload] OwnActivityInput $input): JsonResponse
    {
        $data = self::parse($input->text);
        $id = OwnContent::PREFIX.substr((new AsciiSlugger())->slug(\is_string($data['name'] ?? null) ? $data['name'] : 'activity')->lower()->toString(), 0, 24).'-'.bin2hex(random_bytes(3));
        $card = $this->views->card($this->read($id, $data, $input->text));
        $this->entities->persist(new OwnActivityEntity($id, $data));
        $this->entities->flush();

        return new JsonResponse($card, 201);
    }

    #[Route('/{id}', name: 'families_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'One activity written out', content: new OA\JsonContent(ref: new Model(type: FamilyView::class)))]
    public function look(string $id): JsonResponse
    {
        return new JsonResponse($this->views->whole($this->family($id)));
    }

    #[Route('/{id}', name: 'families_change', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The activity as stored', content: new OA\JsonContent(ref: new Model(type: FamilyCardView::class)))]
    public function change(string $id, #[MapRequestPayload] OwnActivityInput $input): JsonResponse
    {
        $own = $this->own($id);
        $this->entities->lock($own, LockMode::OPTIMISTIC, $input->version ?? throw Refusal::invalid('version', 'Say which version you saw.'));
        $data = self::parse($input->text);
        $card = $this->views->card($this->read($id, $data, $input->text));
        $own->data = $data;
        $this->entities->flush();

        return new JsonResponse($card);
    }

    #[Route('/{id}', name: 'families_remove', methods: ['DELETE'])]
    #[OA\Response(response: 204, description: 'Removed; what was done with it stays in the record')]
    public function remove(string $id): JsonResponse
    {
        $own = $this->own($id);
        if ($this->today->everPlanned($id)) {
            throw Refusal::conflict('id', 'It was planned or done already, so it stays for the record. Change it instead.');
        }
        $this->entities->remove($own);
        $this->entities->flush();

        return new JsonResponse(null, 204);
    }

    #[Route('/{id}/file', name: 'families_file', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The activity as a file that can be imported again', content: new OA\MediaType(mediaType: 'application/yaml'))]
    public function file(string $id): Response
    {
        $this->family($id);
        $text = Yaml::dump($this->library->activityData($id), 6, 2);

        return new Response($text, 200, ['Content-Type' => 'application/yaml; charset=utf-8', 'Content-Disposition' => 'attachment; filename="'.$id.'.yaml"']);
    }

    #[Route('/{id}/use', name: 'families_use', methods: ['POST'])]
    #[OA\Response(response: 204, description: 'Planned for today')]
    public function use(string $id): JsonResponse
    {
        $this->family($id);
        if (!$this->today->useToday($id)) {
            throw Refusal::conflict('id', 'It does not fit today: nobody has a step ready for it, or there is no time or thing left. Nothing was changed.');
        }

        return new JsonResponse(null, 204);
    }

    private function family(string $id): Family
    {
        try {
            return $this->catalogue->family($id);
        } catch (UnknownFamily) {
            throw Refusal::notFound('id', 'There is no such activity.');
        }
    }

    private function own(string $id): OwnActivityEntity
    {
        return $this->entities->find(OwnActivityEntity::class, $id) ?? throw Refusal::notFound('id', 'There is no such activity of your own.');
    }

    /**
     * The activity read by the schema that the shipped ones are read by, or what is wrong with it.
     *
     * @param array<array-key, mixed> $data
     */
    private function read(string $id, array $data, string $text): Family
    {
        try {
            $family = $this->library->withOwn($id, $data);
            $map = $this->library->wholeMap();
            $served = false;
            foreach ($family->serves as $skill => $generator) {
                if (!isset($map->skills[$skill])) {
                    throw BrokenContent::at($id.'.yaml', 'serves.'.$skill, 'is no skill of the map.');
                }
                foreach ($map->steps as $step) {
                    if ($step->skill->id === $skill && ($family->shows($step, $step->firstForm()) || $family->shows($step, $step->lastForm()))) {
                        Facts::of($generator, $step);
                        $served = true;
                    }
                }
            }

            return $served ? $family : throw BrokenContent::at($id.'.yaml', 'forms', 'None of its forms is a form of what it serves.');
        } catch (BrokenContent $e) {
            throw Refusal::invalid('text', self::withLine($e, $text));
        }
    }

    /** @return array<array-key, mixed> */
    private static function parse(string $text): array
    {
        try {
            $data = Yaml::parse($text);
        } catch (ParseException $e) {
            throw Refusal::invalid('text', \sprintf('Line %d can not be read: %s', max(1, $e->getParsedLine()), rtrim($e->getMessage(), '.').'.'));
        }
        $data = \is_array($data) ? $data : [];
        foreach (['name', 'serves', 'words'] as $key) {
            if (!isset($data[$key])) {
                throw Refusal::invalid('text', \sprintf('This is no activity file of Pindle: "%s" is missing.', $key));
            }
        }
        if (preg_match('/[<>]/', \is_string($data['name']) ? $data['name'] : '<')) {
            throw Refusal::invalid('text', 'name: should be a text without < or >.');
        }

        return $data;
    }

    private static function withLine(BrokenContent $e, string $text): string
    {
        $line = Library::lineOf($text, $e->place);

        return (null === $line ? '' : 'Line '.$line.', ').$e->place.': '.$e->reason;
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\House;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Content\Library;
use Pindle\App\Today\TodayRoom;
use Pindle\Core\Child\Setting;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/house')]
#[OA\Tag('House')]
final readonly class HouseController
{
    public const RELEASE = '0.3.0';

    public function __construct(private Clock $clock, private EntityManagerInterface $entities, private TodayRoom $today, private Library $library, private string $dataDir, private bool $demo)
    {
    }

    #[Route('', name: 'house_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The house', content: new OA\JsonContent(ref: new Model(type: HouseView::class)))]
    public function look(): JsonResponse
    {
        $house = $this->entities->find(HouseEntity::class, HouseEntity::ID);

        return new JsonResponse(new HouseView(
            $this->clock->today()->toString(),
            $this->clock->zone->getName(),
            realpath($this->dataDir) ?: $this->dataDir,
            $this->demo,
            self::RELEASE,
            $house->settings ?? [],
            array_map($this->question(...), Setting::cases()),
            $house->version ?? 0,
        ));
    }

    #[Route('', name: 'house_change', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The house', content: new OA\JsonContent(ref: new Model(type: HouseView::class)))]
    public function change(#[MapRequestPayload] HouseInput $input): JsonResponse
    {
        $house = $this->entities->find(HouseEntity::class, HouseEntity::ID);
        if (null === $house) {
            $house = new HouseEntity();
            $this->entities->persist($house);
        } else {
            $this->entities->lock($house, LockMode::OPTIMISTIC, $input->version);
        }
        $house->settings = $input->settings;
        $this->entities->flush();
        $this->today->planTheRestAgain();

        return $this->look();
    }

    private function question(Setting $setting): SettingView
    {
        $words = $this->library->settingWords($setting);

        return new SettingView($setting->value, $words->question, $words->views, array_map(
            static fn (string $answer): SettingAnswerView => new SettingAnswerView($answer, $words->answers[$answer]['words'], $words->answers[$answer]['note']),
            $setting->answers(),
        ));
    }
}

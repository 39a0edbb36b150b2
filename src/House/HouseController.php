<?php

declare(strict_types=1);

namespace Pindle\App\House;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Platform\Clock;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/house')]
#[OA\Tag('House')]
final readonly class HouseController
{
    public const VERSION = '0.1.0';

    public function __construct(private Clock $clock, private string $dataDir, private bool $demo)
    {
    }

    #[Route('', name: 'house_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'The house', content: new OA\JsonContent(ref: new Model(type: HouseView::class)))]
    public function look(): JsonResponse
    {
        return new JsonResponse(new HouseView($this->clock->today()->toString(), $this->clock->zone->getName(), realpath($this->dataDir) ?: $this->dataDir, $this->demo, self::VERSION));
    }
}

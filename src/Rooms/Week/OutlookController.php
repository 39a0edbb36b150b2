<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\Routing\Attribute\Route;

/** The outlook is told line by line while it is worked out, so that whoever waits sees how far it is. */
#[Route('/api/week')]
#[OA\Tag('Week')]
final readonly class OutlookController
{
    public function __construct(private OutlookViews $views, private Shown $shown)
    {
    }

    #[Route('/outlook', name: 'week_outlook', methods: ['GET'])]
    #[OA\Response(
        response: 200,
        description: 'A line of JSON for each day, and one in the end',
        content: new OA\MediaType(mediaType: 'application/x-ndjson', schema: new OA\Schema(ref: new Model(type: OutlookLineView::class))),
    )]
    public function outlook(#[MapQueryParameter] ?string $day = null): StreamedResponse
    {
        $shown = $this->shown->day($day);
        $lines = (function () use ($shown): \Generator {
            foreach ($this->views->of($shown) as $line) {
                yield json_encode($line, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE)."\n";
            }
        })();

        return new StreamedResponse($lines, 200, ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no']);
    }
}

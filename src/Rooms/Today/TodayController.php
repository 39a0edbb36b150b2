<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Plan\DayEntity;
use Pindle\App\Plan\Planning;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Lock\Who;
use Pindle\Core\Calendar\InvalidSpan;
use Pindle\Core\Calendar\Span;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/today')]
#[OA\Tag('Today')]
final readonly class TodayController
{
    public function __construct(private Planning $planning, private DayViews $views, private Clock $clock)
    {
    }

    #[Route('', name: 'today_look', methods: ['GET'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function look(): JsonResponse
    {
        return new JsonResponse($this->views->of($this->planning->fresh($this->clock->today())));
    }

    #[Route('/plan', name: 'today_plan', methods: ['POST'])]
    #[OA\Response(
        response: 200,
        description: 'Today, planned again around what is begun or done',
        content: new OA\JsonContent(ref: new Model(type: DayView::class)),
    )]
    public function plan(#[MapRequestPayload] DayInput $input): JsonResponse
    {
        $windows = null === $input->windows ? null : self::windows($input->windows);
        $day = $this->planning->plan($this->clock->today(), static function (DayEntity $day) use ($input, $windows): void {
            $day->windows = $windows ?? $day->windows;
            $day->wet = $input->wet ?? $day->wet;
            $day->quiet = $input->quiet ?? $day->quiet;
            $day->highTable = $input->highTable ?? $day->highTable;
        });

        return new JsonResponse($this->views->of($day));
    }

    /**
     * @param list<list<int>> $windows
     *
     * @return list<array{int, int}> in order
     */
    private static function windows(array $windows): array
    {
        usort($windows, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $before = null;
        $checked = [];
        foreach ($windows as $i => $window) {
            try {
                $span = new Span($window[0], $window[1]);
            } catch (InvalidSpan) {
                throw Refusal::invalid('windows.'.$i, 'A time at the table ends after it starts.');
            }
            if (null !== $before && $before->overlaps($span)) {
                throw Refusal::invalid('windows.'.$i, 'Two times at the table overlap.');
            }
            $before = $span;
            $checked[] = [$span->start, $span->end];
        }

        return $checked;
    }
}

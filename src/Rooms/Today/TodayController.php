<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\Unchanged;
use Pindle\App\Plan\Changing;
use Pindle\App\Plan\DayEntity;
use Pindle\App\Plan\Fill;
use Pindle\App\Plan\Planning;
use Pindle\App\Plan\Verb;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Http\Spans;
use Pindle\App\Platform\Lock\Who;
use Pindle\App\Views\Wants;
use Pindle\Core\Calendar\InvalidDate;
use Pindle\Core\Calendar\LocalDate;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/today')]
#[OA\Tag('Today')]
final readonly class TodayController
{
    private const FIRST = '2020-01-01';
    /** Days after the Monday of this week: to the end of the next. */
    private const AHEAD = 13;

    public function __construct(
        private Planning $planning,
        private Changing $changing,
        private DayViews $views,
        private Wants $wants,
        private Clock $clock,
    ) {
    }

    #[Route('', name: 'today_look', methods: ['GET'], defaults: Who::TABLE + Unchanged::ALL)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function look(#[MapQueryParameter] ?string $day = null): JsonResponse
    {
        return new JsonResponse($this->views->of($this->planning->fresh($this->date($day))));
    }

    /** Asked for in the evening: what tomorrow wants is never said first on the day itself. */
    #[Route('/tomorrow', name: 'today_tomorrow', methods: ['GET'], defaults: Who::TABLE)]
    #[OA\Response(
        response: 200,
        description: 'What tomorrow wants and nobody has made',
        content: new OA\JsonContent(ref: new Model(type: TomorrowView::class)),
    )]
    public function tomorrow(): JsonResponse
    {
        $tomorrow = $this->clock->today()->plusDays(1);

        return new JsonResponse(new TomorrowView($this->wants->lacking($this->wants->on([$tomorrow]), $tomorrow)));
    }

    #[Route('/plan', name: 'today_plan', methods: ['POST'])]
    #[OA\Response(
        response: 200,
        description: 'Today, planned again around what is begun or done',
        content: new OA\JsonContent(ref: new Model(type: DayView::class)),
    )]
    public function plan(#[MapRequestPayload] DayInput $input, #[MapQueryParameter] ?string $day = null): JsonResponse
    {
        $date = $this->date($day);
        if ($this->clock->today()->isAfter($date)) {
            throw Refusal::invalid('day', 'That day is over. What was planned for it stays as it was.');
        }
        $windows = null === $input->windows ? null : Spans::read($input->windows, 'windows');
        $ask = static function (DayEntity $day) use ($input, $windows): void {
            if (null !== $windows) {
                $day->allow($windows);
            }
            // A day off is planned when the parent asks for it.
            $day->open();
            $day->wet = $input->wet ?? $day->wet;
            $day->quiet = $input->quiet ?? $day->quiet;
            $day->highTable = $input->highTable ?? $day->highTable;
        };

        return new JsonResponse($this->views->of(null === $input->version
            ? $this->planning->plan($date, $ask)
            : $this->changing->ask($date, $input->version, Verb::Allow, $ask, $input->keep ? Fill::Around : Fill::Anew)));
    }

    /** Days that can be looked at: from the first a household can have to the end of next week. */
    private function date(?string $day): LocalDate
    {
        if (null === $day) {
            return $this->clock->today();
        }
        try {
            $date = LocalDate::parse($day);
        } catch (InvalidDate) {
            throw Refusal::invalid('day', 'A day is written as 2026-03-01.');
        }
        if (LocalDate::parse(self::FIRST)->isAfter($date) || $date->isAfter($this->clock->today()->monday()->plusDays(self::AHEAD))) {
            throw Refusal::invalid('day', \sprintf('There is nothing of that day here: days go from %s to the end of next week.', self::FIRST));
        }

        return $date;
    }
}

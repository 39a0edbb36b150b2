<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Content\Words;
use Pindle\App\Household\Children;
use Pindle\App\Household\Unchanged;
use Pindle\App\Household\Weeks;
use Pindle\App\Plan\Days;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Http\Spans;
use Pindle\Core\Calendar\DayRange;
use Pindle\Core\Calendar\DayUse;
use Pindle\Core\Calendar\InvalidWeek;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Week;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/week')]
#[OA\Tag('Week')]
final readonly class WeekController
{
    public function __construct(
        private Weeks $weeks,
        private Days $said,
        private WeekViews $views,
        private Children $children,
        private Shown $shown,
        private Words $words,
        private Clock $clock,
    ) {
    }

    #[Route('', name: 'week_look', methods: ['GET'], defaults: Unchanged::ALL)]
    #[OA\Response(response: 200, description: 'The week with a day in it', content: new OA\JsonContent(ref: new Model(type: WeekView::class)))]
    public function look(#[MapQueryParameter] ?string $day = null): JsonResponse
    {
        return new JsonResponse($this->views->of($this->shown->day($day)));
    }

    #[Route('/usual/{weekday}', name: 'week_usual', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The week', content: new OA\JsonContent(ref: new Model(type: WeekView::class)))]
    public function usual(string $weekday, #[MapRequestPayload] UseInput $input, #[MapQueryParameter] ?string $day = null): JsonResponse
    {
        $use = $this->use($input);
        if (1 !== preg_match('/^[1-7]$/', $weekday)) {
            throw Refusal::notFound('weekday', 'A weekday is 1, for Monday, to 7.');
        }

        return $this->change(static fn (Week $week): Week => $week->using((int) $weekday, $use), $input->version, $day);
    }

    #[Route('/days/{date}', name: 'week_once', methods: ['PUT'])]
    #[OA\Response(response: 200, description: 'The week', content: new OA\JsonContent(ref: new Model(type: WeekView::class)))]
    public function once(string $date, #[MapRequestPayload] UseInput $input, #[MapQueryParameter] ?string $day = null): JsonResponse
    {
        $on = $this->ahead($date, 'date');
        $use = $this->use($input);

        return $this->change(static fn (Week $week): Week => $week->usingOnce($on, $use), $input->version, $day);
    }

    #[Route('/days/{date}/as-usual', name: 'week_as_usual', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The week', content: new OA\JsonContent(ref: new Model(type: WeekView::class)))]
    public function asUsual(string $date, #[MapRequestPayload] VersionInput $input, #[MapQueryParameter] ?string $day = null): JsonResponse
    {
        $on = $this->shown->date($date, 'date');

        return $this->change(static fn (Week $week): Week => $week->usingOnce($on, null), $input->version, $day);
    }

    #[Route('/holidays', name: 'week_holiday', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The week', content: new OA\JsonContent(ref: new Model(type: WeekView::class)))]
    public function holiday(#[MapRequestPayload] DaysInput $input, #[MapQueryParameter] ?string $day = null): JsonResponse
    {
        $range = $this->rangeAhead($input);

        return $this->change(static fn (Week $week): Week => $week->resting($range), $input->version, $day);
    }

    #[Route('/holidays/end', name: 'week_no_holiday', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The week', content: new OA\JsonContent(ref: new Model(type: WeekView::class)))]
    public function noHoliday(#[MapRequestPayload] DaysInput $input, #[MapQueryParameter] ?string $day = null): JsonResponse
    {
        $range = $this->range($input);

        return $this->change(static fn (Week $week): Week => $week->notResting($range), $input->version, $day);
    }

    #[Route('/away/{childId}', name: 'week_away', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The week', content: new OA\JsonContent(ref: new Model(type: WeekView::class)))]
    public function away(string $childId, #[MapRequestPayload] DaysInput $input, #[MapQueryParameter] ?string $day = null): JsonResponse
    {
        $this->children->child($childId, $this->clock->today());
        $range = $this->rangeAhead($input);

        return $this->change(static fn (Week $week): Week => $week->sending($childId, $range), $input->version, $day);
    }

    #[Route('/away/{childId}/end', name: 'week_not_away', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The week', content: new OA\JsonContent(ref: new Model(type: WeekView::class)))]
    public function notAway(string $childId, #[MapRequestPayload] DaysInput $input, #[MapQueryParameter] ?string $day = null): JsonResponse
    {
        $range = $this->range($input);

        return $this->change(static fn (Week $week): Week => $week->notSending($childId, $range), $input->version, $day);
    }

    #[Route('/undo', name: 'week_undo', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'The week as it was', content: new OA\JsonContent(ref: new Model(type: WeekView::class)))]
    public function undo(#[MapRequestPayload] VersionInput $input, #[MapQueryParameter] ?string $day = null): JsonResponse
    {
        $shown = $this->shown->day($day);
        $this->weeks->back($input->version);

        return new JsonResponse($this->views->of($shown));
    }

    /** @param callable(Week): Week $change */
    private function change(callable $change, int $version, ?string $day): JsonResponse
    {
        $shown = $this->shown->day($day);
        try {
            $this->weeks->change($change, $this->said->week(), $version);
        } catch (InvalidWeek $e) {
            throw $this->refusal($e);
        }

        return new JsonResponse($this->views->of($shown));
    }

    private function refusal(InvalidWeek $e): Refusal
    {
        $said = fn (int|LocalDate $value): int|string => $value instanceof LocalDate ? $this->words->dated($value) : $value;

        return Refusal::invalid('to', $this->words->say('week_refusals', $e->reason, array_map($said, $e->values)));
    }

    /** @throws Refusal 422, 404 for a child who is not there */
    private function use(UseInput $input): DayUse
    {
        $windows = Spans::read($input->windows, 'windows');
        foreach ($input->minutes as $childId => $minutes) {
            $this->children->child((string) $childId, $this->clock->today(), 'minutes.'.$childId);
            try {
                new DayUse([], [(string) $childId => $minutes]);
            } catch (InvalidWeek) {
                $said = \sprintf('%d to %d minutes, or 0 for none that day.', DayUse::FEWEST_MINUTES, DayUse::MOST_MINUTES);
                throw Refusal::invalid('minutes.'.$childId, $said);
            }
        }

        return new DayUse($windows, $input->minutes);
    }

    /** @throws Refusal 422 */
    private function range(DaysInput $input): DayRange
    {
        try {
            return new DayRange($this->shown->date($input->from, 'from'), $this->shown->date($input->to, 'to'));
        } catch (InvalidWeek $e) {
            throw $this->refusal($e);
        }
    }

    /** @throws Refusal 422 when it is over, or too far away to be known */
    private function rangeAhead(DaysInput $input): DayRange
    {
        $range = $this->range($input);
        if ($this->clock->today()->isAfter($range->to)) {
            throw Refusal::invalid('to', 'Those days are over. What was done on them stays as it is.');
        }

        return $range;
    }

    /** @throws Refusal 422 when it is over, or too far away to be known */
    private function ahead(string $day, string $field): LocalDate
    {
        $date = $this->shown->date($day, $field);
        if ($this->clock->today()->isAfter($date)) {
            throw Refusal::invalid($field, 'That day is over. What was done on it stays as it is.');
        }

        return $date;
    }
}

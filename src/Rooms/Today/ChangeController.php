<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Household\Children;
use Pindle\App\Household\House;
use Pindle\App\Household\Things;
use Pindle\App\Plan\Changing;
use Pindle\App\Plan\DayEntity;
use Pindle\App\Plan\Fill;
use Pindle\App\Plan\Planning;
use Pindle\App\Plan\Plans;
use Pindle\App\Plan\Refusals;
use Pindle\App\Plan\Undo;
use Pindle\App\Plan\Unplanned;
use Pindle\App\Plan\Verb;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Lock\Who;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Planning\Windows;
use Pindle\Core\Thing\Thing;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;

/** Every way a day can change. Each answers with the day as it is now, which says what moved and whether it can be taken back. */
#[Route('/api/today')]
#[OA\Tag('Today')]
final readonly class ChangeController
{
    public function __construct(
        private Changing $changing,
        private Planning $planning,
        private Plans $plans,
        private Undo $undo,
        private Unplanned $unplanned,
        private Refusals $refusals,
        private Children $children,
        private House $house,
        private Things $things,
        private DayViews $views,
        private ChangeViews $told,
        private Clock $clock,
    ) {
    }

    #[Route('/set-ups/{id}/swaps', name: 'today_swaps', methods: ['GET'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'What could be done instead', content: new OA\JsonContent(ref: new Model(type: SwapsView::class)))]
    public function swaps(string $id): JsonResponse
    {
        return new JsonResponse($this->told->swaps($this->changing->swaps($this->today(), $id)));
    }

    #[Route('/set-ups/{id}/swap', name: 'today_swap', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function swap(string $id, #[MapRequestPayload] SwapInput $input): JsonResponse
    {
        return $this->day($this->changing->swap($this->today(), $input->version, $id, $input->activityId));
    }

    #[Route('/set-ups/{id}/hold', name: 'today_hold', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function hold(string $id, #[MapRequestPayload] ChangeInput $input): JsonResponse
    {
        return $this->day($this->changing->hold($this->today(), $input->version, $id, true));
    }

    #[Route('/set-ups/{id}/let-go', name: 'today_let_go', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function letGo(string $id, #[MapRequestPayload] ChangeInput $input): JsonResponse
    {
        return $this->day($this->changing->hold($this->today(), $input->version, $id, false));
    }

    #[Route('/set-ups/{id}/drop', name: 'today_drop', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function drop(string $id, #[MapRequestPayload] ChangeInput $input): JsonResponse
    {
        return $this->day($this->changing->drop($this->today(), $input->version, $id));
    }

    #[Route('/set-ups/{id}/move', name: 'today_move', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function move(string $id, #[MapRequestPayload] MoveInput $input): JsonResponse
    {
        return $this->day($this->changing->move($this->today(), $input->version, $id, $input->start));
    }

    #[Route('/set-ups/{id}/other-things', name: 'today_other_things', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function otherThings(string $id, #[MapRequestPayload] ChangeInput $input): JsonResponse
    {
        return $this->day($this->changing->otherThings($this->today(), $input->version, $id));
    }

    #[Route('/set-ups/{id}/join', name: 'today_join', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function join(string $id, #[MapRequestPayload] JoinInput $input): JsonResponse
    {
        $this->children->child($input->childId, $this->today());

        return $this->day($this->changing->join($this->today(), $input->version, $id, $input->childId));
    }

    #[Route('/set-ups/{id}/refused', name: 'today_refused', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'What helps', content: new OA\JsonContent(ref: new Model(type: RefusedView::class)))]
    public function refused(string $id, #[MapRequestPayload] RefusedInput $input): JsonResponse
    {
        $stored = $this->plans->setUp($id) ?? throw Refusal::notFound('id', 'This is not in the plan any more. Nothing was lost; look at Today again.');
        if (!isset($stored->sittings[$input->childId])) {
            throw Refusal::invalid('childId', 'That child does not sit at this one.');
        }
        $this->refusals->keep($id);

        return new JsonResponse($this->told->refused($stored, $this->children->child($input->childId, $this->today())));
    }

    #[Route('/twenty', name: 'today_twenty', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Twenty minutes: a turn for everyone', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function twenty(#[MapRequestPayload] NowInput $input): JsonResponse
    {
        $short = Windows::short($input->at);

        $was = $this->was($short->start);

        return $this->ask($input->version, Verb::Twenty, static function (DayEntity $day) use ($short, $was): void {
            $day->allow([...$was, $short]);
        }, Fill::Anew);
    }

    #[Route('/later', name: 'today_later', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today, begun only now', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function later(#[MapRequestPayload] NowInput $input): JsonResponse
    {
        $was = $this->was($input->at);

        return $this->ask($input->version, Verb::Later, static function (DayEntity $day) use ($input, $was): void {
            $day->allow([...$was, ...Windows::from($day->spans(), $input->at)]);
        }, Fill::Nothing);
    }

    #[Route('/pile', name: 'today_pile', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today, everyone at one pile now', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function pile(#[MapRequestPayload] PileInput $input): JsonResponse
    {
        $known = array_map(static fn (Thing $thing): string => $thing->id, $this->things->present());
        if (null !== $input->thingId && !\in_array($input->thingId, $known, true)) {
            throw Refusal::invalid('thingId', 'There is no such thing in the cupboard.');
        }
        $when = Span::lasting(min($input->at, 1440 - $input->minutes), $input->minutes);

        return $this->day($this->changing->pile($this->today(), $input->version, $when, $input->thingId));
    }

    #[Route('/arms-full', name: 'today_arms_full', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today, with less of you for a while', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function armsFull(#[MapRequestPayload] ArmsFullInput $input): JsonResponse
    {
        return $this->ask($input->version, Verb::ArmsFull, static function (DayEntity $day) use ($input): void {
            $others = array_filter($day->blocks, static fn (array $block): bool => $block[0] !== $input->state->value);
            $day->blocks = [...array_values($others), [$input->state->value, $input->at, min(1440, $input->at + $input->minutes)]];
        }, Fill::Around);
    }

    #[Route('/children/{id}/ill', name: 'today_ill', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function ill(string $id, #[MapRequestPayload] ChangeInput $input): JsonResponse
    {
        return $this->absent($id, $input->version, Verb::Ill, DayEntity::ILL);
    }

    #[Route('/children/{id}/away', name: 'today_away', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function away(string $id, #[MapRequestPayload] ChangeInput $input): JsonResponse
    {
        return $this->absent($id, $input->version, Verb::Away, DayEntity::AWAY);
    }

    #[Route('/children/{id}/back', name: 'today_back', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function back(string $id, #[MapRequestPayload] ChangeInput $input): JsonResponse
    {
        return $this->absent($id, $input->version, Verb::Back, null);
    }

    #[Route('/children/{id}/asleep', name: 'today_asleep', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function asleep(string $id, #[MapRequestPayload] AsleepInput $input): JsonResponse
    {
        $this->children->child($id, $this->today());
        if ($input->to <= $input->from) {
            throw Refusal::invalid('to', 'A sleep ends after it begins.');
        }

        return $this->ask($input->version, Verb::Asleep, static function (DayEntity $day) use ($id, $input): void {
            $day->asleep[$id] = [[$input->from, $input->to]];
        }, Fill::Around);
    }

    #[Route('/children/{id}/woke', name: 'today_woke', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'What to do now, and today', content: new OA\JsonContent(ref: new Model(type: WokeView::class)))]
    public function woke(string $id, #[MapRequestPayload] NowInput $input): JsonResponse
    {
        $day = $this->plans->day($this->today());
        $child = $this->children->child($id, $this->today());
        $own = $day->asleep[$id] ?? null;
        $rests = null === $own ? $child->rests : array_map(static fn (array $rest): Span => new Span($rest[0], $rest[1]), $own);
        $left = Windows::cut($rests, $input->at) ?? throw Refusal::invalid('id', \sprintf('%s is not asleep at that time.', $child->name));
        // What to do comes first, from what lies there alone.
        $atTable = $this->told->woken($child, $this->plans->setUps($this->today()), $day, $input->at);
        $this->changing->ask($this->today(), $input->version, Verb::Woke, static function (DayEntity $day) use ($id, $left): void {
            $day->asleep[$id] = array_map(static fn (Span $rest): array => [$rest->start, $rest->end], $left);
        }, Fill::Nothing);

        return new JsonResponse(new WokeView($atTable, $this->views->of($this->plans->day($this->today()))));
    }

    #[Route('/low-week', name: 'today_low_week', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function lowWeek(#[MapRequestPayload] LowWeekInput $input): JsonResponse
    {
        $until = null === $input->until ? null : LocalDate::parse($input->until);
        if (null !== $until && ($this->today()->isAfter($until) || $until->isAfter($this->today()->plusDays(60)))) {
            throw Refusal::invalid('until', 'A low week ends today at the earliest, and in two months at the latest.');
        }
        $this->house->restUntil($until);

        return $this->day($this->plans->day($this->today())->isPlanned()
            ? $this->planning->plan($this->today(), static fn (DayEntity $day): null => null)
            : $this->planning->fresh($this->today()));
    }

    #[Route('/take-back', name: 'today_take_back', methods: ['POST'])]
    #[OA\Response(response: 200, description: 'Today, without an activity that was wanted', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function takeBack(#[MapRequestPayload] WishInput $input): JsonResponse
    {
        $day = $this->plans->day($this->today());
        if (!\in_array($input->activityId, $day->wanted, true)) {
            throw Refusal::notFound('activityId', 'You did not ask for this today.');
        }
        $gone = array_values(array_filter(
            $this->plans->setUps($this->today()),
            static fn ($stored): bool => $stored->setUp->activity->id === $input->activityId && !$stored->isKept(),
        ));

        return $this->day($this->changing->withoutWish($this->today(), $input->version, $input->activityId, $gone));
    }

    #[Route('/something-else', name: 'today_something_else', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today, with what was done instead', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function somethingElse(#[MapRequestPayload] SomethingElseInput $input): JsonResponse
    {
        $marks = [];
        foreach ($input->children as $one) {
            $marks[$this->children->child($one->childId, $this->today())->id] = $one->mark;
        }
        match (true) {
            null !== $input->activityId => $this->unplanned->somethingElse($this->today(), $input->activityId, $marks, $input->at, $input->deviceId),
            null !== $input->words => $this->unplanned->inWords($this->today(), $input->words, $marks),
            default => throw Refusal::invalid('words', 'What was it? An activity, or a few words.'),
        };

        return $this->day($this->planning->fresh($this->today()));
    }

    #[Route('/something-else/{id}', name: 'today_something_else_back', methods: ['DELETE'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today, without what was told', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function somethingElseBack(string $id): JsonResponse
    {
        $this->unplanned->takeBack($this->today(), $id);

        return $this->day($this->planning->fresh($this->today()));
    }

    #[Route('/five-minutes', name: 'today_five_minutes', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Something to begin at once', content: new OA\JsonContent(ref: new Model(type: StartedView::class)))]
    public function fiveMinutes(#[MapRequestPayload] FiveMinutesInput $input): JsonResponse
    {
        $this->children->child($input->childId, $this->today());

        return new JsonResponse(new StartedView($this->unplanned->fiveMinutes($this->today(), $input->childId, $input->at)));
    }

    #[Route('/moments', name: 'today_moment', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today; it happened, or not after all', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function moment(#[MapRequestPayload] MomentInput $input): JsonResponse
    {
        $input->happened
            ? $this->unplanned->happened($this->today(), $input->childId, $input->activityId, $input->at)
            : $this->unplanned->didNotHappen($this->today(), $input->childId, $input->activityId);

        return $this->day($this->planning->fresh($this->today()));
    }

    #[Route('/gathered', name: 'today_gathered', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function gathered(#[MapRequestPayload] GatherInput $input): JsonResponse
    {
        $date = null === $input->day ? $this->today() : LocalDate::parse($input->day);
        $this->unplanned->gather($date, $input->window, $input->thingId, $input->there);

        return $this->day($this->planning->fresh($date));
    }

    #[Route('/undo', name: 'today_undo', methods: ['POST'], defaults: Who::TABLE)]
    #[OA\Response(response: 200, description: 'Today as it was before', content: new OA\JsonContent(ref: new Model(type: DayView::class)))]
    public function undo(#[MapRequestPayload] ChangeInput $input): JsonResponse
    {
        $this->undo->back($this->today(), $input->version);

        return $this->day($this->planning->fresh($this->today()));
    }

    private function absent(string $childId, int $version, Verb $verb, ?string $how): JsonResponse
    {
        $this->children->child($childId, $this->today());

        return $this->ask($version, $verb, static function (DayEntity $day) use ($childId, $how): void {
            $day->say($childId, $how);
            // The others may have all the room by now.
        }, null === $how ? Fill::Anew : Fill::Around);
    }

    /** @param callable(DayEntity): void $ask */
    private function ask(int $version, Verb $verb, callable $ask, Fill $fill): JsonResponse
    {
        return $this->day($this->changing->ask($this->today(), $version, $verb, $ask, $fill));
    }

    private function day(DayEntity $day): JsonResponse
    {
        return new JsonResponse($this->views->of($day));
    }

    private function today(): LocalDate
    {
        return $this->clock->today();
    }

    /** @return list<Span> times at the table before now in which something was begun or done, as far as that went */
    private function was(int $now): array
    {
        $was = [];
        foreach ($this->plans->day($this->today())->spans() as $window) {
            $end = 0;
            foreach ($this->plans->setUps($this->today()) as $stored) {
                $end = $stored->isKept() && $window->holds($stored->setUp->span) ? max($end, $stored->setUp->span->end) : $end;
            }
            if ($end > 0) {
                $was[] = new Span($window->start, max($window->start + 1, min($end, $now)));
            }
        }

        return array_values(array_filter($was, static fn (Span $window): bool => $window->end <= $now));
    }
}

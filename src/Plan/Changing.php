<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Planning\DayPlan;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Rearranging;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Swap;
use Pindle\Core\Planning\Windows;

/**
 * Changes a planned day as its parent asks. Each change is for the day as the parent saw it: one for a day that others have changed meanwhile is
 * refused. What a change does not touch stays; each says what it moved and can be taken back.
 */
final readonly class Changing
{
    public function __construct(
        private Plans $plans,
        private PlanWriter $writer,
        private Requests $requests,
        private Planner $planner,
        private Rearranging $rearranging,
        private Undo $undo,
        private Moved $moved,
        private EntityManagerInterface $entities,
    ) {
    }

    /**
     * Something about the day is other than it was. What is planned stays where it still can; where that leaves room it is filled again.
     *
     * @param callable(DayEntity): void $ask
     * @param Fill                      $fill what becomes of what is planned
     *
     * @throws Refusal 409
     */
    public function ask(LocalDate $date, int $version, Verb $verb, callable $ask, Fill $fill): DayEntity
    {
        return $this->change($date, $version, $verb, $ask, function (DayEntity $day, array $all) use ($fill): array {
            $planned = Requests::planned($all);
            $request = match ($fill) {
                Fill::Anew => $this->requests->of($day, $all, Requests::held($all)),
                Fill::Around => $this->requests->of($day, $all, $planned),
                Fill::Nothing => $this->requests->of($day, $all, $planned, \count($planned)),
            };

            return [$request, Fill::Nothing === $fill ? $this->onlyWhatWas($request) : $this->planner->plan($request)];
        });
    }

    /** @return list<Swap> what could be done instead, best first */
    public function swaps(LocalDate $date, string $setUpId): array
    {
        $all = $this->plans->all($date);
        $stored = $this->planned($all, $setUpId);
        $day = $this->plans->day($date);

        return $this->rearranging->swaps($this->requests->of($day, $all, Requests::planned($all)), $stored->setUp);
    }

    /** @throws Refusal 404, 409, 422 where the activity is not one of those that fit */
    public function swap(LocalDate $date, int $version, string $setUpId, string $activityId): DayEntity
    {
        return $this->rearrange($date, $version, Verb::Swap, $setUpId, function (DayRequest $request, SetUp $setUp) use ($activityId): array {
            foreach ($this->rearranging->swaps($request, $setUp) as $swap) {
                if ($swap->setUp->activity->id === $activityId) {
                    return [...self::without($request->held, $setUp), $swap->setUp];
                }
            }

            throw Refusal::invalid('activityId', 'This does not fit there any more. Look at what does now.');
        });
    }

    /** @throws Refusal 404, 409, 422 where it cannot start then */
    public function move(LocalDate $date, int $version, string $setUpId, int $start): DayEntity
    {
        $held = array_map(static fn (SetUp $setUp): string => $setUp->key, Requests::held($this->plans->all($date)));

        return $this->rearrange($date, $version, Verb::Move, $setUpId, fn (DayRequest $request, SetUp $setUp): array => $this->rearranging->moved(
            $request,
            $setUp,
            $start,
            array_values(array_diff($held, [$setUpId])),
        ) ?? throw Refusal::invalid('start', 'It cannot start then: it is outside your time, or somebody sits, sleeps, rests or needs you there.'));
    }

    /** @throws Refusal 404, 409, 422 where the house has no others */
    public function otherThings(LocalDate $date, int $version, string $setUpId): DayEntity
    {
        return $this->rearrange(
            $date,
            $version,
            Verb::OtherThings,
            $setUpId,
            fn (DayRequest $request, SetUp $setUp): array => $this->rearranging->otherThings($request, $setUp)
                ?? throw Refusal::invalid('setUpId', 'There are no other things in the cupboard that would do for this.'),
        );
    }

    /** @throws Refusal 404, 409, 422 where there is nothing in it for the child */
    public function join(LocalDate $date, int $version, string $setUpId, string $childId): DayEntity
    {
        return $this->rearrange(
            $date,
            $version,
            Verb::Join,
            $setUpId,
            fn (DayRequest $request, SetUp $setUp): array => $this->rearranging->joined($request, $setUp, $childId)
                ?? throw Refusal::invalid('childId', 'There is nothing in this one for that child today, or it would take too long.'),
        );
    }

    /** @throws Refusal 404, 409 */
    public function drop(LocalDate $date, int $version, string $setUpId): DayEntity
    {
        return $this->rearrange(
            $date,
            $version,
            Verb::Drop,
            $setUpId,
            static fn (DayRequest $request, SetUp $setUp): array => self::without($request->held, $setUp),
            static function (DayEntity $day, SetUp $setUp): void {
                foreach ($setUp->childIds() as $childId) {
                    $day->notToday[$childId] = array_values(array_unique([...$day->notToday[$childId] ?? [], $setUp->activity->id]));
                }
            },
        );
    }

    /**
     * An activity the parent asked for today is not wanted any more; what it was planned as goes, and room that is left is filled.
     *
     * @param list<StoredSetUp> $gone
     *
     * @throws Refusal 409
     */
    public function withoutWish(LocalDate $date, int $version, string $activityId, array $gone): DayEntity
    {
        $ids = array_map(static fn (StoredSetUp $stored): string => $stored->setUp->key, $gone);

        return $this->change($date, $version, Verb::TakeBack, static function (DayEntity $day) use ($activityId): void {
            $day->wanted = array_values(array_diff($day->wanted, [$activityId]));
        }, function (DayEntity $day, array $all) use ($ids): array {
            $stay = array_values(array_filter(Requests::planned($all), static fn (SetUp $setUp): bool => !\in_array($setUp->key, $ids, true)));
            $request = $this->requests->of($day, $all, $stay);

            return [$request, $this->planner->plan($request)];
        });
    }

    /**
     * Something planned stays as it is whatever else changes, or does so no longer.
     *
     * @throws Refusal 404, 409
     */
    public function hold(LocalDate $date, int $version, string $setUpId, bool $holds): DayEntity
    {
        $this->planned($this->plans->all($date), $setUpId);

        return $this->rearrange($date, $version, $holds ? Verb::Hold : Verb::LetGo, $setUpId, static fn (DayRequest $request): array => $request->held, null, [
            'UPDATE set_up SET held = ? WHERE id = ?',
            [(int) $holds, $setUpId],
        ]);
    }

    /**
     * One pile for everyone, now; what is planned meanwhile goes.
     *
     * @throws Refusal 409, 422 where nothing can be done with it
     */
    public function pile(LocalDate $date, int $version, Span $when, ?string $thingId): DayEntity
    {
        return $this->change($date, $version, Verb::Pile, static function (DayEntity $day) use ($when): void {
            $day->allow(Windows::with($day->spans(), $when));
        }, function (DayEntity $day, array $all) use ($when, $thingId): array {
            $planned = Requests::planned($all);
            $pile = $this->rearranging->pile($this->requests->of($day, $all, []), $when, $thingId)
                ?? throw Refusal::invalid('thingId', 'Nothing comes to mind for that pile now. Try another, or a few minutes more.');
            $later = array_values(array_filter($planned, static fn (SetUp $setUp): bool => !$setUp->span->overlaps($pile->span)));
            $request = $this->requests->of($day, $all, $later, \count($later));

            return [$request, $this->planner->planOf($request, [...$later, $pile])];
        });
    }

    /**
     * @param callable(DayRequest, SetUp): list<SetUp> $how  the set-ups besides what is kept
     * @param callable(DayEntity, SetUp): void|null    $ask what else is other
     * @param array{string, list<int|string>}|null     $and a statement that belongs to it, with its values
     */
    private function rearrange(
        LocalDate $date,
        int $version,
        Verb $verb,
        string $setUpId,
        callable $how,
        ?callable $ask = null,
        ?array $and = null,
    ): DayEntity {
        $setUp = $this->planned($this->plans->all($date), $setUpId)->setUp;

        return $this->change($date, $version, $verb, static function (DayEntity $day) use ($ask, $setUp): void {
            null === $ask || $ask($day, $setUp);
        }, function (DayEntity $day, array $all) use ($how, $setUpId): array {
            $request = $this->requests->of($day, $all, Requests::planned($all));
            $these = array_values(array_filter($request->held, static fn (SetUp $held): bool => $held->key === $setUpId));
            $setUp = $these[0] ?? throw Refusal::changedMeanwhile();

            return [$request, $this->planner->planOf($request, $how($request, $setUp))];
        }, $and);
    }

    /**
     * @param callable(DayEntity): void                                              $ask
     * @param callable(DayEntity, list<StoredSetUp>): array{DayRequest, DayPlan} $how
     * @param array{string, list<int|string>}|null                               $and
     */
    private function change(LocalDate $date, int $version, Verb $verb, callable $ask, callable $how, ?array $and = null): DayEntity
    {
        $day = $this->plans->day($date);
        if ($day->version !== $version) {
            throw Refusal::changedMeanwhile();
        }
        $this->entities->detach($day);
        $all = $this->plans->all($date);
        $before = $this->undo->snapshot($date);
        $ask($day);
        [$request, $plan] = $how($day, $all);
        $day->awaits = $request->inWeek->isAwaiting();
        $kept = array_map(fn (SetUp $setUp): SetUp => $this->planner->warned($request, $setUp), $request->kept);
        $isStored = $this->writer->write($day, $all, $plan, $kept, function () use ($date, $verb, $before, $day, $all, $and): void {
            null === $and || $this->entities->getConnection()->executeStatement(...$and);
            $this->undo->keep($date, $verb, $before, $this->moved->between($all, $this->plans->all($date)), $day->version, $day->version + 1);
        });

        return $isStored ? $this->plans->day($date) : throw Refusal::changedMeanwhile();
    }

    /** Where nothing is to be put in, only what was there is asked to stay. */
    private function onlyWhatWas(DayRequest $request): DayPlan
    {
        return $this->planner->plan($request->holding($request->held, 0));
    }

    /**
     * @param list<StoredSetUp> $all
     *
     * @throws Refusal 404 when it is not in the plan, 409 when it is begun or done
     */
    private function planned(array $all, string $setUpId): StoredSetUp
    {
        foreach ($all as $stored) {
            if ($stored->setUp->key === $setUpId && SetUpState::Dropped !== $stored->state) {
                return SetUpState::Planned === $stored->state
                    ? $stored
                    : throw Refusal::conflict('setUpId', 'This is begun or done already. It stays as it is.');
            }
        }

        throw Refusal::notFound('setUpId', 'This is not in the plan any more. Nothing was lost; look at Today again.');
    }

    /**
     * @param list<SetUp> $setUps
     *
     * @return list<SetUp>
     */
    private static function without(array $setUps, SetUp $one): array
    {
        return array_values(array_filter($setUps, static fn (SetUp $other): bool => $other !== $one));
    }
}

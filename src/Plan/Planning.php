<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\DBAL\Exception\DriverException;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\CannotWrite;
use Pindle\App\Platform\Database\ReadAsKept;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\SetUp;
use Psr\EventDispatcher\EventDispatcherInterface;

/**
 * Plans a day. The plan is worked out from what was read, while others may write, and stored in one go if nobody changed the day
 * meanwhile; else it is worked out again.
 */
final readonly class Planning
{
    /** So often a plan is worked out before it is given up. */
    private const TIMES = 5;

    public function __construct(
        private Plans $plans,
        private ManyDays $days,
        private Clock $clock,
        private PlanWriter $writer,
        private Requests $requests,
        private Planner $planner,
        private EntityManagerInterface $entities,
        private EventDispatcherInterface $events,
    ) {
    }

    /**
     * The day as it is now: planned again where something the plan follows from has changed. On a begun day what is planned stays; only
     * times slide and questions get revisions. Reading never fails: while others change the day all the time it is as they left it.
     */
    public function fresh(LocalDate $date): DayEntity
    {
        return $this->freshen($date)[0];
    }

    /** Whether it had to be planned again. */
    public function catchUp(LocalDate $date): bool
    {
        return $this->freshen($date)[1];
    }

    /** @return array{DayEntity, bool} the day, and whether it was planned again */
    private function freshen(LocalDate $date): array
    {
        for ($time = 0; $time < self::TIMES; ++$time) {
            $day = $this->plans->day($date);
            if (!$day->isPlanned() || !($day->stale || $this->hasCome($day))) {
                return [$day, $time > 0];
            }
            try {
                $this->planOnce($date, static fn (DayEntity $day): null => null, true);
            } catch (DriverException $e) {
                if (null === CannotWrite::because($e)) {
                    throw $e;
                }
                // Where nothing can be written down the plan is read as it was; it stays stale.
                $this->events->dispatch(new ReadAsKept());

                return [$this->plans->day($date), false];
            }
        }

        return [$this->plans->day($date), true];
    }

    /**
     * Plans all of a day that is not begun or done.
     *
     * @param callable(DayEntity): void $ask what the parent asks of the day
     *
     * @throws Refusal 409 when others change the day all the time
     */
    public function plan(LocalDate $date, callable $ask): DayEntity
    {
        for ($time = 0; $time < self::TIMES; ++$time) {
            if ($this->planOnce($date, $ask, false)) {
                return $this->plans->day($date);
            }
        }

        throw Refusal::conflict('date', 'The day is being changed on another device all the time. Nothing was lost; try again.');
    }

    /** Whether a day was planned after others that are over now. */
    private function hasCome(DayEntity $day): bool
    {
        return $day->awaits && $this->clock->today()->toString() === $day->date;
    }

    /**
     * @param callable(DayEntity): void $ask
     * @param bool                      $holding whether what is planned stays on a begun day
     *
     * @return bool false, and nothing stored, when the day changed meanwhile
     */
    private function planOnce(LocalDate $date, callable $ask, bool $holding): bool
    {
        $day = $this->plans->day($date);
        $this->entities->detach($day);
        if (!$day->isPlanned() || $this->hasCome($day)) {
            // What was asked for and did not come about is asked for still.
            $over = $this->clock->today()->isAfter($date) ? $date : $this->clock->today();
            $day->wanted = array_values(array_unique([...$day->wanted, ...$this->days->missedWishes($over)]));
        }
        $ask($day);
        $all = $this->plans->all($date);
        $stays = $holding && [] !== Requests::kept($all);
        $planned = $stays ? Requests::planned($all) : Requests::held($all);
        $request = $this->requests->of($day, $all, $planned, $stays ? \count($planned) : null);
        $day->awaits = $request->inWeek->isAwaiting();
        $kept = array_map(fn (SetUp $kept): SetUp => $this->planner->warned($request, $kept), $request->kept);

        return $this->writer->write($day, $all, $this->planner->plan($request), $kept);
    }

    /**
     * Plans the rest of a day with an activity the parent wants; false, and nothing changed, where it does not fit.
     *
     * @throws Refusal 409
     */
    public function use(LocalDate $date, string $activityId): bool
    {
        $want = static function (DayEntity $day) use ($activityId): void {
            $day->wanted = array_values(array_unique([...$day->wanted, $activityId]));
        };
        $day = $this->plans->day($date);
        $this->entities->detach($day);
        $want($day);
        $all = $this->plans->all($date);
        $fits = [] !== array_filter(
            $this->planner->plan($this->requests->of($day, $all, Requests::held($all)))->setUps,
            static fn (SetUp $setUp): bool => $setUp->activity->id === $activityId,
        );
        if ($fits) {
            $this->plan($date, $want);
        }

        return $fits;
    }
}

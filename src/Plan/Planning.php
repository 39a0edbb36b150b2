<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\DBAL\Exception\DriverException;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Household\Children;
use Pindle\App\Household\House;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Database\CannotWrite;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\Evidence;
use Pindle\Core\Advice\Liking;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\SetUp;

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
        private PlanWriter $writer,
        private Children $children,
        private Things $things,
        private Evidence $evidence,
        private Planner $planner,
        private House $house,
        private EntityManagerInterface $entities,
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
            if (!$day->isPlanned() || !$day->stale) {
                return [$day, $time > 0];
            }
            try {
                $this->planOnce($date, static fn (DayEntity $day): null => null, true);
            } catch (DriverException $e) {
                // Where nothing can be written down the plan is read as it was.
                return null === CannotWrite::because($e) ? throw $e : [$this->plans->day($date), false];
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
        $ask($day);
        $all = $this->plans->all($date);
        $request = $this->request($day, $all, $holding);
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
        $fits = [] !== array_filter(
            $this->planner->plan($this->request($day, $this->plans->all($date), false))->setUps,
            static fn (SetUp $setUp): bool => $setUp->activity->id === $activityId,
        );
        if ($fits) {
            $this->plan($date, $want);
        }

        return $fits;
    }

    /** @param list<StoredSetUp> $all of the day */
    private function request(DayEntity $day, array $all, bool $holding): DayRequest
    {
        $date = LocalDate::parse($day->date);
        $kept = array_values(array_map(
            static fn (StoredSetUp $setUp): SetUp => $setUp->setUp,
            array_filter($all, static fn (StoredSetUp $setUp): bool => $setUp->isKept()),
        ));
        $planned = array_values(array_map(
            static fn (StoredSetUp $setUp): SetUp => $setUp->setUp,
            array_filter($all, static fn (StoredSetUp $setUp): bool => SetUpState::Planned === $setUp->state),
        ));
        $endings = $this->plans->endings();
        $resting = $this->plans->resting($date);
        $children = $this->children->present($date);
        $records = $this->evidence->records($children);
        $learners = array_map(static fn (Child $child): Learner => new Learner(
            $child,
            $records[$child->id],
            max(0, $child->minutesOn($date) - self::minutesAt($kept, $child)),
            array_map(static fn (array $of): float => Liking::of($of), $endings[$child->id] ?? []),
            $resting[$child->id] ?? [],
        ), $children);

        return new DayRequest(
            $date,
            $date->dayNumber,
            $learners,
            $day->spans(),
            $this->things->present(),
            $day->places(),
            $day->quiet,
            $kept,
            $day->wanted,
            $holding && [] !== $kept ? $planned : [],
            $this->house->rules(),
            $holding && [] !== $kept ? \count($planned) : null,
        );
    }

    /** @param list<SetUp> $kept */
    private static function minutesAt(array $kept, Child $child): int
    {
        $minutes = 0;
        foreach ($kept as $setUp) {
            $minutes += null === $setUp->sittingOf($child->id) ? 0 : $setUp->span->minutes();
        }

        return $minutes;
    }
}

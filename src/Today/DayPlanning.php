<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Pindle\App\Children\ChildrenRoom;
use Pindle\App\Cupboard\CupboardRoom;
use Pindle\App\Table\TableRoom;
use Pindle\Core\Advice\Liking;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\DayPlan;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\SetUp;

/** Gathers what a day plan follows from, asks core for it, and stores it. */
final readonly class DayPlanning
{
    public function __construct(
        private PlanStore $store,
        private ChildrenRoom $children,
        private CupboardRoom $cupboard,
        private TableRoom $table,
        private Planner $planner,
    ) {
    }

    /** Plans all of a day that is not begun or done. */
    public function plan(DayEntity $day): DayPlan
    {
        $request = $this->request($day);
        $plan = $this->planner->plan($request);
        $this->store->replace($day, array_values(array_filter($plan->setUps, static fn (SetUp $setUp): bool => !\in_array($setUp, $request->kept, true))));

        return $plan;
    }

    /** Whether the plan of a day would hold an activity. */
    public function fits(DayEntity $day, string $familyId): bool
    {
        return [] !== array_filter($this->planner->plan($this->request($day))->setUps, static fn (SetUp $setUp): bool => $setUp->family->id === $familyId);
    }

    public function request(DayEntity $day): DayRequest
    {
        $date = LocalDate::parse($day->date);
        $kept = [];
        foreach ($this->store->setUps($date) as $setUp) {
            if (SetUpState::Planned !== $setUp->state) {
                $kept[] = $this->store->toCore($setUp);
            }
        }
        $endings = $this->store->endings();
        $resting = $this->store->resting($date);
        $learners = array_map(fn (Child $child): Learner => new Learner(
            $child,
            $this->table->record($child),
            max(0, $child->minutesOn($date) - self::minutesAt($kept, $child)),
            array_map(static fn (array $of): float => Liking::of($of), $endings[$child->id] ?? []),
            $resting[$child->id] ?? [],
        ), $this->children->present());

        return new DayRequest($date, $date->dayNumber, $learners, $day->spans(), $this->cupboard->present(), $day->places(), $day->quiet, $kept, $day->wanted);
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

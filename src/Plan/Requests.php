<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\App\Content\ThingFile;
use Pindle\App\Household\Children;
use Pindle\App\Household\House;
use Pindle\App\Household\MadeProps;
use Pindle\App\Household\Things;
use Pindle\App\Household\Weeks;
use Pindle\App\Platform\Clock;
use Pindle\App\Record\Evidence;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\Liking;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\InWeek;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Ready;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;

/** Puts together what the plan of a day follows from. */
final readonly class Requests
{
    public function __construct(
        private Plans $plans,
        private ManyDays $days,
        private Children $children,
        private Things $things,
        private Evidence $evidence,
        private House $house,
        private Weeks $weeks,
        private Repertoires $repertoires,
        private MadeProps $made,
        private ThingFile $props,
        private SkillMap $map,
        private Clock $clock,
    ) {
    }

    /**
     * @param list<StoredSetUp> $all  of the day
     * @param list<SetUp>       $held planned before, and to stay where they can
     * @param int|null          $most set-ups besides what is kept; null for any
     */
    public function of(DayEntity $day, array $all, array $held, ?int $most = null): DayRequest
    {
        $date = LocalDate::parse($day->date);
        $kept = self::kept($all);
        $endings = $this->plans->endings();
        $follows = $this->plans->followUps($date);
        $children = array_map(static fn (Child $child): Child => self::thatDay($child, $day), array_values(array_filter(
            $this->children->present($date),
            static fn (Child $child): bool => DayEntity::AWAY !== $day->absence($child->id),
        )));
        $records = $this->evidence->records($children);
        $learners = array_map(static fn (Child $child): Learner => new Learner(
            $child,
            $records[$child->id],
            max(0, $child->minutesOn($date) - self::minutesAt($kept, $child)),
            array_map(static fn (array $of): float => Liking::of($of), $endings[$child->id] ?? []),
            $follows->resting[$child->id] ?? [],
            DayEntity::ILL !== $day->absence($child->id) && 0 !== $day->minutesFor($child->id),
            $follows->chosen[$child->id] ?? [],
        ), $children);
        $low = $this->house->lowUntil();
        $lived = $this->days->lived($date);

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
            $held,
            $this->house->rules(),
            $most,
            $this->repertoires->on($date),
            $day->parentBlocks(),
            $day->notToday,
            null !== $low && !$date->isAfter($low),
            $this->ready($date, $all),
            $this->inWeek($date)->after($lived, $date)->awaiting($this->awaited($date)),
            [] === $lived && null !== $this->days->untouchedSince($date),
        );
    }

    /** @return array<string, list<string>> child id => steps planned for the days between now and that one */
    private function awaited(LocalDate $date): array
    {
        $today = $this->clock->today();
        $awaited = [];
        foreach ($date->isAfter($today) ? $this->days->inShort($today, $date->plusDays(-1)) : [] as $setUps) {
            foreach ($setUps as $setUp) {
                foreach ($setUp->isDone ? [] : $setUp->steps as $childId => $steps) {
                    array_push($steps, ...$awaited[$childId] ?? []);
                    $awaited[$childId] = $steps;
                }
            }
        }

        return $awaited;
    }

    /** Where a day stands among those of its week that can be used. */
    private function inWeek(LocalDate $date): InWeek
    {
        $week = $this->weeks->said();
        $used = array_filter(
            array_map($date->monday()->plusDays(...), range(0, 6)),
            static fn (LocalDate $day): bool => null === $week || !$week->on($day)->isOff(),
        );

        return new InWeek(
            \count(array_filter($used, static fn (LocalDate $day): bool => $date->isAfter($day))),
            \count(array_filter($used, static fn (LocalDate $day): bool => $day->isAfter($date))),
        );
    }

    /**
     * What is made already. What the plan of the day said it wants is taken as made by then: its parent was told.
     *
     * @param list<StoredSetUp> $all of the day
     */
    private function ready(LocalDate $date, array $all): Ready
    {
        $told = array_merge(...array_map(static fn (StoredSetUp $stored): array => array_map(
            static fn (Prop $prop): string => $prop->id,
            $stored->setUp->props,
        ), $all));

        return Ready::of(
            array_values($this->props->props()),
            $this->props->sheets(),
            $this->made->all(),
            array_values(array_unique($told)),
            array_map(static fn (Step $step): int => $step->size, $this->map->steps),
            !$date->isAfter($this->clock->today()),
        );
    }

    /**
     * @param list<StoredSetUp> $all
     *
     * @return list<SetUp> begun or done
     */
    public static function kept(array $all): array
    {
        return self::setUps($all, static fn (StoredSetUp $setUp): bool => $setUp->isKept());
    }

    /**
     * @param list<StoredSetUp> $all
     *
     * @return list<SetUp> planned and not begun, what is held first
     */
    public static function planned(array $all): array
    {
        return [
            ...self::held($all),
            ...self::setUps($all, static fn (StoredSetUp $setUp): bool => SetUpState::Planned === $setUp->state && !$setUp->held),
        ];
    }

    /**
     * @param list<StoredSetUp> $all
     *
     * @return list<SetUp> planned, and held by the parent
     */
    public static function held(array $all): array
    {
        return self::setUps($all, static fn (StoredSetUp $setUp): bool => SetUpState::Planned === $setUp->state && $setUp->held);
    }

    /**
     * @param list<StoredSetUp>             $all
     * @param callable(StoredSetUp): bool $which
     *
     * @return list<SetUp>
     */
    private static function setUps(array $all, callable $which): array
    {
        return array_values(array_map(static fn (StoredSetUp $setUp): SetUp => $setUp->setUp, array_filter($all, $which)));
    }

    /** The child with the sleep and the minutes of that day. */
    private static function thatDay(Child $child, DayEntity $day): Child
    {
        $asleep = $day->asleep[$child->id] ?? null;
        $minutes = $day->minutesFor($child->id) ?? 0;
        $child = 0 === $minutes ? $child : $child->spending($minutes);

        return null === $asleep ? $child : $child->resting(array_map(static fn (array $rest): Span => new Span($rest[0], $rest[1]), $asleep));
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

<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;

/**
 * Proves a day plan against the hard rules, minute by minute. It shares no code with the planner on purpose:
 * whatever the planner gets wrong, this has its own way to notice.
 */
final readonly class PlanCheck
{
    public function __construct(private Cautions $cautions)
    {
    }

    /** @return list<array{Problem, string}> what is wrong and where; empty when the plan holds */
    public function problems(DayRequest $request, DayPlan $plan): array
    {
        $kept = array_map(static fn (SetUp $setUp): string => $setUp->key, $request->kept);
        $new = array_values(array_filter($plan->setUps, static fn (SetUp $setUp): bool => !\in_array($setUp->key, $kept, true)));

        return [
            ...$this->keptOnes($request, $plan),
            ...$this->setUps($request, $new, $plan->setUps),
            ...$this->children($request, $plan, $new),
            ...$this->parent($plan->setUps, $kept),
            ...(new AllowedCheck())->problems($request, $new, $plan->setUps),
        ];
    }

    /** @return list<array{Problem, string}> */
    private function keptOnes(DayRequest $request, DayPlan $plan): array
    {
        $problems = [];
        foreach ($request->kept as $setUp) {
            if (!\in_array($setUp, $plan->setUps, true)) {
                $problems[] = [Problem::KeptWasTouched, $setUp->key];
            }
        }

        return $problems;
    }

    /**
     * @param list<SetUp> $new
     * @param list<SetUp> $all
     *
     * @return list<array{Problem, string}>
     */
    private function setUps(DayRequest $request, array $new, array $all): array
    {
        $problems = [];
        $takes = [Part::Alone->value => 0, Part::Near->value => 1, Part::With->value => 2];
        foreach ($new as $setUp) {
            $inside = false;
            foreach ($request->windows as $window) {
                $inside = $inside || ($setUp->span->start >= $window->start && $setUp->span->end <= $window->end);
            }
            if (!$inside) {
                $problems[] = [Problem::OutsideWindows, $setUp->key];
            }
            if ($takes[$setUp->part->value] < $takes[$setUp->activity->part->value]) {
                $problems[] = [Problem::PartLowered, $setUp->key];
            }
            $reach = [];
            foreach ($request->learners as $learner) {
                $crawls = null !== $learner->child->born && $learner->child->ageInMonths($request->date) < 15;
                for ($minute = $setUp->span->start; $minute < $setUp->span->end + 10 && !($crawls && Place::HighTable === $setUp->place); ++$minute) {
                    if (!self::asleep($learner, $minute)) {
                        $reach[] = $learner->child;
                        break;
                    }
                }
            }
            foreach ([
                ...array_map(static fn (Laid $laid) => $laid->thing, $setUp->laid),
                ...array_map(static fn ($prop) => $prop->thing, [...$setUp->activity->props, ...$setUp->props]),
                $setUp->activity->asThing($setUp->place),
            ] as $thing) {
                foreach ($this->cautions->about($thing, $reach, $request->date) as $caution) {
                    if ($caution->blocks()) {
                        $problems[] = [Problem::Unsafe, $setUp->key.': '.$thing->name.' by '.$caution->rule];
                    }
                    if ($caution->withYou && Part::With !== $setUp->part) {
                        $problems[] = [Problem::WithoutParent, $setUp->key.': '.$thing->name.' by '.$caution->rule];
                    }
                }
            }
            for ($minute = $setUp->span->start; $minute < $setUp->span->end; ++$minute) {
                foreach ($this->used($all, $minute) as $thingId => $count) {
                    $have = 0;
                    foreach ($request->things as $thing) {
                        $have += $thing->id === $thingId ? $thing->amount : 0;
                    }
                    if ($count > $have) {
                        $problems[] = [Problem::MoreThanThereIs, \sprintf('%s: %d of %d %s', $setUp->key, $count, $have, $thingId)];
                        break 2;
                    }
                }
            }
        }

        return $problems;
    }

    /**
     * @param list<SetUp> $new
     *
     * @return list<array{Problem, string}>
     */
    private function children(DayRequest $request, DayPlan $plan, array $new): array
    {
        $problems = [];
        foreach ($request->learners as $learner) {
            $child = $learner->child;
            $own = array_values(array_filter($plan->setUps, static fn (SetUp $setUp): bool => \in_array($child->id, $setUp->childIds(), true)));
            $alone = $child->mayBeAlone ?? $child->ageInMonths($request->date) >= 48;
            $minutes = 0;
            foreach ($own as $i => $setUp) {
                if (!\in_array($setUp, $new, true)) {
                    continue;
                }
                if (null === $child->born || $child->ageInMonths($request->date) < $child->settings->plannedFrom->months()) {
                    $problems[] = [Problem::TooYoung, $child->id];
                }
                $minutes += $setUp->span->end - $setUp->span->start;
                if ($setUp->span->end - $setUp->span->start > $child->longestSittingOn($request->date)) {
                    $problems[] = [Problem::SitsTooLong, $child->id];
                }
                if (!$alone && Part::With !== $setUp->part) {
                    $problems[] = [Problem::LeftAlone, $child->id];
                }
                $sitting = $setUp->sittingOf($child->id);
                foreach ($sitting->courses ?? [] as $course) {
                    if (
                        !\in_array($course->stepId, $child->pins, true)
                        && null === $learner->record->faded($course->stepId, $request->date)
                        && !self::isOnlyNotQuick($learner->record, $course->stepId)
                        && (Mark::CanDo === $learner->record->mark($course->stepId) || [] !== $learner->record->missingNeeds($course->stepId))
                    ) {
                        $problems[] = [Problem::NotReady, $child->id.' '.$course->stepId];
                    }
                }
                foreach ($sitting->questions ?? [] as $question) {
                    $forms = $learner->record->map->step($question->stepId)->forms;
                    if ([] !== $forms && !\in_array($sitting?->courseOf($question)->form, $forms, true)) {
                        $problems[] = [Problem::WrongForm, $child->id.' '.$question->stepId];
                    }
                }
                foreach ($own as $j => $other) {
                    $least = $child->minutesOn($request->date) < 25 ? 5 : 10;
                    $first = $setUp->span->start < $other->span->start ? $setUp : $other;
                    $least = self::opens($request, $first) ? 0 : $least;
                    if ($j !== $i && max($setUp->span->start, $other->span->start) - min($setUp->span->end, $other->span->end) < $least) {
                        $problems[] = [Problem::NoBreak, $child->id];
                    }
                }
            }
            if ($minutes > $learner->minutes) {
                $problems[] = [Problem::TooMuchInADay, $child->id];
            }
            array_push($problems, ...$this->thread($request, $plan, $learner, $own, $alone));
        }

        return $problems;
    }

    /**
     * @param list<SetUp> $own
     *
     * @return list<array{Problem, string}>
     */
    private function thread(DayRequest $request, DayPlan $plan, Learner $learner, array $own, bool $alone): array
    {
        $problems = [];
        $said = [];
        foreach ($plan->threads[$learner->child->id] ?? [] as $stretch) {
            for ($minute = $stretch->span->start; $minute < $stretch->span->end; ++$minute) {
                $said[$minute] = $stretch->state;
            }
        }
        foreach ($request->windows as $window) {
            $last = $window->start;
            foreach ($plan->setUps as $setUp) {
                if ($setUp->span->start >= $window->start && $setUp->span->end <= $window->end) {
                    $last = max($last, $setUp->span->end);
                }
            }
            // What was kept is not the plan's doing.
            $keptAlone = self::longestBeside($learner, $request->kept, $window->start, $window->end, $alone);
            $beside = 0;
            for ($minute = $window->start; $minute < $last; ++$minute) {
                $sits = $sitsNew = false;
                foreach ($own as $setUp) {
                    $here = $minute >= $setUp->span->start && $minute < $setUp->span->end;
                    $sits = $sits || $here;
                    $sitsNew = $sitsNew || ($here && !\in_array($setUp, $request->kept, true));
                }
                $asleep = self::asleep($learner, $minute);
                if ($sitsNew && $asleep) {
                    $problems[] = [Problem::NotAwake, $learner->child->id];
                }
                $awake = $alone ? ChildState::Free : $this->besideOrLap($request, $plan, $learner, $minute);
                $is = $sits ? ChildState::Sit : ($asleep ? ChildState::Asleep : $awake);
                if (($said[$minute] ?? null) !== $is) {
                    $problems[] = [Problem::WrongThread, $learner->child->id.' at '.$minute];
                    break;
                }
                $beside = ChildState::Beside === $is && $learner->child->isPlannedOn($request->date) ? $beside + 1 : 0;
                if ($beside > max(15, $keptAlone)) {
                    $problems[] = [Problem::BesideTooLong, $learner->child->id.' at '.$minute];
                    break;
                }
            }
        }

        return $problems;
    }

    /** One for whom nobody plans sits on the lap while the parent sits with another, but never at a table that is out of reach on purpose. */
    private function besideOrLap(DayRequest $request, DayPlan $plan, Learner $learner, int $minute): ChildState
    {
        foreach ($learner->child->isPlannedOn($request->date) ? [] : $plan->setUps as $setUp) {
            $now = $minute >= $setUp->span->start && $minute < $setUp->span->end;
            if ($now && Part::With === $setUp->part && Place::HighTable !== $setUp->place) {
                return ChildState::Lap;
            }
        }

        return ChildState::Beside;
    }

    /**
     * The longest a child who may not be alone is beside the parent, in minutes running, until the last of these set-ups in a window.
     *
     * @param list<SetUp> $setUps
     */
    private static function longestBeside(Learner $learner, array $setUps, int $from, int $to, bool $alone): int
    {
        $last = $from;
        $sits = [];
        foreach ($setUps as $setUp) {
            if ($setUp->span->start >= $from && $setUp->span->end <= $to) {
                $last = max($last, $setUp->span->end);
            }
            for ($minute = $setUp->span->start; $minute < $setUp->span->end && \in_array($learner->child->id, $setUp->childIds(), true); ++$minute) {
                $sits[$minute] = true;
            }
        }
        $longest = $beside = 0;
        for ($minute = $from; $minute < $last; ++$minute) {
            $beside = $alone || isset($sits[$minute]) || self::asleep($learner, $minute) ? 0 : $beside + 1;
            $longest = max($longest, $beside);
        }

        return $longest;
    }

    /**
     * @param list<SetUp>  $all
     * @param list<string> $kept keys of those that were there before
     *
     * @return list<array{Problem, string}>
     */
    private function parent(array $all, array $kept): array
    {
        $problems = [];
        $busy = [];
        foreach ($all as $setUp) {
            $length = $setUp->span->end - $setUp->span->start;
            for ($i = 0; $i < $length; ++$i) {
                $minute = $setUp->span->start + $i;
                $needed = match ($setUp->part) {
                    Part::With => true,
                    Part::Near => $i < 2 || $i === $length - 1,
                    Part::Alone => 0 === $i,
                };
                if ($needed && isset($busy[$minute]) && !(\in_array($setUp->key, $kept, true) && \in_array($busy[$minute], $kept, true))) {
                    $problems[] = [Problem::ParentTwice, $busy[$minute].' and '.$setUp->key];
                    break;
                }
                if ($needed) {
                    $busy[$minute] = $setUp->key;
                }
            }
            foreach ($all as $other) {
                $overlap = $setUp->span->start < $other->span->end && $other->span->start < $setUp->span->end;
                $watched = Part::Alone !== $setUp->part && Part::Alone !== $other->part;
                $bothKept = \in_array($setUp->key, $kept, true) && \in_array($other->key, $kept, true);
                if (
                    $overlap
                    && $watched
                    && !$bothKept
                    && $other->place !== $setUp->place
                    && Place::Anywhere !== $other->place
                    && Place::Anywhere !== $setUp->place
                ) {
                    $problems[] = [Problem::ParentElsewhere, $setUp->key];
                    break;
                }
            }
        }

        return $problems;
    }

    /**
     * @param list<SetUp> $all
     *
     * @return array<string, int>
     */
    private function used(array $all, int $minute): array
    {
        $used = [];
        foreach ($all as $setUp) {
            if ($minute >= $setUp->span->start && $minute < $setUp->span->end) {
                foreach ($setUp->laid as $laid) {
                    $used[$laid->thing->id] = ($used[$laid->thing->id] ?? 0) + $laid->count;
                }
            }
        }

        return $used;
    }

    /** Empty hands at the start of a time at the table: what follows needs no break. */
    private static function opens(DayRequest $request, SetUp $setUp): bool
    {
        $starts = array_map(static fn ($window): int => $window->start, $request->windows);

        return [] === $setUp->activity->roles && [] === $setUp->activity->props && \in_array($setUp->span->start, $starts, true);
    }

    /** Right and only not quick: it is looked at like what can be done, whatever became of what it builds on. */
    private static function isOnlyNotQuick(ChildRecord $record, string $stepId): bool
    {
        $step = $record->map->step($stepId);

        return $step->skill->isQuick() && CanDoClauses::isOnlyNotQuick($record->settings->canDoRule, $step, $record->state($stepId));
    }

    private static function asleep(Learner $learner, int $minute): bool
    {
        foreach ($learner->child->rests as $rest) {
            if ($minute >= $rest->start && $minute < $rest->end) {
                return true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Plan\SetUpState;
use Pindle\App\Plan\StoredResult;
use Pindle\App\Plan\StoredSetUp;
use Pindle\App\Plan\StoredSitting;
use Pindle\App\Views\Pictures;
use Pindle\App\Views\Reasons;
use Pindle\App\Views\Views;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Skill\SkillMap;

/** Writes one planned activity out for the screen: what lies there, for whom, why, and what follows. */
final readonly class SetUpViews
{
    public function __construct(
        private Activities $activities,
        private Words $words,
        private Views $views,
        private Reasons $reasons,
        private Pictures $pictures,
        private SkillMap $map,
    ) {
    }

    /**
     * Whether one of its steps did not go today: then another activity is offered, and never put in unasked.
     *
     * @param list<StoredSetUp> $all
     */
    private function wentHard(StoredSetUp $stored, array $all): bool
    {
        foreach ($stored->sittings as $childId => $sitting) {
            foreach ($all as $other) {
                $results = isset($other->sittings[$childId]) ? $other->sittings[$childId]->results : [];
                foreach ($results as $result) {
                    $isHard = \in_array($result->kind, [DecisionKind::Easier, DecisionKind::RestIt], true);
                    if ($isHard && $sitting->sitting->isAbout($result->course->stepId)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /**
     * @param array<string, Child> $children
     * @param array<string, int>   $threadOf
     * @param list<StoredSetUp>    $all      of the day
     */
    public function of(StoredSetUp $stored, array $children, array $threadOf, array $all, Repertoire $repertoire): SetUpView
    {
        $setUp = $stored->setUp;
        $words = $this->activities->words($setUp->activity->id);
        $first = $setUp->sittings[0];
        $question = $first->questions[min(1, \count($first->questions) - 1)];

        return new SetUpView(
            $setUp->key,
            $stored->state,
            $setUp->activity->id,
            $words->name,
            $words->inShort,
            $this->words->say('places', $setUp->place),
            $setUp->part,
            $this->words->say('parts', $setUp->part),
            $setUp->span->start,
            $setUp->span->end,
            array_values(array_map(fn (StoredSitting $sitting): SittingView => $this->sitting($stored, $sitting, $children, $threadOf), $stored->sittings)),
            $this->views->laid($setUp),
            array_map(static fn (Prop $prop): string => $prop->thing->name, $setUp->props),
            $this->pictures->card($setUp, $question, $first->course()->form, ($children[$first->childId] ?? null)->settings ?? new Settings()),
            SetUpState::Done === $stored->state ? [] : $this->views->cautions($setUp->warnings),
            $words->toddler,
            $stored->held,
            $repertoire->isNew($setUp->activity),
            SetUpState::Planned === $stored->state && $this->wentHard($stored, $all),
            $stored->note,
        );
    }

    /**
     * @param array<string, Child> $children
     * @param array<string, int>   $threadOf
     */
    private function sitting(StoredSetUp $of, StoredSitting $stored, array $children, array $threadOf): SittingView
    {
        $sitting = $stored->sitting;
        $course = $sitting->course();
        $second = $sitting->courses[1] ?? null;
        $name = ($children[$sitting->childId] ?? null)->name ?? $this->words->say('stand_ins', 'someone');
        $why = fn (Course $one): string => $this->reasons->ofCourse($one, $of->setUp, $sitting, $name, $of->date);
        $follows = fn (StoredResult $result): DecisionView => $this->decision($result, $name);

        return new SittingView(
            $stored->id,
            $sitting->childId,
            $name,
            $threadOf[$sitting->childId] ?? 0,
            $this->views->step($course->stepId),
            $course->form,
            $why($course),
            null === $second ? null : $this->views->step($second->stepId),
            null === $second ? null : $why($second),
            $course->brandNew,
            \count($sitting->questions),
            null === $sitting->worth ? [] : $this->worth($sitting->worth),
            isset($stored->results[0]) ? $follows($stored->results[0]) : null,
            array_map($follows, \array_slice($stored->results, 1)),
        );
    }

    /**
     * The parts of a value in words, those that change nothing left out.
     *
     * @return list<WorthPartView>
     */
    private function worth(Worth $worth): array
    {
        $parts = [];
        foreach (get_object_vars($worth) as $name => $value) {
            $isTerm = \in_array($name, ['learning', 'nearly', 'opening', 'fading'], true);
            if (abs($value - ($isTerm ? 0.0 : 1.0)) > 0.0005) {
                $parts[] = new WorthPartView($this->words->say('worth', $name), round($value, 3), $isTerm);
            }
        }

        return $parts;
    }

    private function decision(StoredResult $result, string $child): DecisionView
    {
        return new DecisionView(
            $result->kind,
            $this->words->say('decision_names', $result->kind),
            $this->reasons->ofDecision($result->reason, $result->values, $child),
            array_map(fn (string $id): string => $this->words->step($this->map->step($id)), $result->opens),
            $result->course->before,
            $result->after,
        );
    }
}

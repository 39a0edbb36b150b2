<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Clock;
use Pindle\App\Views\Lacks;
use Pindle\App\Views\LaidView;
use Pindle\App\Views\Pictures;
use Pindle\App\Views\SheetsOf;
use Pindle\App\Views\StepView;
use Pindle\App\Views\Views;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Activity\Role;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Pindle\Core\Skill\Strand;
use Pindle\Core\Thing\Thing;

/** Writes activities out: as cards for the list, and whole. */
final readonly class ActivityViews
{
    public function __construct(
        private SkillMap $map,
        private Activities $activities,
        private Lacks $lacks,
        private Cautions $cautions,
        private Children $children,
        private Things $things,
        private Words $words,
        private Views $views,
        private Clock $clock,
        private Pictures $pictures,
        private SheetsOf $sheets,
    ) {
    }

    /** @return array<string, string> names by id, in the order of the map */
    public function strands(): array
    {
        $names = [];
        foreach (Strand::cases() as $strand) {
            $names[$strand->value] = $this->words->say('strands', $strand);
        }

        return $names;
    }

    /**
     * @param iterable<Activity> $activities
     *
     * @return list<ActivityCardView>
     */
    public function cards(iterable $activities): array
    {
        [$things, $children, $cards] = [$this->things->present(), $this->children->present($this->clock->today()), []];
        foreach ($activities as $activity) {
            $cards[] = $this->cardWith($activity, $things, $children);
        }

        return $cards;
    }

    public function card(Activity $activity): ActivityCardView
    {
        return $this->cardWith($activity, $this->things->present(), $this->children->present($this->clock->today()));
    }

    public function whole(Activity $activity): ActivityView
    {
        $words = $this->activities->words($activity->id);
        $children = $this->children->present($this->clock->today());
        $things = [$activity->asThing($activity->places[0] ?? Place::Floor), ...array_map(static fn (Prop $prop): Thing => $prop->thing, $activity->props)];
        $setUp = $this->lacks->sample($activity, $this->things->present(), $children, $this->clock->today())->setUp;

        return new ActivityView(
            $this->card($activity),
            ucfirst($this->words->fill(
                $words->layOut,
                ['count' => $this->words->say('stand_ins', 'so-many'), 'things' => $this->words->say('stand_ins', 'things')],
            )),
            $this->words->step($this->map->step($setUp->sittings[0]->course()->stepId)),
            array_map(
                fn (Laid $laid, LaidView $view): string => $laid->count.' '.(self::isWeighed($activity, $laid) ? $this->words->say(
                    'laid',
                    'even',
                    ['thing' => $view->name],
                ) : $view->name),
                $setUp->laid,
                $this->views->laid($setUp),
            ),
            array_map(static fn (Prop $prop): string => $prop->thing->name, $activity->props),
            array_map(
                fn (SheetKind $kind): SheetNameView => new SheetNameView($kind, $this->words->say('sheet_names', $kind)),
                $this->sheets->activity($activity),
            ),
            $words->show,
            $this->say($activity),
            $words->predict,
            [Help::Shown->value => $words->shown, Help::PartDone->value => $words->partDone, Help::Bare->value => $words->bare],
            [
                ...array_map(fn (Method $method): string => $this->words->say('methods', $method), $words->methods),
                ...array_map(fn (Slip $slip): string => $this->words->say('slips', $slip).': '.$this->words->say('remedies', $slip), $words->slips),
            ],
            $words->easier,
            $words->further,
            $words->twist,
            $words->toddler,
            $words->childTurn,
            $words->check,
            $words->waiting,
            $words->tidy,
            $this->views->cautions(array_merge(...array_map(
                fn (Thing $thing): array => $this->cautions->about($thing, $children, $this->clock->today()),
                $things,
            ))),
            $this->activities->data($activity->id),
            $this->activities->version($activity->id),
        );
    }

    /**
     * @param list<Thing> $things
     * @param list<Child> $children
     */
    private function cardWith(Activity $activity, array $things, array $children): ActivityCardView
    {
        $words = $this->activities->words($activity->id);
        $steps = $this->lacks->served($activity);
        $sample = $this->lacks->sample($activity, $things, $children, $this->clock->today());
        $sitting = $sample->setUp->sittings[0];

        return new ActivityCardView(
            $activity->id,
            $words->name,
            $words->inShort,
            array_map(fn (Step $one): StepView => $this->views->step($one->id), $steps),
            array_values(array_unique(array_map(static fn (Step $one): Strand => $one->skill->strand, $steps), \SORT_REGULAR)),
            $activity->places,
            $activity->part,
            $activity->waysIn,
            $activity->forms,
            $activity->together,
            $activity->needsNothing(),
            Activities::isOwn($activity->id),
            null === $sample->lack ? null : $this->lacks->words($sample->lack, $children, $this->clock->today()),
            null === $sample->lack ? null : $this->lacks->short($sample->lack, $children, $this->clock->today()),
            $this->pictures->card($sample->setUp, $sitting->questions[2], $sitting->course()->form, new Settings()),
            $activity->occasions,
        );
    }

    private static function isWeighed(Activity $activity, Laid $laid): bool
    {
        return [] !== array_filter($activity->roles, static fn (Role $role): bool => $role->even && $role->id === $laid->roleId);
    }

    /** @return array<string, string> form => what is asked first in it */
    private function say(Activity $activity): array
    {
        $say = [];
        $own = $this->activities->words($activity->id)->say;
        foreach ($this->lacks->served($activity) as $step) {
            foreach (Lacks::forms($activity, $step) as $form) {
                $name = null === $form ? 'spoken' : $this->words->say('forms', $form);
                if (!isset($say[$name])) {
                    $questions = $this->lacks->questions($activity, $step, 2)->questions;
                    $prompt = $questions[intdiv(\count($questions), 2)]->prompt;
                    $say[$name] = $this->words->ask($prompt, $own, 'things', new Settings(), null);
                }
            }
        }

        return $say;
    }
}

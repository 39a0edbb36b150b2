<?php

declare(strict_types=1);

namespace Pindle\App\Families;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Children\ChildrenRoom;
use Pindle\App\Cupboard\CupboardRoom;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Content\Library;
use Pindle\App\Platform\Content\OwnContent;
use Pindle\App\Platform\View\Views;
use Pindle\App\Platform\Words;
use Pindle\Core\Activity\Family;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Activity\Role;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Evidence\HelpLevel;
use Pindle\Core\Planning\Lack;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\LayOut;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Pindle\Core\Skill\Strand;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Writes activities out: as cards for the list, and whole. */
final readonly class FamilyViews
{
    /** Questions of the sample set that a card is drawn and laid out from. */
    private const QUESTIONS = 7;

    public function __construct(
        private SkillMap $map,
        private Library $library,
        private Cautions $cautions,
        private ChildrenRoom $children,
        private CupboardRoom $cupboard,
        private Words $words,
        private Views $views,
        private Clock $clock,
        private EntityManagerInterface $entities,
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
     * @param iterable<Family> $families
     *
     * @return list<FamilyCardView>
     */
    public function cards(iterable $families): array
    {
        [$things, $children, $cards] = [$this->cupboard->present(), $this->children->present(), []];
        foreach ($families as $family) {
            $cards[] = $this->cardWith($family, $things, $children);
        }

        return $cards;
    }

    public function card(Family $family): FamilyCardView
    {
        return $this->cardWith($family, $this->cupboard->present(), $this->children->present());
    }

    public function whole(Family $family): FamilyView
    {
        $words = $this->library->familyWords($family->id);
        $own = $this->entities->find(OwnActivityEntity::class, $family->id);
        $children = $this->children->present();
        $things = [$family->asThing(), ...array_map(static fn (Prop $prop): Thing => $prop->thing, $family->props)];
        [$setUp] = $this->sample($family, $this->served($family), $this->cupboard->present(), $children);

        return new FamilyView(
            $this->card($family),
            ucfirst(Words::fill($words->layOut, ['count' => 'so many', 'things' => 'things'])),
            $this->words->step($this->map->step($setUp->sittings[0]->stepId)),
            array_map(fn (Laid $laid, string $name): string => $laid->count.' '.(self::isWeighed($family, $laid) ? $this->words->say('laid', 'even', ['thing' => $name]) : $name), $setUp->laid, $this->views->laid($setUp)),
            array_map(static fn (Prop $prop): string => $prop->thing->name, $family->props),
            $words->show,
            $this->say($family),
            $words->predict,
            ['shown' => $words->shown, 'part-done' => $words->partDone, 'bare' => $words->bare],
            [
                ...array_map(fn (string $method): string => $this->words->say('methods', $method), $words->methods),
                ...array_map(fn (string $slip): string => $this->words->say('slips', $slip).': '.$this->words->say('remedies', $slip), $words->slips),
            ],
            $words->easier,
            $words->further,
            $words->twist,
            $words->toddler,
            $words->childTurn,
            $words->check,
            $words->waiting,
            $words->tidy,
            array_values(array_unique(array_merge(...array_map(fn (Thing $thing): array => array_map(fn (Caution $caution): string => $this->words->caution($caution), $this->cautions->about($thing, $children, $this->clock->today())), $things)))),
            $this->library->activityData($family->id),
            $own?->version,
        );
    }

    /** In words what keeps an activity from being laid out, and the nearest way out. */
    public function lack(Lack $lack): string
    {
        return ucfirst($this->words->say('lacks', $lack->reason, ['wanted' => $lack->wanted, 'more' => $lack->more, 'thing' => $lack->nearest->name ?? 'things']));
    }

    /**
     * @param list<Thing> $things
     * @param list<Child> $children
     */
    private function cardWith(Family $family, array $things, array $children): FamilyCardView
    {
        $words = $this->library->familyWords($family->id);
        $steps = $this->served($family);
        [$setUp, $lack] = $this->sample($family, $steps, $things, $children);
        $sitting = $setUp->sittings[0];

        return new FamilyCardView(
            $family->id,
            $words->name,
            $words->inShort,
            array_map(fn (Step $one): \Pindle\App\Platform\View\StepView => $this->views->step($one->id), $steps),
            array_values(array_unique(array_map(static fn (Step $one): string => $one->skill->strand->value, $steps))),
            array_map(static fn (Place $place): string => $place->value, $family->places),
            $family->part->value,
            array_map(static fn (WayIn $way): string => $way->value, $family->waysIn),
            array_map(static fn (Form $one): string => $one->value, $family->forms),
            $family->together,
            $family->needsNothing(),
            str_starts_with($family->id, OwnContent::PREFIX),
            null === $lack ? null : $this->lack($lack),
            $this->views->scene($setUp, $sitting->questions[2], $sitting->form, new Settings(), false),
        );
    }

    /** @return list<Step> */
    private function served(Family $family): array
    {
        return array_values(array_filter($this->map->steps, static fn (Step $step): bool => [] !== self::forms($family, $step)));
    }

    /** @return list<Form|null> */
    private static function forms(Family $family, Step $step): array
    {
        return array_values(array_filter([] === $step->forms ? [null] : $step->forms, static fn (?Form $form): bool => $family->shows($step, $form)));
    }

    /**
     * The activity laid out with what the house has, for a step in the middle of what it serves, in its first form.
     *
     * @param list<Step>  $steps
     * @param list<Thing> $things
     * @param list<Child> $children
     *
     * @return array{SetUp, Lack|null}
     */
    private function sample(Family $family, array $steps, array $things, array $children): array
    {
        $first = array_key_first($family->serves);
        $ofFirst = array_values(array_filter($steps, static fn (Step $step): bool => $step->skill->id === $first));
        $step = ($ofFirst[intdiv(\count($ofFirst), 2)] ?? $steps[0] ?? throw new \LogicException(\sprintf('"%s" serves nothing.', $family->id)));
        $form = self::forms($family, $step)[0];
        $set = QuestionSet::choose($family->serves[$step->skill->id], $step, [], self::QUESTIONS, null, null, new Randomizer(new Xoshiro256StarStar(crc32($family->id))));
        $laid = (new LayOut($this->cautions))->choose($family, $family->props, [[$set, $step->size()]], [$form], $things, $children, $this->clock->today(), [], []);
        $sitting = new Sitting('', $step->id, $form, HelpLevel::Bare, $set->questions, 0.0, false, Reason::Ready, []);
        $setUp = new SetUp('sample', $family, Place::Table, $family->part, new Span(0, 10), [$sitting], $laid instanceof Lack ? [] : $laid);

        return [$setUp, $laid instanceof Lack ? $laid : null];
    }

    private static function isWeighed(Family $family, Laid $laid): bool
    {
        return [] !== array_filter($family->roles, static fn (Role $role): bool => $role->even && $role->id === $laid->roleId);
    }

    /** @return array<string, string> form => what is asked first in it */
    private function say(Family $family): array
    {
        $say = [];
        foreach ($this->served($family) as $step) {
            foreach (self::forms($family, $step) as $form) {
                $name = null === $form ? 'spoken' : $this->words->say('forms', $form);
                if (!isset($say[$name])) {
                    $question = QuestionSet::choose($family->serves[$step->skill->id], $step, [], self::QUESTIONS, null, null, new Randomizer(new Xoshiro256StarStar(2)))->questions[2];
                    $say[$name] = $this->words->ask($question->fact, $family->id, 'things', new Settings(), null);
                }
            }
        }

        return $say;
    }
}

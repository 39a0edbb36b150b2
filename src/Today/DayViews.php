<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Pindle\App\Children\ChildrenRoom;
use Pindle\App\Cupboard\CupboardRoom;
use Pindle\App\Platform\Content\Library;
use Pindle\App\Platform\View\Views;
use Pindle\App\Platform\Words;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\BringList;
use Pindle\Core\Planning\Day;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Stretch;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;

/** Writes a stored day out for the screen. */
final readonly class DayViews
{
    public function __construct(
        private PlanStore $store,
        private ChildrenRoom $children,
        private CupboardRoom $cupboard,
        private Library $library,
        private Cautions $cautions,
        private Words $words,
        private Views $views,
        private SkillMap $map,
    ) {
    }

    public function of(DayEntity $day): DayView
    {
        $date = LocalDate::parse($day->date);
        $names = [];
        foreach ($this->children->present() as $child) {
            $names[$child->id] = $child;
        }
        $entities = array_values(array_filter($this->store->setUps($date), static function (SetUpEntity $entity) use ($names): bool {
            return [] !== array_filter($entity->sittings->toArray(), static fn (SittingEntity $sitting): bool => isset($names[$sitting->childId]));
        }));
        $setUps = array_map($this->store->toCore(...), $entities);
        $threads = (new Day($date, array_values($names), $day->spans()))->threads($setUps);
        $threadOf = $this->children->threads();

        $parent = [];
        foreach ($setUps as $setUp) {
            foreach ($setUp->part->busy($setUp->span) as $span) {
                $parent[] = new StretchView($setUp->part->value, $span->start, $span->end, $setUp->key);
            }
        }

        return new DayView(
            $day->date,
            $day->planned > 0,
            $day->windows,
            $day->wet,
            $day->quiet,
            array_map(fn (Child $child): PlannedChildView => $this->child($child, $entities, $threads[$child->id] ?? [], $threadOf, $day), array_values($names)),
            $parent,
            array_map(fn (SetUpEntity $entity, SetUp $setUp): SetUpView => $this->setUp($entity, $setUp, $names, $threadOf, $date), $entities, $setUps),
            array_map(static fn (array $bring): BringView => new BringView($bring['thing']->id, 1 === $bring['count'] ? $bring['thing']->single : $bring['thing']->name, $bring['count'], $bring['thing']->glyph), BringList::of(array_values(array_filter($setUps, static fn (SetUp $setUp): bool => !\in_array($setUp->key, self::done($entities), true))))),
            self::make($setUps),
            [] !== $this->cupboard->present(),
            $day->version,
        );
    }

    /**
     * @param list<SetUpEntity>  $entities
     * @param list<Stretch>      $thread
     * @param array<string, int> $threadOf
     */
    private function child(Child $child, array $entities, array $thread, array $threadOf, DayEntity $day): PlannedChildView
    {
        $minutes = [SetUpState::Done->value => 0, 'ahead' => 0];
        foreach ($entities as $entity) {
            foreach ($entity->sittings as $sitting) {
                if ($sitting->childId === $child->id) {
                    $minutes[SetUpState::Done === $entity->state ? SetUpState::Done->value : 'ahead'] += $entity->minutes;
                }
            }
        }
        $nothing = match (true) {
            0 === $day->planned || $minutes['ahead'] > 0 => null,
            $minutes[SetUpState::Done->value] > 0 => 'Done for today.',
            default => 'Nothing fits today: more things in the cupboard or more time at the table would help.',
        };

        return new PlannedChildView(
            $child->id,
            $child->name,
            $threadOf[$child->id] ?? 0,
            array_map(static fn (Stretch $stretch): StretchView => new StretchView($stretch->state->value, $stretch->span->start, $stretch->span->end, $stretch->setUpKey), $thread),
            $minutes['ahead'] + $minutes[SetUpState::Done->value],
            $minutes[SetUpState::Done->value],
            $nothing,
        );
    }

    /**
     * @param array<string, Child> $names
     * @param array<string, int>   $threadOf
     */
    private function setUp(SetUpEntity $entity, SetUp $setUp, array $names, array $threadOf, LocalDate $date): SetUpView
    {
        $words = $this->library->familyWords($setUp->family->id);
        $first = $setUp->sittings[0];
        $question = $first->questions[min(1, \count($first->questions) - 1)];
        $settings = ($names[$first->childId] ?? new Child('', '', null))->settings;
        $sittings = [];
        foreach ($entity->sittings as $sitting) {
            $sittings[] = new SittingView(
                $sitting->id,
                $sitting->childId,
                ($names[$sitting->childId] ?? null)->name ?? 'someone who moved out',
                $threadOf[$sitting->childId] ?? 0,
                $this->views->step($sitting->stepId),
                $sitting->form?->value,
                $this->words->reason($sitting->reason, $sitting->reasonValues),
                $sitting->brandNew,
                \count($sitting->questions),
                $this->worth($sitting->worth ?? []),
                $this->decision($sitting),
            );
        }

        return new SetUpView(
            $setUp->key,
            $entity->state->value,
            $setUp->family->id,
            $words->name,
            $words->inShort,
            $this->words->say('places', $setUp->place),
            $setUp->part->value,
            $this->words->say('parts', $setUp->part),
            $setUp->span->start,
            $setUp->span->end,
            $sittings,
            array_map(static fn (Laid $laid, string $name): LaidView => new LaidView($laid->thing->id, $name, $laid->count, $laid->thing->glyph), $setUp->laid, $this->views->laid($setUp)),
            array_map(static fn (Prop $prop): string => $prop->thing->name, $setUp->props),
            $this->views->scene($setUp, $question, $first->form, $settings, false),
            $this->cautionsFor($setUp, array_values($names), $date),
            $words->toddler,
        );
    }

    /**
     * The parts of a value in words, those that change nothing left out.
     *
     * @param array<string, float> $worth
     *
     * @return list<WorthPartView>
     */
    private function worth(array $worth): array
    {
        $parts = [];
        foreach ($worth as $name => $value) {
            $isTerm = \in_array($name, ['learning', 'nearly', 'opening', 'fading'], true);
            if (abs($value - ($isTerm ? 0.0 : 1.0)) > 0.0005) {
                $parts[] = new WorthPartView($this->words->say('worth', $name), round($value, 3), $isTerm);
            }
        }

        return $parts;
    }

    /**
     * @param list<Child> $children
     *
     * @return list<string> each once
     */
    private function cautionsFor(SetUp $setUp, array $children, LocalDate $date): array
    {
        $things = [...array_map(static fn (Laid $laid): Thing => $laid->thing, $setUp->laid), ...array_map(static fn (Prop $prop): Thing => $prop->thing, $setUp->props), $setUp->family->asThing()];
        $inReach = array_values(array_filter($children, static fn (Child $child): bool => !$child->isAsleepDuring($setUp->span)));
        $said = [];
        foreach ($things as $thing) {
            foreach ($this->cautions->about($thing, $inReach, $date) as $caution) {
                $said[] = $this->words->caution($caution);
            }
        }

        return array_values(array_unique($said));
    }

    private function decision(SittingEntity $sitting): ?DecisionView
    {
        if (null === $sitting->decision || null === $sitting->decisionReason) {
            return null;
        }

        return new DecisionView(
            $sitting->decision->value,
            $this->words->say('decision_names', $sitting->decision),
            $this->words->say('decisions', $sitting->decisionReason, $sitting->decisionValues ?? []),
            array_map(fn (string $id): string => $this->words->step($this->map->step($id)), $sitting->opens),
            $sitting->markBefore->value ?? '',
            $sitting->markAfter->value ?? '',
        );
    }

    /**
     * @param list<SetUpEntity> $entities
     *
     * @return list<string>
     */
    private static function done(array $entities): array
    {
        return array_values(array_map(static fn (SetUpEntity $entity): string => $entity->id, array_filter($entities, static fn (SetUpEntity $entity): bool => SetUpState::Done === $entity->state)));
    }

    /**
     * @param list<SetUp> $setUps
     *
     * @return list<string> names of props that are made beforehand
     */
    private static function make(array $setUps): array
    {
        $make = [];
        foreach ($setUps as $setUp) {
            foreach ($setUp->props as $prop) {
                if ($prop->made) {
                    $make[$prop->id] = $prop->thing->name;
                }
            }
        }

        return array_values($make);
    }
}

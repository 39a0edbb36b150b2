<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\LastSitting;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;

/** Sets activities out on a day: their questions for each child, their things, and what to take care of. */
final class SettingOut
{
    public readonly Asking $asking;
    private readonly LayOut $layOut;

    /** @var array<string, list<Laid>|Lack> by all that the choice of things follows from */
    private array $laid = [];

    public function __construct(
        private readonly SkillMap $map,
        private readonly Catalogue $catalogue,
        private readonly Cautions $cautions,
        private readonly DayRequest $request,
    ) {
        $this->asking = new Asking($request);
        $this->layOut = new LayOut($cautions, $this->request->date);
    }

    /**
     * The activity with everything it takes and what to take care of; null when the house has not what it takes.
     *
     * @param non-empty-list<Sitting> $sittings
     * @param list<SetUp>             $others   in use that day
     * @param list<string>            $before   ids of things that lay out for it before: they stay where they still do
     */
    public function setUp(Activity $activity, Place $place, Part $part, Span $span, array $sittings, array $others, array $before = []): ?SetUp
    {
        $setUp = $this->bare($activity, $place, $part, $span, $sittings, $others, $before);

        return null === $setUp ? null : $this->warned($setUp);
    }

    public function warned(SetUp $setUp): SetUp
    {
        return $setUp->warned($this->warnings($setUp->things(), $setUp->span, $setUp->place));
    }

    /**
     * The same before anyone asks what to take care of: what nobody may reach is left away already.
     *
     * @param non-empty-list<Sitting> $sittings
     * @param list<SetUp>             $others   in use that day
     * @param list<string>            $before   ids of things that lay out for it before
     */
    public function bare(
        Activity $activity,
        Place $place,
        Part $part,
        Span $span,
        array $sittings,
        array $others,
        array $before = [],
    ): ?SetUp {
        $forms = self::forms($sittings);
        $props = $this->catalogue->props($activity, $this->taught($sittings), $forms);
        $where = [$place, $part];
        if (self::isTaken($props, $span, $others)) {
            return null;
        }
        $laid = [] === $before ? [] : $this->things($activity, $props, $sittings, $span, $where, $others, $before);
        if ([] === $laid || $laid instanceof Lack) {
            $laid = $this->things($activity, $props, $sittings, $span, $where, $others);
        }
        if ($laid instanceof Lack) {
            return null;
        }
        $sittings = $this->freshThings($sittings, $laid);

        return new SetUp(SetUp::keyOf($activity, $span, $sittings), $activity, $place, $part, $span, $sittings, $laid, [], $props);
    }

    /**
     * Whether something that was made once is in use elsewhere at that time.
     *
     * @param list<Prop>  $props
     * @param list<SetUp> $others
     */
    private static function isTaken(array $props, Span $span, array $others): bool
    {
        $made = array_map(static fn (Prop $prop): string => $prop->id, array_filter($props, static fn (Prop $prop): bool => $prop->made));
        foreach ($others as $other) {
            foreach ($other->span->overlaps($span) ? $other->props : [] as $prop) {
                if (\in_array($prop->id, $made, true)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param list<Sitting> $sittings
     *
     * @return list<Form|null> that something is asked in
     */
    private static function forms(array $sittings): array
    {
        $forms = [];
        foreach ($sittings as $sitting) {
            array_push($forms, ...array_map(static fn (Course $course): ?Form => $course->form, $sitting->courses));
        }

        return $forms;
    }

    /**
     * @param list<Prop>              $props
     * @param non-empty-list<Sitting> $sittings
     * @param array{Place, Part}      $where
     * @param list<SetUp>             $others
     * @param list<string>            $only     ids of the things to choose from; none for all
     *
     * @return list<Laid>|Lack
     */
    private function things(
        Activity $activity,
        array $props,
        array $sittings,
        Span $span,
        array $where,
        array $others,
        array $only = [],
    ): array|Lack {
        $used = [];
        foreach ($others as $other) {
            foreach ($other->span->overlaps($span) ? $other->laid : [] as $laid) {
                $used[$laid->thing->id] = ($used[$laid->thing->id] ?? 0) + $laid->count;
            }
        }
        $sets = array_map(
            fn (Sitting $sitting): array => [
                QuestionSet::ofStored($sitting->questions),
                max(array_map(fn (Course $course): int => $this->map->step($course->stepId)->size, $sitting->courses)),
            ],
            $sittings,
        );
        $forms = self::forms($sittings);
        $nearby = $this->request->nearby($span, $where[0]);
        $circumstances = serialize([
            $activity->id,
            $where,
            array_map(static fn (array $one): array => [$one[0]->id, $one[1]], LayOut::wanted($activity, $sets, $forms)),
            array_map(static fn (Prop $prop): string => $prop->id, $props),
            array_map(static fn (Child $child): string => $child->id, $nearby),
            array_map(static fn (Sitting $sitting): string => $sitting->childId, $sittings),
            $used,
            $only,
        ]);

        return $this->laid[$circumstances] ??= $this->layOut->choose(
            $activity,
            $props,
            $sets,
            $forms,
            $this->free($used, $only),
            $nearby,
            ...[...$this->tastes($sittings), ...$where, $only],
        );
    }

    /**
     * What is left of the cupboard.
     *
     * @param array<string, int> $used thing id => so many are in use
     * @param list<string>       $only ids of the things to choose from; none for all
     *
     * @return list<Thing>
     */
    private function free(array $used, array $only): array
    {
        $free = [];
        foreach ($this->request->things as $thing) {
            if ([] === $only || \in_array($thing->id, $only, true)) {
                $free[] = isset($used[$thing->id]) ? $thing->counted(max(0, $thing->amount - $used[$thing->id])) : $thing;
            }
        }

        return $free;
    }

    /**
     * Ids of things that the children at a set-up had in one of their last two sittings, and of those they like.
     *
     * @param non-empty-list<Sitting> $sittings
     *
     * @return array{list<string>, list<string>}
     */
    private function tastes(array $sittings): array
    {
        $avoid = $liked = [];
        foreach ($this->request->learners as $learner) {
            foreach ($sittings as $sitting) {
                if ($sitting->childId === $learner->child->id) {
                    array_push($liked, ...$learner->child->likedThings);
                    foreach ($learner->record->lastSittings as $last) {
                        array_push($avoid, ...$last->thingIds);
                    }
                }
            }
        }

        return [$avoid, $liked];
    }

    /**
     * @param list<Thing> $things
     *
     * @return list<Caution> for everyone who may reach them
     */
    private function warnings(array $things, Span $span, Place $place): array
    {
        $nearby = $this->request->nearby($span, $place);

        return array_merge(...array_map(fn (Thing $thing): array => $this->cautions->about($thing, $nearby, $this->request->date), $things));
    }

    /**
     * How the children at a set-up are taught.
     *
     * @param non-empty-list<Sitting> $sittings
     *
     * @return list<Settings>
     */
    private function taught(array $sittings): array
    {
        $taught = [];
        foreach ($this->request->learners as $learner) {
            foreach ($sittings as $sitting) {
                if ($sitting->childId === $learner->child->id) {
                    $taught[] = $learner->child->settings;
                }
            }
        }

        return $taught;
    }

    /**
     * The sittings at their worth with these things: less for a child who had any of them in the last two sittings.
     *
     * @param non-empty-list<Sitting> $sittings
     * @param list<Laid>              $laid
     *
     * @return non-empty-list<Sitting>
     */
    private function freshThings(array $sittings, array $laid): array
    {
        $used = [];
        foreach ($this->request->learners as $learner) {
            $used[$learner->child->id] = array_merge(...array_map(static fn (LastSitting $last): array => $last->thingIds, $learner->record->lastSittings));
        }

        return array_map(static function (Sitting $sitting) use ($used, $laid): Sitting {
            $again = array_filter($laid, static fn (Laid $one): bool => \in_array($one->thing->id, $used[$sitting->childId] ?? [], true));
            if ([] === $again || $sitting->hasOldThings) {
                return $sitting;
            }

            return $sitting->withOldThings(Candidates::USED_LATELY);
        }, $sittings);
    }
}

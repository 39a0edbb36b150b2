<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Advice\SureSteps;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\LastSitting;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Question\Sure;
use Pindle\Core\Question\Tilt;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Sets one activity out: its questions for each child, its things, and what to take care of. */
final readonly class SettingOut
{
    private LayOut $layOut;

    public function __construct(private SkillMap $map, private Catalogue $catalogue, private Cautions $cautions)
    {
        $this->layOut = new LayOut($cautions);
    }

    /**
     * A sitting with a candidate's step, and with the one beside it where there is room: so many questions, the first and the last of them sure ones.
     * Where a check is due, its three questions come first.
     */
    public function sitting(DayRequest $request, Candidate $candidate, int $count): Sitting
    {
        $record = $candidate->learner->record;
        $random = new Randomizer(new Xoshiro256StarStar(crc32(implode(
            '|',
            [$request->seed, $request->date->dayNumber, $candidate->learner->child->id, $candidate->ranked->step->id, $candidate->activity->id],
        ))));
        // What goes over the ten waits until that is there; what the dice cannot show is not asked.
        $kind = static fn (Step $of): Kind => $candidate->activity->serves[$of->skill->id]->where(
            static fn (Prompt $prompt): bool => $candidate->activity->canAsk($prompt, $candidate->ranked->step->size)
                && (null === $prompt->needs() || $record->servesAsNeed($prompt->needs()))
                && (!$prompt instanceof Kind\MakeAmount || $prompt->fits($candidate->learner->child->settings->coins)),
        );
        $asked = static fn (?Step $of): ?Sure => null === $of || !$kind($of)->canAsk($of) ? null : new Sure($of, $kind($of));
        $sure = $this->sureCandidates($candidate);
        [$opening, $closing] = [SureSteps::first($record, $sure, $request->date), SureSteps::last($record, $sure, $request->date)];
        $set = static fn (Step $step, int $count, ?Step $opening, ?Step $closing): QuestionSet => QuestionSet::choose(
            $kind($step),
            $step,
            $record->state($step->id)->window->questions,
            $count,
            $asked($opening),
            $asked($closing),
            $random,
            self::tilt($candidate->learner, $step),
        );
        $step = $candidate->ranked->step;
        $other = $candidate->second?->ranked->step;
        $second = null === $other ? 0 : intdiv($count - 2, 2);
        $questions = $candidate->isCheck()
            ? [
                ...QuestionSet::check($kind($step), $step, $record->state($step->id)->window->questions, CanDoClauses::CHECK, $random),
                ...\array_slice($set($step, max(2, $count - CanDoClauses::CHECK + 1), $opening, $closing)->questions, 1),
            ]
            : $set($step, $count - $second, $opening, $closing)->questions;
        if ($second > 0 && null !== $other && !$candidate->isCheck()) {
            $questions = QuestionSet::mixed($questions, $set($other, $second + 2, null, null)->questions);
        }

        return (new Sitting($candidate->learner->child->id, $candidate->courses($request->date), $questions, $candidate->worth))->withoutIdleCourses();
    }

    /** Smaller or bigger numbers: what the parent chose goes before what was seen. */
    private static function tilt(Learner $learner, Step $step): Tilt
    {
        return match ($learner->chosen[$step->id] ?? null) {
            DecisionKind::Easier => Tilt::Smaller,
            DecisionKind::Further => Tilt::Bigger,
            default => $learner->record->state($step->id)->window->wentHard() ? Tilt::Smaller : Tilt::Even,
        };
    }

    /**
     * The plan with a move laid out for good: its questions made, its things chosen. Null when the house has not what it takes.
     *
     * @param list<SetUp> $new
     *
     * @return list<SetUp>|null
     */
    public function place(DayRequest $request, Day $day, Move $move, array $new): ?array
    {
        $others = $move->beside($new);
        $sittings = array_map(
            static fn (Sitting $sitting): Sitting => self::shortened($sitting, $move->counts[$sitting->childId]),
            $move->joined->sittings ?? [],
        );
        foreach ($move->candidates as $candidate) {
            $sittings[] = $this->sitting($request, $candidate, $move->counts[$candidate->learner->child->id]);
        }
        // A step with few facts has a short set.
        $counts = [];
        foreach ($sittings as $sitting) {
            $counts[$sitting->childId] = \count($sitting->questions);
        }
        $activity = $move->candidates[0]->activity;
        $children = $request->children(array_keys($counts));
        $needed = (new Length($request))->minutes($activity, $children, $counts);
        $today = [...$request->kept, ...$others];
        $isFree = static fn (Span $span): bool => [] !== $children && $day->holds($span)
            && $day->allows($today, $children, $span, $move->part, $move->place, $activity);
        $exact = $move->span->start + $needed > 1440 ? $move->span : Span::lasting($move->span->start, $needed);
        $span = $needed > $move->span->minutes() || $isFree($exact) ? $exact : $move->span;
        // A check asks more than was reckoned with; where it is shorter the parent's last minute may now be wanted elsewhere.
        if ($needed > $move->span->minutes() && ($needed > (new Length($request))->longestTogether($children, $others) || !$isFree($span))) {
            return null;
        }
        $placed = $this->setUp($request, $activity, $move->place, $move->part, $span, $sittings, $today);

        // Who joins finds the same set-up.
        return null === $placed ? null : [...$others, null === $move->joined ? $placed : $placed->named($move->joined->key)];
    }

    /**
     * The activity with everything it takes; null when the house has not what it takes.
     *
     * @param non-empty-list<Sitting> $sittings
     * @param list<SetUp>             $others   in use that day
     * @param list<string>            $before   ids of things that lay out for it before: they stay where they still do
     */
    public function setUp(
        DayRequest $request,
        Activity $activity,
        Place $place,
        Part $part,
        Span $span,
        array $sittings,
        array $others,
        array $before = [],
    ): ?SetUp {
        $forms = self::forms($sittings);
        $props = $this->catalogue->props($activity, self::taught($request, $sittings), $forms);
        $where = [$place, $part];
        if (self::isTaken($props, $span, $others)) {
            return null;
        }
        $laid = [] === $before ? [] : $this->things($request, $activity, $props, $sittings, $span, $where, $others, $before);
        if ([] === $laid || $laid instanceof Lack) {
            $laid = $this->things($request, $activity, $props, $sittings, $span, $where, $others);
        }
        if ($laid instanceof Lack) {
            return null;
        }
        $sittings = self::freshThings($request, $sittings, $laid);
        $key = \sprintf('%04d-%s-%s', $span->start, $activity->id, $sittings[0]->childId);

        $setUp = new SetUp($key, $activity, $place, $part, $span, $sittings, $laid, [], $props);

        return $setUp->warned($this->warnings($request, $setUp->things(), $span, $place));
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

    /** The same sitting with fewer questions: the first and the last stay. */
    public static function shortened(Sitting $sitting, int $count): Sitting
    {
        $questions = $sitting->questions;
        if (\count($questions) > $count) {
            $questions = [...\array_slice($questions, 0, $count - 1), $questions[\count($questions) - 1]];
        }

        return $sitting->asking($questions)->withoutIdleCourses();
    }

    /** @return list<Step> other steps, no larger than today's, that the activity can ask about in the same form */
    private function sureCandidates(Candidate $candidate): array
    {
        return array_values(array_filter($candidate->learner->record->map->steps, static fn (Step $step): bool => $step->id !== $candidate->ranked->step->id
            && $step->id !== $candidate->second?->ranked->step->id
            && $step->size <= $candidate->ranked->step->size
            && $candidate->activity->shows($step, [] === $step->forms ? null : $candidate->form)));
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
        DayRequest $request,
        Activity $activity,
        array $props,
        array $sittings,
        Span $span,
        array $where,
        array $others,
        array $only = [],
    ): array|Lack {
        $free = array_map(static function (Thing $thing) use ($others, $span): Thing {
            $used = 0;
            foreach ($others as $other) {
                foreach ($other->span->overlaps($span) ? $other->laid : [] as $laid) {
                    $used += $laid->thing->id === $thing->id ? $laid->count : 0;
                }
            }

            return 0 === $used ? $thing : $thing->counted(max(0, $thing->amount - $used));
        }, array_values(array_filter($request->things, static fn (Thing $thing): bool => [] === $only || \in_array($thing->id, $only, true))));

        $avoid = $liked = [];
        foreach ($request->learners as $learner) {
            foreach ($sittings as $sitting) {
                if ($sitting->childId === $learner->child->id) {
                    array_push($liked, ...$learner->child->likedThings);
                    foreach ($learner->record->lastSittings as $last) {
                        array_push($avoid, ...$last->thingIds);
                    }
                }
            }
        }

        return $this->layOut->choose(
            $activity,
            $props,
            array_map(
                fn (Sitting $sitting): array => [
                    QuestionSet::ofStored($sitting->questions),
                    max(array_map(fn (Course $course): int => $this->map->step($course->stepId)->size, $sitting->courses)),
                ],
                $sittings,
            ),
            self::forms($sittings),
            $free,
            $request->nearby($span, $where[0]),
            $request->date,
            $avoid,
            $liked,
            $where[0],
            $where[1],
            $only,
        );
    }

    /**
     * @param list<Thing> $things
     *
     * @return list<Caution> for everyone who may reach them
     */
    public function warnings(DayRequest $request, array $things, Span $span, Place $place): array
    {
        $nearby = $request->nearby($span, $place);

        return array_merge(...array_map(fn (Thing $thing): array => $this->cautions->about($thing, $nearby, $request->date), $things));
    }

    /**
     * How the children at a set-up are taught.
     *
     * @param non-empty-list<Sitting> $sittings
     *
     * @return list<Settings>
     */
    private static function taught(DayRequest $request, array $sittings): array
    {
        $taught = [];
        foreach ($request->learners as $learner) {
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
    private static function freshThings(DayRequest $request, array $sittings, array $laid): array
    {
        $used = [];
        foreach ($request->learners as $learner) {
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

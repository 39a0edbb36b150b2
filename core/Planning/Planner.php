<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Family;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\SureSteps;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Answering;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\LastSitting;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Question\Sure;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Fills a day: again and again it adds the sitting (alone, or joined to one already laid out) that lifts the goal most, until none does.
 * No clock and no chance inside: the same request gives the same plan.
 */
final readonly class Planner
{
    private Candidates $candidates;
    private LayOut $layOut;

    public function __construct(private SkillMap $map, private Catalogue $catalogue, private Cautions $cautions)
    {
        $this->candidates = new Candidates($catalogue);
        $this->layOut = new LayOut($cautions);
    }

    public function plan(DayRequest $request): DayPlan
    {
        $day = Day::of($request);
        $candidates = [];
        $best = [];
        foreach ($request->learners as $learner) {
            $found = $this->candidates->of($learner, $request->date, $request->places, $request->quiet, $request->wanted);
            if ([] !== $found) {
                $candidates[$learner->child->id] = $found;
                $best[$learner->child->id] = $found[0]->value();
            }
        }

        $new = [];
        while (null !== $next = $this->bestMove($request, $day, $candidates, $best, $new)) {
            $new = $next;
        }

        $all = [...$request->kept, ...$new];
        usort($all, static fn (SetUp $a, SetUp $b): int => [$a->span->start, $a->key] <=> [$b->span->start, $b->key]);

        return new DayPlan($request->date, $all, $day->threads($all), Goal::of($new, $best));
    }

    /**
     * The plan after the one addition that lifts the goal most, or null when none does.
     *
     * @param array<string, list<Candidate>> $candidates
     * @param array<string, float>           $best
     * @param list<SetUp>                    $new
     *
     * @return list<SetUp>|null
     */
    private function bestMove(DayRequest $request, Day $day, array $candidates, array $best, array $new): ?array
    {
        $now = Goal::of($new, $best)->total();
        $moves = [];
        foreach ($candidates as $childId => $ofChild) {
            $spans = [];
            foreach ($ofChild as $candidate) {
                $value = $this->valueToday($candidate, $new);
                foreach ($this->ways($request, $day, $candidate, $new, $spans) as [$joined, $span, $part, $place]) {
                    $gain = $this->estimate($candidate, $value, $new, $joined, $span, $part, $best) - $now;
                    if ($gain > 0) {
                        $moves[] = [$gain, $candidate, $value, $joined, $span, $part, $place];
                    }
                }
            }
        }
        usort($moves, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ($moves as [, $candidate, $value, $joined, $span, $part, $place]) {
            $setUps = $this->place($request, $candidate, $value, $new, $joined, $span, $part, $place);
            if (null !== $setUps && Goal::of($setUps, $best)->total() > $now) {
                return $setUps;
            }
        }

        return null;
    }

    /**
     * Where a candidate could go: a set-up of its own at the earliest time, or a set-up of the same family that takes one more.
     *
     * @param list<SetUp>                $new
     * @param array<string, Span|false>  $spans earliest times found so far for this child
     *
     * @return list<array{int|null, Span, Part, Place}>
     */
    private function ways(DayRequest $request, Day $day, Candidate $candidate, array $new, array &$spans): array
    {
        $child = $candidate->learner->child;
        $ways = [];
        $minutes = self::minutes($candidate->family, $this->questions($request, $candidate, $new));
        $part = $child->mayBeAloneOn($request->date) ? $candidate->family->part : Part::With;
        if (null !== $minutes) {
            foreach (Candidates::placesOf($candidate->family, $request->places) as $place) {
                $key = $minutes.$part->value.$place->value;
                $spans[$key] ??= $day->earliest([...$request->kept, ...$new], [$child], $minutes, $part, $place) ?? false;
                if (false !== $spans[$key]) {
                    $ways[] = [null, $spans[$key], $part, $place];
                    break;
                }
            }
        }
        foreach ($new as $i => $setUp) {
            if ($setUp->family->id !== $candidate->family->id || !$setUp->family->together || null !== $setUp->sittingOf($child->id)) {
                continue;
            }
            $others = [...$request->kept, ...array_values(array_filter($new, static fn (SetUp $other): bool => $other !== $setUp))];
            $each = self::questionsEach($setUp, \count($setUp->sittings) + 1);
            if (null !== $each && $setUp->span->minutes() <= min($child->longestSittingOn($request->date), $this->minutesLeft($candidate->learner, $new))
                && $day->allows($others, [$child, ...$this->childrenAt($request, $setUp)], $setUp->span, Part::With, $setUp->place)) {
                $ways[] = [$i, $setUp->span, Part::With, $setUp->place];
            }
        }

        return $ways;
    }

    /**
     * The goal if the candidate went there, things left aside.
     *
     * @param list<SetUp>          $new
     * @param array<string, float> $best
     */
    private function estimate(Candidate $candidate, float $value, array $new, ?int $joined, Span $span, Part $part, array $best): float
    {
        $sitting = new Sitting($candidate->learner->child->id, $candidate->ranked->step->id, $candidate->form, Ladder::help($candidate->learner->record->state($candidate->ranked->step->id)), [], 0.0, false, $candidate->ranked->reason, []);
        $setUp = null === $joined
            ? new SetUp('estimate', $candidate->family, Place::Anywhere, $part, $span, [$sitting], [])
            : new SetUp('estimate', $candidate->family, Place::Anywhere, $part, $span, [...$new[$joined]->sittings, $sitting], $new[$joined]->laid);
        $setUps = $new;
        $setUps[$joined ?? \count($new)] = $setUp;

        // The estimate has no questions yet: a sitting of six tries stands for it.
        $goal = Goal::of(array_values($setUps), $best);
        $already = 0.0;
        foreach ($new as $other) {
            $own = $other->sittingOf($candidate->learner->child->id);
            $already += null === $own ? 0.0 : $own->value * (1 - exp(-$own->tries() / 4));
        }
        $a = $best[$candidate->learner->child->id];

        return $goal->total() + 10 * (log(1 + ($already + $value * (1 - exp(-6 / 4))) / $a) - log(1 + $already / $a));
    }

    /**
     * The plan with the candidate laid out for good: its questions made, its things chosen. Null when the house has not what it takes.
     *
     * @param list<SetUp> $new
     *
     * @return list<SetUp>|null
     */
    private function place(DayRequest $request, Candidate $candidate, float $value, array $new, ?int $joined, Span $span, Part $part, Place $place): ?array
    {
        $setUp = null === $joined ? null : $new[$joined];
        $others = array_values(array_filter($new, static fn (SetUp $other): bool => $other !== $setUp));
        if (null === $setUp) {
            $count = $this->questions($request, $candidate, $new);
            $sittings = [$this->sitting($request, $candidate, $value, $count)];
        } else {
            $each = self::questionsEach($setUp, \count($setUp->sittings) + 1) ?? QuestionSet::FEWEST;
            $sittings = [...array_map(static fn (Sitting $sitting): Sitting => self::shortened($sitting, $each), $setUp->sittings), $this->sitting($request, $candidate, $value, $each)];
        }
        $props = $this->catalogue->props($candidate->family, self::answering($request, $sittings));
        $laid = $this->things($request, $candidate->family, $props, $sittings, $span, [...$request->kept, ...$others]);
        if ($laid instanceof Lack) {
            return null;
        }
        $sittings = self::freshThings($request, $sittings, $laid);
        $key = \sprintf('%04d-%s-%s', $span->start, $candidate->family->id, $sittings[0]->childId);

        return [...$others, new SetUp($key, $candidate->family, $place, $part, $span, $sittings, $laid, $this->warnings($request, $candidate->family, $props, $laid, $span), $props)];
    }

    private function sitting(DayRequest $request, Candidate $candidate, float $value, int $count): Sitting
    {
        $step = $candidate->ranked->step;
        $record = $candidate->learner->record;
        $random = new Randomizer(new Xoshiro256StarStar(crc32(implode('|', [$request->seed, $request->date->dayNumber, $candidate->learner->child->id, $step->id, $candidate->family->id]))));
        $sure = $this->sureCandidates($candidate);
        $asked = static fn (?Step $of): ?Sure => null === $of ? null : new Sure($of, $candidate->family->serves[$of->skill->id]);
        $set = QuestionSet::choose(
            $candidate->family->serves[$step->skill->id],
            $step,
            $record->state($step->id)->questions,
            $count,
            $asked(SureSteps::first($record, $sure, $request->date)),
            $asked(SureSteps::last($record, $sure, $request->date)),
            $random,
            $record->state($step->id)->wentHard(),
        );

        return new Sitting(
            $candidate->learner->child->id,
            $step->id,
            $candidate->form,
            Ladder::help($record->state($step->id)),
            $set->questions,
            $value,
            $candidate->ranked->brandNew,
            $candidate->ranked->reason,
            $candidate->ranked->values,
            $candidate->worth,
        );
    }

    /** @return list<Step> other steps, no larger than today's, that the family can ask about in the same form */
    private function sureCandidates(Candidate $candidate): array
    {
        return array_values(array_filter($candidate->learner->record->map->steps, static fn (Step $step): bool => $step->id !== $candidate->ranked->step->id
            && $step->size() <= $candidate->ranked->step->size()
            && $candidate->family->shows($step, [] === $step->forms ? null : $candidate->form)));
    }

    /**
     * @param list<Prop>              $props
     * @param non-empty-list<Sitting> $sittings
     * @param list<SetUp>             $others
     *
     * @return list<Laid>|Lack
     */
    private function things(DayRequest $request, Family $family, array $props, array $sittings, Span $span, array $others): array|Lack
    {
        $free = array_map(static function (Thing $thing) use ($others, $span): Thing {
            $used = 0;
            foreach ($others as $other) {
                foreach ($other->span->overlaps($span) ? $other->laid : [] as $laid) {
                    $used += $laid->thing->id === $thing->id ? $laid->count : 0;
                }
            }

            return 0 === $used ? $thing : $thing->counted(max(0, $thing->amount - $used));
        }, $request->things);

        $avoid = array_merge(...array_map(static fn (SetUp $other): array => array_map(static fn (Laid $laid): string => $laid->thing->id, $other->laid), [...$others]));
        $liked = [];
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
            $family,
            $props,
            array_map(fn (Sitting $sitting): array => [QuestionSet::ofStored($sitting->questions), $this->map->step($sitting->stepId)->size()], $sittings),
            array_map(static fn (Sitting $sitting): ?Form => $sitting->form, $sittings),
            $free,
            $request->inReach($span),
            $request->date,
            $avoid,
            $liked,
        );
    }

    /**
     * @param list<Prop> $props
     * @param list<Laid> $laid
     *
     * @return list<Caution>
     */
    private function warnings(DayRequest $request, Family $family, array $props, array $laid, Span $span): array
    {
        $things = [...array_map(static fn (Laid $one): Thing => $one->thing, $laid), ...array_map(static fn (Prop $prop): Thing => $prop->thing, $props), $family->asThing()];

        return array_merge(...array_map(fn (Thing $thing): array => $this->cautions->about($thing, $request->inReach($span), $request->date), $things));
    }

    /**
     * How the children at a set-up answer.
     *
     * @param non-empty-list<Sitting> $sittings
     *
     * @return list<Answering>
     */
    private static function answering(DayRequest $request, array $sittings): array
    {
        $answering = [];
        foreach ($request->learners as $learner) {
            foreach ($sittings as $sitting) {
                if ($sitting->childId === $learner->child->id) {
                    $answering[] = $learner->child->settings->answering;
                }
            }
        }

        return $answering;
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

            return new Sitting($sitting->childId, $sitting->stepId, $sitting->form, $sitting->help, $sitting->questions, $sitting->value * Candidates::USED_LATELY, $sitting->brandNew, $sitting->reason, $sitting->values, $sitting->worth?->by(Candidates::USED_LATELY, 1.0, 1.0), true);
        }, $sittings);
    }

    /**
     * Today's value of a candidate: less when the step is already in the plan, nothing when too much would be brand new.
     *
     * @param list<SetUp> $new
     */
    private function valueToday(Candidate $candidate, array $new): float
    {
        $value = $candidate->value();
        foreach ($new as $setUp) {
            $sitting = $setUp->sittingOf($candidate->learner->child->id);
            if ($sitting?->stepId === $candidate->ranked->step->id) {
                $value *= 0.3;
            } elseif (null !== $sitting && $sitting->brandNew && $candidate->ranked->brandNew && $candidate->learner->record->states) {
                $value *= 0.3;
            }
        }

        return $value;
    }

    /** @param list<SetUp> $new */
    private function minutesLeft(Learner $learner, array $new): int
    {
        $left = $learner->minutes;
        foreach ($new as $setUp) {
            $left -= null === $setUp->sittingOf($learner->child->id) ? 0 : $setUp->span->minutes();
        }

        return $left;
    }

    /**
     * As many questions as fit the sitting; 0 when not even the fewest do.
     *
     * @param list<SetUp> $new
     */
    private function questions(DayRequest $request, Candidate $candidate, array $new): int
    {
        $minutes = min($candidate->learner->child->longestSittingOn($request->date), $this->minutesLeft($candidate->learner, $new));
        $fit = intdiv(($minutes - $candidate->family->setUp) * 60, $candidate->family->seconds);

        return $fit < QuestionSet::FEWEST ? 0 : min(QuestionSet::MOST, $fit);
    }

    private static function minutes(Family $family, int $questions): ?int
    {
        return 0 === $questions ? null : (int) ceil($family->setUp + $questions * $family->seconds / 60);
    }

    /** How many questions each of so many children gets in turn; null when there would be too few. */
    private static function questionsEach(SetUp $setUp, int $children): ?int
    {
        $each = intdiv(intdiv(($setUp->span->minutes() - $setUp->family->setUp) * 60, $setUp->family->seconds), $children);

        return $each < QuestionSet::FEWEST ? null : min(QuestionSet::MOST, $each);
    }

    /** The same sitting with fewer questions: the first and the last stay. */
    private static function shortened(Sitting $sitting, int $count): Sitting
    {
        $questions = $sitting->questions;
        if (\count($questions) > $count) {
            $questions = [...\array_slice($questions, 0, $count - 1), $questions[\count($questions) - 1]];
        }

        return new Sitting($sitting->childId, $sitting->stepId, $sitting->form, $sitting->help, $questions, $sitting->value, $sitting->brandNew, $sitting->reason, $sitting->values, $sitting->worth, $sitting->hasOldThings);
    }

    /** @return list<Child> */
    private function childrenAt(DayRequest $request, SetUp $setUp): array
    {
        return array_values(array_filter(
            array_map(static fn (Learner $learner): Child => $learner->child, $request->learners),
            static fn (Child $child): bool => null !== $setUp->sittingOf($child->id),
        ));
    }
}

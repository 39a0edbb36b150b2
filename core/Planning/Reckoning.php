<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\Span;

/** Adds up what a day is worth. What the day asks of each child, and what was done before, is worked out once. */
final class Reckoning
{
    private readonly Weights $weights;

    /** @var list<Counted> */
    private readonly array $kept;

    /** @var array<string, float> child id => minutes that are the whole of what they were to have; of those who could sit */
    public readonly array $asked;

    /** What the child with the smallest part weighs today. */
    public readonly float $fair;
    /** How many times as much a minute with the parent there throughout weighs today. */
    public readonly float $withWeight;

    /** @var array<int, float> tries => what part of a value so many bring */
    private array $learnt = [];

    public function __construct(private readonly DayRequest $request, private readonly Scale $scale)
    {
        $this->weights = $scale->weights;
        $there = array_sum(array_map(static fn (Span $window): int => $window->minutes(), $request->windows));
        $asked = [];
        foreach ($request->learners as $learner) {
            if (isset($scale->best[$learner->child->id])) {
                $asked[$learner->child->id] = $learner->child->minutesOn($request->date);
            }
        }
        // On a short day all were to have less, each in proportion.
        $part = min(1.0, $there / max(1, array_sum($asked)));
        $this->asked = array_map(static fn (int $minutes): float => max(1.0, $part * $minutes), $asked);
        $this->fair = $there < Day::SHORT_DAY ? $this->weights->fairShort : $this->weights->fair;
        $this->withWeight = $request->inWeek->withWeight();
        $this->kept = array_map(fn (SetUp $setUp): Counted => $this->counted($setUp, true), $request->kept);
    }

    public function counted(SetUp $setUp, bool $isKept = false): Counted
    {
        $sittings = [];
        foreach ($setUp->sittings as $sitting) {
            $courses = [];
            foreach ($sitting->courses as $course) {
                $courses[] = [$course->stepId, $course->value, $sitting->attempts($course->stepId)];
            }
            $sittings[] = [$sitting->childId, $courses];
        }
        $ids = [...$setUp->thingIds(), ...array_map(static fn (Prop $prop): string => $prop->id, $setUp->props)];
        $lacking = $isKept || $this->isAsked($setUp) ? [] : $this->request->ready->lacking($setUp, $this->request->repertoire->isNew($setUp->activity));

        return new Counted(
            $isKept,
            $setUp->span->start,
            $setUp->span->minutes(),
            $setUp->activity->id,
            $setUp->place->value,
            $sittings,
            array_fill_keys($ids, true),
            Part::With === $setUp->part,
            !$isKept && $this->isNew($setUp->activity),
            array_fill_keys($lacking, true),
        );
    }

    /** Whether the parent would have to learn an activity that they did not ask for. */
    public function isNew(Activity $activity): bool
    {
        return $this->request->repertoire->isNew($activity) && !\in_array($activity->id, $this->request->wanted, true);
    }

    /**
     * The worth of a day with these set-ups besides what is kept, term by term.
     *
     * @param list<Counted> $new in any order
     */
    public function goal(array $new): Goal
    {
        // What a step gains depends on what came before it, and what has to be fetched on what lies there.
        $all = [];
        foreach ([...$this->kept, ...$new] as $i => $one) {
            $all[1_000 * $one->start + $i] = $one;
        }
        ksort($all);
        $weights = $this->weights;
        $tries = $worth = $sat = $played = $games = $toMake = $lying = [];
        $repeats = $together = $minutes = $with = $kinds = 0;
        foreach ($all as $one) {
            foreach ($one->sittings as [$childId, $courses]) {
                $sat[$childId] = ($sat[$childId] ?? 0) + $one->minutes;
                $repeats += isset($played[$childId][$one->activityId]) ? 1 : 0;
                $played[$childId][$one->activityId] = true;
                foreach ($courses as [$stepId, $value, $count]) {
                    $before = $tries[$childId][$stepId] ?? 0;
                    $tries[$childId][$stepId] = $before + $count;
                    $worth[$childId] = ($worth[$childId] ?? 0.0) + $value * ($this->learnt($before + $count) - $this->learnt($before));
                }
            }
            if (!$one->isKept) {
                $together += \count($one->sittings) - 1;
                $minutes += $one->minutes;
                $with += $one->isWith ? $one->minutes : 0;
                $kinds += \count(array_diff_key($one->kinds, $lying[$one->place] ?? []));
                $games += $one->isNew ? [$one->activityId => true] : [];
                $toMake += $one->toMake;
            }
            $lying[$one->place] = $one->kinds;
        }
        $learning = 0.0;
        foreach ($worth as $childId => $value) {
            $best = $this->scale->best[$childId] ?? 0.0;
            $learning += $best > 0.0 ? $weights->learning * log(1 + $value / $best) : 0.0;
        }
        [$least, $share] = $this->shares($sat);

        return new Goal(
            $learning,
            $weights->together * $together,
            [] === $new ? 0.0 : -$this->setUp([] === $this->kept) - $weights->setUp * (\count($new) - 1),
            -$weights->kind * $kinds,
            -$weights->minute * $minutes,
            -$weights->minuteWith * $this->withWeight * $with,
            -$weights->newGame * \count($games) - ($this->request->ready->isToday ? $weights->makeToday : $weights->make) * \count($toMake),
            $weights->opening * array_sum(array_intersect_key($this->scale->opens, $games)),
            -$weights->again * $repeats,
            $this->fair * $least,
            $weights->share * $share,
        );
    }

    /** What one more set-up costs for being laid out and cleared, the first of a day or a further one. */
    public function setUp(bool $isFirst): float
    {
        return $isFirst ? $this->weights->firstSetUp : $this->weights->setUp;
    }

    /** What part of the value of a step so many tries bring: each brings less than the one before. */
    public function learnt(int $tries): float
    {
        return $this->learnt[$tries] ??= 1 - exp(-$tries / 4);
    }

    /**
     * The smallest part any child has of what they were to have, and the mean; 0 where nobody could sit.
     *
     * @param array<string, int> $sat child id => minutes, done ones included
     *
     * @return array{float, float} 0 to 1
     */
    private function shares(array $sat): array
    {
        $least = 1.0;
        $sum = 0.0;
        foreach ($this->asked as $childId => $minutes) {
            $share = min(1.0, ($sat[$childId] ?? 0) / $minutes);
            $least = min($least, $share);
            $sum += $share;
        }

        return [] === $this->asked ? [0.0, 0.0] : [$least, $sum / \count($this->asked)];
    }

    /** Whether the parent asked for it: the activity, or what one of the children is to meet. Then what it wants made is no reason against it. */
    private function isAsked(SetUp $setUp): bool
    {
        foreach ($setUp->sittings as $sitting) {
            if (\in_array($sitting->course()->reason, [Reason::Pinned, Reason::InFocus], true)) {
                return true;
            }
        }

        return \in_array($setUp->activity->id, $this->request->wanted, true);
    }
}

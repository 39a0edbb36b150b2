<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Calendar\Span;

/**
 * What a plan is worth, term by term. A plan before anything is done and with nothing in it is worth 0, unless nobody could sit anyway. What each
 * weight is for stands beside it; what they do to a day together was measured (decision 36).
 */
final readonly class Goal
{
    /** A child's whole day with the best there is for them is worth about so much: the unit all else is told in. */
    private const LEARNING = 10.0;

    /** Laying out and clearing are what wear a parent out: without this a better search only makes busier days. */
    private const A_SET_UP = 1.0;

    /** Each further kind, what is made for it among them, is another walk to a cupboard, unless it lies there from the set-up before. */
    private const A_KIND = 0.3;

    /** A minute of set-ups is a minute nobody plays or washes up; with the parent there throughout it costs half as much again. */
    private const A_MINUTE = 0.10;
    private const A_MINUTE_WITH = 0.05;

    /** A new game has to be read, rehearsed and explained. */
    private const A_NEW_ONE = 1.5;

    /** What a new game makes possible on the days to come, for each step that nothing else in the house serves. */
    private const OPENS = 3.0;

    /** The same game twice on one day is stale for the child. */
    private const AGAIN = 1.0;

    /** Nobody goes without so that another gets more: the child with the smallest share of their minutes counts for all. */
    private const FAIR = 6.0;

    private function __construct(
        public float $learning,
        public float $together,
        public float $layingOut,
        public float $fetching,
        public float $minutes,
        public float $parent,
        public float $new,
        public float $opening,
        public float $repeats,
        public float $fair,
    ) {
    }

    /**
     * @param list<SetUp>          $setUps   besides what is kept
     * @param array<string, int>   $expected child id => questions of a sitting that has none yet
     * @param int                  $kinds    of things that a set-up without them yet will want
     */
    public static function of(DayRequest $request, Scale $scale, array $setUps, array $expected = [], int $kinds = 0): self
    {
        $tries = $worth = $sat = $played = [];
        [$repeats, $together, $minutes, $with] = [0.0, 0.0, 0.0, 0.0];
        $new = [];
        foreach ([...$request->kept, ...$setUps] as $i => $setUp) {
            $isKept = $i < \count($request->kept);
            foreach ($setUp->sittings as $sitting) {
                $childId = $sitting->childId;
                $sat[$childId] = ($sat[$childId] ?? 0) + $setUp->span->minutes();
                $repeats += isset($played[$childId][$setUp->activity->id]) ? 1.0 : 0.0;
                $played[$childId][$setUp->activity->id] = true;
                foreach (self::triesAt($sitting, $expected) as [$course, $count]) {
                    $before = $tries[$childId][$course->stepId] ?? 0;
                    $tries[$childId][$course->stepId] = $before + $count;
                    $worth[$childId] = ($worth[$childId] ?? 0.0) + self::learnt($course->value, $before + $count) - self::learnt($course->value, $before);
                }
            }
            if (!$isKept) {
                $together += \count($setUp->sittings) - 1;
                $minutes += $setUp->span->minutes();
                $with += Part::With === $setUp->part ? $setUp->span->minutes() : 0;
                $new += $request->repertoire->isNew($setUp->activity) ? [$setUp->activity->id => true] : [];
            }
        }
        $learning = 0.0;
        foreach ($worth as $childId => $value) {
            $best = $scale->best[$childId] ?? 0.0;
            $learning += $best > 0.0 ? self::LEARNING * log(1 + $value / $best) : 0.0;
        }

        return new self(
            $learning,
            $together,
            -self::A_SET_UP * \count($setUps),
            -self::A_KIND * (self::kinds($request->kept, $setUps) + $kinds),
            -self::A_MINUTE * $minutes,
            -self::A_MINUTE_WITH * $with,
            -self::A_NEW_ONE * \count($new),
            self::OPENS * array_sum(array_intersect_key($scale->opens, $new)),
            -self::AGAIN * $repeats,
            self::FAIR * self::leastShare($request, $scale, $sat),
        );
    }

    /** What so many tries bring of a value: each brings less than the one before. */
    public static function learnt(float $value, int $tries): float
    {
        return $value * (1 - exp(-$tries / 4));
    }

    public function total(): float
    {
        return array_sum(get_object_vars($this));
    }

    /**
     * @param array<string, int> $expected
     *
     * @return list<array{Course, int}>
     */
    private static function triesAt(Sitting $sitting, array $expected): array
    {
        $second = $sitting->courses[1] ?? null;
        if ([] !== $sitting->questions || !isset($expected[$sitting->childId])) {
            return array_map(static fn (Course $course): array => [$course, $sitting->attempts($course->stepId)], $sitting->courses);
        }
        // The first and the last question are of other steps; the others are shared.
        $all = max(0, $expected[$sitting->childId] - 2);

        return null === $second
            ? [[$sitting->courses[0], $all]]
            : [[$sitting->courses[0], $all - intdiv($all, 2)], [$second, intdiv($all, 2)]];
    }

    /**
     * Kinds of things to fetch for each set-up, less those the one before has left in the same place.
     *
     * @param list<SetUp> $kept
     * @param list<SetUp> $setUps
     */
    private static function kinds(array $kept, array $setUps): int
    {
        $all = [...$kept, ...$setUps];
        usort($all, static fn (SetUp $a, SetUp $b): int => $a->span->start <=> $b->span->start);
        $lying = [];
        $kinds = 0;
        foreach ($all as $setUp) {
            $ids = [...$setUp->thingIds(), ...array_map(static fn (Prop $prop): string => $prop->id, $setUp->props)];
            if (\in_array($setUp, $setUps, true)) {
                $kinds += \count(array_diff($ids, $lying[$setUp->place->value] ?? []));
            }
            $lying[$setUp->place->value] = $ids;
        }

        return $kinds;
    }

    /**
     * The smallest part of what a child was to have. On a short day all were to have less, each in proportion.
     *
     * @param array<string, int> $sat child id => minutes, done ones included
     */
    private static function leastShare(DayRequest $request, Scale $scale, array $sat): float
    {
        $asked = [];
        foreach ($request->learners as $learner) {
            if (isset($scale->best[$learner->child->id])) {
                $asked[$learner->child->id] = $learner->child->minutesOn($request->date);
            }
        }
        if ([] === $asked) {
            return 0.0;
        }
        $there = array_sum(array_map(static fn (Span $window): int => $window->minutes(), $request->windows));
        $part = min(1.0, $there / array_sum($asked));

        return min(array_map(
            static fn (string $childId, int $minutes): float => min(1.0, ($sat[$childId] ?? 0) / max(1.0, $part * $minutes)),
            array_keys($asked),
            $asked,
        ));
    }
}

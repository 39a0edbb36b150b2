<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\Span;

/**
 * What a plan is worth, term by term. A plan before anything is done and with nothing in it is worth 0, unless nobody could sit anyway. What each
 * weight is for stands in Weights.
 */
final readonly class Goal
{
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
        public float $share,
    ) {
    }

    /**
     * @param list<SetUp>          $setUps   besides what is kept
     * @param array<string, int>   $expected child id => questions of a sitting that has none yet
     * @param int                  $kinds    of things that a set-up without them yet will want
     */
    public static function of(DayRequest $request, Scale $scale, array $setUps, array $expected = [], int $kinds = 0): self
    {
        $weights = $scale->weights;
        $tries = $worth = $sat = $played = [];
        [$repeats, $together, $minutes, $with] = [0.0, 0.0, 0.0, 0.0];
        $new = $toMake = [];
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
                $new += $request->newAmong([$setUp]) > 0 ? [$setUp->activity->id => true] : [];
                $lacking = $request->ready->lacking($setUp, $request->repertoire->isNew($setUp->activity));
                $toMake += self::isAsked($request, $setUp) ? [] : array_fill_keys($lacking, true);
            }
        }
        $learning = 0.0;
        foreach ($worth as $childId => $value) {
            $best = $scale->best[$childId] ?? 0.0;
            $learning += $best > 0.0 ? $weights->learning * log(1 + $value / $best) : 0.0;
        }

        $shares = self::shares($request, $scale, $sat);

        return new self(
            $learning,
            $weights->together * $together,
            -$weights->setUp * \count($setUps),
            -$weights->kind * (self::kinds($request->kept, $setUps) + $kinds),
            -$weights->minute * $minutes,
            -$weights->minuteWith * $request->inWeek->withWeight() * $with,
            -$weights->newGame * \count($new) - ($request->ready->isToday ? $weights->makeToday : $weights->make) * \count($toMake),
            $weights->opening * array_sum(array_intersect_key($scale->opens, $new)),
            -$weights->again * $repeats,
            self::fairness($request, $weights) * ([] === $shares ? 0.0 : min($shares)),
            $weights->share * ([] === $shares ? 0.0 : array_sum($shares) / \count($shares)),
        );
    }

    /** Whether the parent asked for it: the activity, or what one of the children is to meet. Then what it wants made is no reason against it. */
    private static function isAsked(DayRequest $request, SetUp $setUp): bool
    {
        $isWanted = static fn (Sitting $sitting): bool => \in_array($sitting->course()->reason, [Reason::Pinned, Reason::InFocus], true);

        return \in_array($setUp->activity->id, $request->wanted, true) || [] !== array_filter($setUp->sittings, $isWanted);
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

    private static function fairness(DayRequest $request, Weights $weights): float
    {
        return self::minutesThere($request) < Day::SHORT_DAY ? $weights->fairShort : $weights->fair;
    }

    /** Minutes in which the parent can be there. */
    private static function minutesThere(DayRequest $request): int
    {
        return array_sum(array_map(static fn (Span $window): int => $window->minutes(), $request->windows));
    }

    /**
     * The part each child has of what they were to have. On a short day all were to have less, each in proportion.
     *
     * @param array<string, int> $sat child id => minutes, done ones included
     *
     * @return list<float> 0 to 1, of those who could sit
     */
    private static function shares(DayRequest $request, Scale $scale, array $sat): array
    {
        $asked = [];
        foreach ($request->learners as $learner) {
            if (isset($scale->best[$learner->child->id])) {
                $asked[$learner->child->id] = $learner->child->minutesOn($request->date);
            }
        }
        $part = min(1.0, self::minutesThere($request) / max(1, array_sum($asked)));

        return array_map(
            static fn (string $childId, int $minutes): float => min(1.0, ($sat[$childId] ?? 0) / max(1.0, $part * $minutes)),
            array_keys($asked),
            $asked,
        );
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\SetSize;

/** How long a set-up takes and how many questions there is time for. */
final class Length
{
    /** Minutes to clear away what lay out, with the child. */
    public const TIDY_UP = 1;

    /** @var array<string, SetSize> by child id */
    private array $sizes = [];

    /** @var array<string, int> by child id */
    private array $longest = [];

    public function __construct(private readonly DayRequest $request)
    {
    }

    /** How many questions a sitting of a child has, of those who could sit today. */
    public function size(Child $child): SetSize
    {
        return $this->sizes[$child->id] ??= $child->setSizeOn($this->request->date);
    }

    /** Minutes of one sitting of a child at most. */
    public function longest(Child $child): int
    {
        return $this->longest[$child->id] ??= $child->longestSittingOn($this->request->date);
    }

    /**
     * Minutes from laying out to tidying up.
     *
     * @param list<Child>        $children
     * @param array<string, int> $counts   questions by child id
     */
    public function minutes(Activity $activity, array $children, array $counts): int
    {
        $seconds = 0;
        foreach ($children as $child) {
            $seconds += ($counts[$child->id] ?? 0) * $this->size($child)->seconds($activity->seconds);
        }

        return (int) ceil(self::around($activity) + $seconds / 60);
    }

    /**
     * Minutes of a child's day that are left beside these set-ups.
     *
     * @param list<SetUp> $setUps besides what is kept
     */
    public function left(Learner $learner, array $setUps): int
    {
        $left = $learner->minutes;
        foreach ($setUps as $setUp) {
            $left -= null === $setUp->sittingOf($learner->child->id) ? 0 : $setUp->span->minutes();
        }

        return $left;
    }

    /**
     * As many questions as fit a sitting of one child; 0 when not even the fewest do.
     *
     * @param list<SetUp> $setUps besides what is kept
     */
    public function questions(Candidate $candidate, array $setUps): int
    {
        $child = $candidate->learner->child;
        $minutes = min($this->longest($child), $this->left($candidate->learner, $setUps));
        $size = $this->size($child);
        $fitting = $size->fitting(($minutes - self::around($candidate->activity)) * 60, $candidate->activity->seconds);

        // A look is a quick one, unless something else is learnt beside it; and so is what goes on without things.
        $isQuick = ($candidate->isLook() && null === $candidate->second);

        return $isQuick ? min($size->fewest, $fitting) : $fitting;
    }

    /**
     * How many questions each of several children can get in turn: the fewest of their age, then one more each in turn while there is time.
     *
     * @param list<Child> $children
     *
     * @return list<array<string, int>> by child id, the shortest first; none when there is not time for the fewest
     */
    public function turns(Activity $activity, array $children, int $minutes): array
    {
        $counts = [];
        foreach ($children as $child) {
            $counts[$child->id] = $this->size($child)->fewest;
        }
        if ($this->minutes($activity, $children, $counts) > $minutes) {
            return [];
        }
        $turns = [$counts];
        do {
            $before = $counts;
            foreach ($children as $child) {
                $more = [$child->id => $counts[$child->id] + 1] + $counts;
                if ($more[$child->id] <= $this->size($child)->most && $this->minutes($activity, $children, $more) <= $minutes) {
                    $turns[] = $counts = $more;
                }
            }
        } while ($before !== $counts);

        return $turns;
    }

    /**
     * Minutes that all these children can be at one set-up.
     *
     * @param list<Child>  $children
     * @param list<SetUp>  $setUps   besides what is kept
     * @param SetUp|null   $instead  one of them that this one replaces
     */
    public function longestTogether(array $children, array $setUps, ?SetUp $instead = null): int
    {
        $others = array_values(array_filter($setUps, static fn (SetUp $other): bool => $other !== $instead));
        $minutes = \PHP_INT_MAX;
        foreach ($this->request->learners as $learner) {
            if (\in_array($learner->child, $children, true)) {
                $minutes = min($minutes, $this->left($learner, $others), $this->longest($learner->child));
            }
        }

        return $minutes;
    }

    /** Minutes that are not for questions. */
    private static function around(Activity $activity): int
    {
        return $activity->setUp + ($activity->needsNothing() ? 0 : self::TIDY_UP);
    }
}

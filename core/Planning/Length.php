<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Child\Child;

/** How long a set-up takes and how many questions there is time for. */
final readonly class Length
{
    /** Minutes to clear away what lay out, with the child. */
    public const TIDY_UP = 1;

    public function __construct(private DayRequest $request)
    {
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
            $seconds += ($counts[$child->id] ?? 0) * $child->setSizeOn($this->request->date)->seconds($activity->seconds);
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
        $minutes = min($child->longestSittingOn($this->request->date), $this->left($candidate->learner, $setUps));
        $size = $child->setSizeOn($this->request->date);
        $fitting = $size->fitting(($minutes - self::around($candidate->activity)) * 60, $candidate->activity->seconds);

        // A look is a quick one, unless something else is learnt beside it; and so is what goes on without things.
        $isQuick = ($candidate->isLook() && null === $candidate->second);

        return $isQuick ? min($size->fewest, $fitting) : $fitting;
    }

    /**
     * How many questions each of several children gets in turn: the fewest of their age, then one more each in turn while there is time.
     *
     * @param list<Child> $children
     *
     * @return array<string, int> by child id; empty when there is not time for the fewest
     */
    public function together(Activity $activity, array $children, int $minutes): array
    {
        $counts = [];
        foreach ($children as $child) {
            $counts[$child->id] = $child->setSizeOn($this->request->date)->fewest;
        }
        do {
            $before = $counts;
            foreach ($children as $child) {
                $more = [$child->id => $counts[$child->id] + 1] + $counts;
                $fits = $this->minutes($activity, $children, $more) <= $minutes;
                $most = $child->setSizeOn($this->request->date)->most;
                $counts = $fits && $more[$child->id] <= $most ? $more : $counts;
            }
        } while ($before !== $counts);

        return $this->minutes($activity, $children, $counts) <= $minutes ? $counts : [];
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
                $minutes = min($minutes, $this->left($learner, $others), $learner->child->longestSittingOn($this->request->date));
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

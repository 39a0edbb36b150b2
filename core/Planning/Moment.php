<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** Something for any time today, where daily life brings it: no clock, nothing set up, and never missed. */
final readonly class Moment
{
    /** One a child, two for one younger than this many months: most of what they do is of this kind. */
    public const A_CHILD = 1;
    public const A_LITTLE_ONE = 2;

    public function __construct(public string $childId, public string $activityId, public string $stepId)
    {
    }

    /**
     * @param list<Candidate> $candidates of one child, best first
     * @param list<SetUp>     $setUps     of the day: what is done at the table is not wanted besides
     *
     * @return list<self>
     */
    public static function of(DayRequest $request, array $candidates, array $setUps): array
    {
        $taken = [];
        foreach ($setUps as $setUp) {
            $taken[$setUp->activity->id] = true;
        }
        $moments = [];
        foreach ($candidates as $candidate) {
            $child = $candidate->learner->child;
            $most = $child->isUnderThree($request->date) ? self::A_LITTLE_ONE : self::A_CHILD;
            $isFree = $candidate->activity->isMoment() && !isset($taken[$candidate->activity->id]) && !$candidate->isCheck();
            if ($isFree && \count($moments) < $most) {
                $moments[] = new self($child->id, $candidate->activity->id, $candidate->ranked->step->id);
                $taken[$candidate->activity->id] = true;
            }
        }

        return $moments;
    }
}

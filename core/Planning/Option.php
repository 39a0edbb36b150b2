<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;

/** One way to use a part of the day: an activity at a place, with so much of the parent, for one child or several, each with a step of their own. */
final readonly class Option
{
    public Activity $activity;

    /** @var array<string, bool> "child step" => whether it is met to be settled: by a check or a look */
    public array $about;

    public bool $settles;

    /**
     * @param string                              $key        the same for the same option
     * @param non-empty-list<Candidate>           $candidates of one activity, one a child, in the order of the house
     * @param int                                 $who        one bit a child
     * @param non-empty-list<array<string, int>> $lengths    questions by child id, the shortest first
     * @param bool                                $isNew      whether the parent would have to learn it unasked
     * @param bool                                $isForMoments whether it takes no things while there are some: it opens a time, or goes on with arms full
     */
    public function __construct(
        public string $key,
        public array $candidates,
        public Place $place,
        public Part $part,
        public int $who,
        public array $lengths,
        public bool $isNew,
        public bool $isForMoments,
    ) {
        $this->activity = $candidates[0]->activity;
        $about = [];
        foreach ($candidates as $candidate) {
            $of = $candidate->childId.' ';
            $about[$of.$candidate->ranked->step->id] = $candidate->isCheck() || $candidate->isLook();
            if (null !== $candidate->second) {
                $about[$of.$candidate->second->ranked->step->id] = false;
            }
        }
        $this->about = $about;
        $this->settles = \in_array(true, $about, true);
    }

    /** @return array<string, Candidate> by child id */
    public function byChild(): array
    {
        $company = [];
        foreach ($this->candidates as $candidate) {
            $company[$candidate->childId] = $candidate;
        }

        return $company;
    }
}

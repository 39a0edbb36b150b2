<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Part;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Skill\SkillMap;

/** One activity of about five minutes for one child, with what is in sight or with nothing at all: where a family begins. */
final readonly class FirstActivity
{
    public const MINUTES = 5;

    /** An activity that lays out has so many minutes more. */
    private const LAYING_OUT = 5;

    private Candidates $candidates;

    public function __construct(private SkillMap $map, private Catalogue $catalogue, private Cautions $cautions)
    {
        $this->candidates = new Candidates($catalogue);
    }

    /**
     * The best there is for the first of the request's learners: with the things where there are any, else without. Also for a child who has
     * no sittings yet: a song on the lap is a beginning.
     *
     * @param list<string> $passed ids of activities that were passed over
     */
    public function of(DayRequest $request, array $passed): ?SetUp
    {
        $learner = $request->learners[0] ?? null;
        if (null === $learner) {
            return null;
        }
        $all = array_values(array_filter(
            $this->candidates->of(
                $request,
                $learner,
                $this->candidates->ranked($learner, $request->date),
                $this->candidates->allowed($request),
            ),
            static fn (Candidate $candidate): bool => !\in_array($candidate->activity->id, $passed, true),
        ));
        $settingOut = new SettingOut($this->map, $this->catalogue, $this->cautions, $request);
        $without = null;
        foreach ($all as $candidate) {
            if (null !== $without && ([] === $candidate->activity->roles || [] === $request->things)) {
                continue;
            }
            $setUp = self::setOut($settingOut, $request, $candidate);
            // Cards alone are not what lies before the parent.
            if (null !== $setUp && [] !== $setUp->laid) {
                return $setUp;
            }
            $without ??= $setUp;
        }

        return $without;
    }

    private static function setOut(SettingOut $settingOut, DayRequest $request, Candidate $candidate): ?SetUp
    {
        $child = $candidate->learner->child;
        $activity = $candidate->activity;
        $size = $child->setSizeOn($request->date);
        $count = max($size->fewest, $size->fitting(self::MINUTES * 60, $activity->seconds));
        $start = $request->windows[0]->start ?? 0;

        return $settingOut->setUp(
            $activity,
            Candidates::placesOf($activity, $request->places)[0],
            $child->mayBeAloneOn($request->date) ? $activity->part : Part::With,
            Span::lasting($start, self::MINUTES + self::LAYING_OUT),
            [$settingOut->asking->sitting($candidate, $count)],
            [],
        );
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Calendar\Span;

/** Finds out why a child has nothing or little in a plan: it tries what the planner could have done, and says what stood in the way. */
final readonly class Shortfall
{
    /** Less than this part of the minutes a child was to have is little. */
    public const LITTLE = 0.5;

    private Filling $empty;

    public function __construct(private DayRequest $request, private Day $day, private SettingOut $settingOut, private Prospects $prospects)
    {
        $this->empty = $this->filling([]);
    }

    /**
     * @param list<SetUp> $new besides what is kept
     *
     * @return WhyLittle|null null where there is enough, and on a day off
     */
    public function of(Learner $learner, array $new): ?WhyLittle
    {
        $child = $learner->child;
        $candidates = $this->prospects->candidates[$child->id] ?? [];
        if ([] === $this->request->windows) {
            return null;
        }
        $minutes = 0;
        foreach ([...$this->request->kept, ...$new] as $setUp) {
            $minutes += null === $setUp->sittingOf($learner->child->id) ? 0 : $setUp->span->minutes();
        }
        if ($minutes >= self::LITTLE * $learner->child->minutesOn($this->request->date)) {
            return null;
        }
        if ([] === array_filter($this->request->windows, static fn (Span $window): bool => !$child->isAsleepDuring($window))) {
            return WhyLittle::Asleep;
        }
        // Moments of daily life have their place beside the plan; at the table it is games that are wanted.
        $games = array_filter($candidates, static fn (Candidate $candidate): bool => !$candidate->activity->isMoment());
        if ([] === $candidates || ([] === $games && [] !== $this->request->things)) {
            return $this->prospects->isReady($child->id, $this->request->date) ? WhyLittle::NoGame : WhyLittle::NothingReady;
        }
        $options = array_merge(...array_map($this->empty->options->alone(...), $candidates));
        $fitting = array_filter($options, fn (Option $option): bool => null !== $this->empty->room->start([], $option, 0));
        if ([] === $fitting) {
            return WhyLittle::NoTime;
        }
        if (!self::canBeLaidOut($this->empty, $fitting)) {
            return WhyLittle::NoThings;
        }

        return self::canBeLaidOut($this->filling($new), $fitting) ? WhyLittle::NotWorthIt : WhyLittle::Full;
    }

    /** @param list<SetUp> $new */
    private function filling(array $new): Filling
    {
        return new Filling($this->request, $this->day, $this->prospects, $this->settingOut, $new);
    }

    /** @param array<Option> $options */
    private static function canBeLaidOut(Filling $filling, array $options): bool
    {
        foreach ($options as $option) {
            $start = $filling->room->start([], $option, 0, null, true);
            if (null !== $start && null !== $filling->besides($option, 0, $start)) {
                return true;
            }
        }

        return false;
    }
}

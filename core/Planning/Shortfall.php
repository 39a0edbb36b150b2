<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Calendar\Span;

/** Finds out why a child has nothing or little in a plan: it tries what the planner could have done, and says what stood in the way. */
final readonly class Shortfall
{
    /** Less than this part of the minutes a child was to have is little. */
    public const LITTLE = 0.5;

    public function __construct(private DayRequest $request, private Day $day, private SettingOut $settingOut)
    {
    }

    /**
     * @param list<Candidate> $candidates of the child
     * @param bool            $isReady    whether anything at all is ready, whatever games the house knows
     * @param list<SetUp>     $new        besides what is kept
     *
     * @return WhyLittle|null null where there is enough, and on a day off
     */
    public function of(Learner $learner, array $candidates, bool $isReady, array $new): ?WhyLittle
    {
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
        $child = $learner->child;
        if ([] === array_filter($this->request->windows, static fn (Span $window): bool => !$child->isAsleepDuring($window))) {
            return WhyLittle::Asleep;
        }
        // Moments of daily life have their place beside the plan; at the table it is games that are wanted.
        $games = array_filter($candidates, static fn (Candidate $candidate): bool => !$candidate->activity->isMoment());
        if ([] === $candidates || ([] === $games && [] !== $this->request->things)) {
            return $isReady ? WhyLittle::NoGame : WhyLittle::NothingReady;
        }
        $own = [$child->id => $candidates];
        $alone = (new Moves($this->request, $this->day, []))->all($own);
        if ([] === $alone) {
            return WhyLittle::NoTime;
        }
        if (!$this->canBeLaidOut($alone, [])) {
            return WhyLittle::NoThings;
        }

        return $this->canBeLaidOut((new Moves($this->request, $this->day, $new))->all($own), $new) ? WhyLittle::NotWorthIt : WhyLittle::Full;
    }

    /**
     * @param list<Move>  $moves
     * @param list<SetUp> $new
     */
    private function canBeLaidOut(array $moves, array $new): bool
    {
        foreach ($moves as $move) {
            if (null !== $this->settingOut->place($this->request, $this->day, $move, $new)) {
                return true;
            }
        }

        return false;
    }
}

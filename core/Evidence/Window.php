<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\CanDoRule;

/** What was seen last of a step, place by place, and of all tries how many there were and what was asked. */
final readonly class Window
{
    /** A step is stuck when, of at least so many places in the window, at most one in so many went without help. */
    private const STUCK_PLACES = 8;
    private const STUCK_ONE_IN = 4;

    /** So many sittings within so many days without its mark or form rising: it does not move. */
    public const NOT_MOVING = 4;
    public const NOT_MOVING_DAYS = 7;

    /** So many sittings within so many days, whatever became of it between: it was met often enough for now. */
    public const OFTEN = 5;
    public const OFTEN_DAYS = 30;

    /** Different questions that are remembered of a step: the one first asked goes. No step has as many that matter, and a file may hold any number. */
    public const QUESTIONS = 500;

    /** What makes a step that can be done worth a look, and what takes it away: so many of so many that were not unaided. */
    private const MISSED = [2, 3];
    private const LOST_RUNNING = 3;
    private const LOST = [3, 4];

    /**
     * @param list<WindowPlace>                                   $places    the last ones, oldest first, at most CanDoRule::LONGEST_WINDOW
     * @param int                                           $count     tries there ever were, at least 0
     * @param array<string, array{seen: int, unaided: int}> $questions what was asked, by question key, at most QUESTIONS
     * @param list<array{string, LocalDate}>                $sittings  id and day of the last sittings, at most OFTEN
     * @param int                                           $still     how many of them, the last ones, since it last moved
     *
     * @throws InvalidEvidence when there are more places than a window holds, or fewer than no tries
     */
    public function __construct(
        public array $places = [],
        public int $count = 0,
        public array $questions = [],
        public array $sittings = [],
        public int $still = 0,
    ) {
        if (\count($places) > CanDoRule::LONGEST_WINDOW || $count < 0) {
            throw InvalidEvidence::count($count);
        }
    }

    public function with(Attempt $attempt): self
    {
        $asked = $this->questions[$attempt->question] ?? ['seen' => 0, 'unaided' => 0];
        $questions = $this->questions;
        $questions[$attempt->question] = ['seen' => $asked['seen'] + 1, 'unaided' => $asked['unaided'] + ($attempt->isUnaided() ? 1 : 0)];

        if (\count($questions) > self::QUESTIONS) {
            unset($questions[array_key_first($questions)]);
        }

        return new self(
            [...\array_slice($this->places, 1 - CanDoRule::LONGEST_WINDOW), WindowPlace::ofAttempt($attempt)],
            $this->count + 1,
            $questions,
            ...$this->metIn($attempt->sittingId, $attempt->day),
        );
    }

    /** A closing mark fills a place or two, and is no try. */
    public function closed(Closing $closing): self
    {
        $places = [...$this->places, ...array_fill(0, $closing->places(), WindowPlace::ofClosing($closing))];

        return new self(
            \array_slice($places, -CanDoRule::LONGEST_WINDOW),
            $this->count,
            $this->questions,
            ...$this->metIn($closing->sittingId, $closing->day),
        );
    }

    /** The same past, with nothing of it in the window. */
    public function emptied(): self
    {
        return new self([], $this->count, $this->questions, $this->sittings);
    }

    /** The same, from now on counting sittings anew: the step moved. */
    public function moved(): self
    {
        return new self($this->places, $this->count, $this->questions, $this->sittings);
    }

    /** Whether it was met in more than three sittings of the last seven days and did not move. */
    public function isNotMoving(LocalDate $on): bool
    {
        $first = $this->sittings[\count($this->sittings) - self::NOT_MOVING] ?? null;

        return $this->still >= self::NOT_MOVING && null !== $first && $first[1]->daysUntil($on) < self::NOT_MOVING_DAYS;
    }

    /** Whether it was met in many sittings of the last month. */
    public function isMetOften(LocalDate $on): bool
    {
        return self::OFTEN === \count($this->sittings) && $this->sittings[0][1]->daysUntil($on) < self::OFTEN_DAYS;
    }

    public function last(): ?WindowPlace
    {
        return [] === $this->places ? null : $this->places[\count($this->places) - 1];
    }

    /** Whether what came last was right without help. */
    public function endsWell(): bool
    {
        return $this->last()->isUnaided ?? false;
    }

    /** Whether the last two, or the only one, were right without help. */
    public function endsWellTwice(): bool
    {
        $beforeLast = $this->places[\count($this->places) - 2] ?? $this->last();

        return $this->endsWell() && ($beforeLast->isUnaided ?? false);
    }

    /** Ends on one that was not unaided, and it is not the second of the last three. */
    public function endsOnOneMiss(): bool
    {
        return null !== $this->last() && !$this->endsWell() && !$this->hasSlipped();
    }

    /** Ends on one that was not unaided, the second of the last three: worth a look. */
    public function hasSlipped(): bool
    {
        return null !== $this->last() && !$this->endsWell() && $this->missedOf(self::MISSED[1]) >= self::MISSED[0];
    }

    /** Three running that were not unaided, or three of the last four: what could be done has to be found anew. */
    public function isLost(): bool
    {
        return self::LOST_RUNNING === $this->missedOf(self::LOST_RUNNING) || $this->missedOf(self::LOST[1]) >= self::LOST[0];
    }

    /** @return list<WindowPlace> those that a rule looks at */
    public function of(CanDoRule $rule): array
    {
        return \array_slice($this->places, -$rule->window());
    }

    /** Unaided successes in the window of a rule. */
    public function unaidedIn(CanDoRule $rule): int
    {
        return \count(array_filter($this->of($rule), static fn (WindowPlace $place): bool => $place->isUnaided));
    }

    /** Whether under half of what was seen in the last sitting was unaided, so that the next one asks smaller. */
    public function wentHard(): bool
    {
        $last = array_filter($this->places, fn (WindowPlace $place): bool => $place->sittingId === $this->last()?->sittingId);
        $unaided = array_filter($last, static fn (WindowPlace $place): bool => $place->isUnaided);

        return 2 * \count($unaided) < \count($last);
    }

    /** Whether hardly any of many went without help: something it stands on may be missing. */
    public function isStuck(): bool
    {
        $count = \count($this->places);

        return $count >= self::STUCK_PLACES && self::STUCK_ONE_IN * $this->unaidedIn(CanDoRule::Thorough) <= $count;
    }

    /** @return float how much of what was seen was with an activity, 0 to 1 */
    public function shareWith(string $activityId): float
    {
        $with = array_filter($this->places, static fn (WindowPlace $place): bool => $place->activityId === $activityId);

        return [] === $this->places ? 0.0 : \count($with) / \count($this->places);
    }

    /** @return array{list<array{string, LocalDate}>, int} the last sittings with this one, and how many of them since it last moved */
    private function metIn(string $sittingId, LocalDate $day): array
    {
        $last = $this->sittings[\count($this->sittings) - 1] ?? null;
        if (null !== $last && $last[0] === $sittingId) {
            return [$this->sittings, max(1, $this->still)];
        }

        return [[...\array_slice($this->sittings, 1 - self::OFTEN), [$sittingId, $day]], min(self::OFTEN, $this->still + 1)];
    }

    private function missedOf(int $last): int
    {
        return \count(array_filter(\array_slice($this->places, -$last), static fn (WindowPlace $place): bool => !$place->isUnaided));
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Outcome;

/**
 * What a sitting counts to know when to advise: "not yet" in all and running, at once running, on fingers running. Nothing counts further than
 * it matters, so that all there can be is a short table.
 */
final readonly class Counters
{
    /** Never more "not yet" than this in one sitting. */
    public const MOST_NOT_YET = 3;

    public const NOT_YET_RUNNING = 2;
    public const AT_ONCE_RUNNING = 3;
    public const ON_FINGERS_RUNNING = 2;

    /**
     * @param int $notYet  in all, 0 to 3
     * @param int $running "not yet" running, 0 to 2
     * @param int $atOnce  without help, running, 0 to 2: the third begins anew
     * @param int $fingers on fingers running, 0 to 2
     */
    private function __construct(public int $notYet = 0, public int $running = 0, public int $atOnce = 0, public int $fingers = 0)
    {
    }

    public static function zero(): self
    {
        return new self();
    }

    /** @param list<Attempt> $attempts of one child in one sitting, in order */
    public static function of(array $attempts): self
    {
        $counters = new self();
        foreach ($attempts as $attempt) {
            $counters = $counters->after($attempt->outcome, Help::Bare === $attempt->help, $attempt->isOnFingers());
        }

        return $counters;
    }

    public function after(Outcome $outcome, bool $isBare, bool $onFingers): self
    {
        $isNotYet = Outcome::NotYet === $outcome;
        $isAtOnce = Outcome::AtOnce === $outcome && $isBare;

        return new self(
            min(self::MOST_NOT_YET, $this->notYet + ($isNotYet ? 1 : 0)),
            $isNotYet ? min(self::NOT_YET_RUNNING, $this->running + 1) : 0,
            $isAtOnce ? ($this->atOnce + 1) % self::AT_ONCE_RUNNING : 0,
            $onFingers ? min(self::ON_FINGERS_RUNNING, $this->fingers + 1) : 0,
        );
    }

    public function equals(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }

    /**
     * What there is to advise about after an attempt that led here; where one has nothing to offer the next is asked.
     *
     * @return list<Cause>
     */
    public function causes(Outcome $outcome, bool $isBare): array
    {
        $isNotYet = Outcome::NotYet === $outcome;

        return match (true) {
            $isNotYet && $this->notYet >= self::MOST_NOT_YET => [Cause::ThreeNotYet],
            $isNotYet && $this->running >= self::NOT_YET_RUNNING => [Cause::TwoNotYet],
            default => array_values(array_filter([
                $this->fingers >= self::ON_FINGERS_RUNNING ? Cause::OnFingers : null,
                Outcome::AtOnce === $outcome && $isBare && 0 === $this->atOnce ? Cause::ThreeAtOnce : null,
            ])),
        };
    }
}

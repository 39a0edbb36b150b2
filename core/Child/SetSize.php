<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** How many questions a sitting has. Small children take long over few; a set is longer only in a look round. */
final readonly class SetSize
{
    /** A question put to a child under four takes at least this long, in seconds: showing, waiting, looking at it together; from four on half of that. */
    public const SECONDS_UNDER_FOUR = 60;
    public const SECONDS = 30;

    private function __construct(public int $fewest, public int $most, private int $leastSeconds)
    {
    }

    /** @param int $months age in whole months, 0 and up */
    public static function atAge(int $months): self
    {
        return match (true) {
            $months < 4 * 12 => new self(3, 4, self::SECONDS_UNDER_FOUR),
            $months < 6 * 12 => new self(4, 6, self::SECONDS),
            default => new self(6, 8, self::SECONDS),
        };
    }

    /** Seconds of one question that usually takes so many. */
    public function seconds(int $usual): int
    {
        return max($this->leastSeconds, $usual);
    }

    /** As many questions as there is time for, up to the most; 0 when there is not even time for the fewest. */
    public function fitting(int $seconds, int $usual): int
    {
        $fit = intdiv(max(0, $seconds), $this->seconds($usual));

        return $fit < $this->fewest ? 0 : min($this->most, $fit);
    }
}

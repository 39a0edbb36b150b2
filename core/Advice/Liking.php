<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** How willingly a child works with an activity, from how sittings with it ended: 0.7 to 1.3, 1 where nothing is known. */
final class Liking
{
    public const LEAST = 0.7;
    public const MOST = 1.3;

    /** What one ending moves it by. */
    public const STEP = 0.1;

    /** @param list<Ending> $endings of the sittings with one activity */
    public static function of(array $endings): float
    {
        $liking = 1.0;
        foreach ($endings as $ending) {
            $liking += match ($ending) {
                Ending::AskedForMore => self::STEP,
                Ending::HadEnough => -self::STEP,
                Ending::Done => 0.0,
            };
        }

        return max(self::LEAST, min(self::MOST, $liking));
    }
}

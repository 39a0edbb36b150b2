<?php

declare(strict_types=1);

namespace Pindle\Core\FirstLook;

use Pindle\Core\Skill\Step;

/** The age at which about half of children may know a step, in months. A starting guess for the first look only: never a judgement, shown to nobody. */
final class AgeHint
{
    /** The middle of the rough ages of a reach: 3 about 2½ to 3½ years, 5 about 3 to 4½, 10 about 4 to 6, 20 about 5 to 7, tens about 6 to 8. */
    public static function months(Step $step): float
    {
        return match ($step->reach) {
            '3', 'two', 'four' => 36.0,
            '5', 'ab', 'join' => 45.0,
            '10', 'take', 'aab-abb', 'eight', 'order', 'three' => 60.0,
            '20', '30', 'abc', 'solids' => 72.0,
            default => 84.0,
        };
    }
}

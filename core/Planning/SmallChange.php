<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** What a search changes in a day, one at a time. */
enum SmallChange
{
    case Added;
    case Replaced;
    case Lengthened;
    case Moved;
    case Joined;
    case Left;
    case Merged;
    case Removed;
    case TwoOut;
    case Timed;
    case Anew;

    /** Of a hundred so many. */
    public function often(): int
    {
        return match ($this) {
            self::Added => 17,
            self::Replaced => 34,
            self::Lengthened, self::Moved => 7,
            self::Joined, self::Left, self::Removed, self::Anew => 3,
            self::Merged => 4,
            self::TwoOut => 9,
            self::Timed => 10,
        };
    }

    /** The one that a number from 1 to 100 falls on. */
    public static function at(int $number): self
    {
        foreach (self::cases() as $change) {
            $number -= $change->often();
            if ($number <= 0) {
                return $change;
            }
        }

        return self::Timed;
    }
}

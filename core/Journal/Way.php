<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

use Pindle\Core\Evidence\Method;

/** Ways of working sums and differences, in the order that children come to them. */
enum Way: string
{
    case CountedAll = 'counted-all';
    case CountedOn = 'counted-on';
    case ThroughTen = 'through-ten';
    case KnewIt = 'knew-it';

    /** Null for what was seen at once: no sum was worked then, and none was known. */
    public static function of(Method $method): ?self
    {
        return match ($method) {
            Method::CountedAll, Method::Fingers, Method::DrewIt => self::CountedAll,
            Method::CountedOn => self::CountedOn,
            Method::ThroughTen, Method::ThroughFives => self::ThroughTen,
            Method::KnownFact => self::KnewIt,
            Method::SawIt => null,
        };
    }

    /** How far along it is, from 0. */
    public function place(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}

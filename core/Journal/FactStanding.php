<?php

declare(strict_types=1);

namespace Pindle\Core\Journal;

use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;

/** How well a fact is known, by the last tries at it. */
enum FactStanding: string
{
    /** At once and alone, the last two times. */
    case Sure = 'sure';

    /** Right and alone the last time, but worked out, or at once for the first time. */
    case Slow = 'slow';

    /** Met, and not right alone the last time. */
    case Seen = 'seen';

    case NotMet = 'not-met';

    /** So many tries at once make it sure. */
    public const SURE_TRIES = 2;

    /** @param list<Attempt> $tries at one fact, older first */
    public static function of(array $tries): self
    {
        $last = end($tries);
        if (false === $last) {
            return self::NotMet;
        }
        $lately = \array_slice($tries, -self::SURE_TRIES);

        return match (true) {
            !$last->isUnaided() => self::Seen,
            self::SURE_TRIES === \count($lately) && [] === array_filter($lately, static fn (Attempt $try): bool => !self::isKnown($try)) => self::Sure,
            default => self::Slow,
        };
    }

    /** At once, alone, and not counted out one by one. */
    private static function isKnown(Attempt $try): bool
    {
        return Outcome::AtOnce === $try->outcome && Help::Bare === $try->help && Method::CountedAll !== $try->method && !$try->isOnFingers();
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

use Pindle\Core\Calendar\Span;

/** How much of the parent an activity takes. */
enum Part: string
{
    case With = 'with';
    case Near = 'near';
    case Alone = 'alone';

    /**
     * The stretches in which the parent is busy: with takes all of it, near the first two minutes and the last, alone the first.
     *
     * @return list<Span>
     */
    public function busy(Span $span): array
    {
        return match ($this) {
            self::With => [$span],
            self::Near => $span->minutes() <= 3 ? [$span] : [new Span($span->start, $span->start + 2), new Span($span->end - 1, $span->end)],
            self::Alone => [new Span($span->start, $span->start + 1)],
        };
    }

    /** @return list<self> this part and those that take more of the parent, least first */
    public function orMore(): array
    {
        return match ($this) {
            self::Alone => [self::Alone, self::Near, self::With],
            self::Near => [self::Near, self::With],
            self::With => [self::With],
        };
    }
}

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
        return array_map(static fn (array $busy): Span => new Span(...$busy), $this->busyMinutes($span->start, $span->end));
    }

    /**
     * The same in plain minutes, from and to.
     *
     * @return list<array{int, int}>
     */
    public function busyMinutes(int $start, int $end): array
    {
        return match (true) {
            self::With === $this, self::Near === $this && $end - $start <= 3 => [[$start, $end]],
            self::Near === $this => [[$start, $start + 2], [$end - 1, $end]],
            default => [[$start, $start + 1]],
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

<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Calendar\Span;

/** When the parent can be there, as a day turns: begun later, with one time more, cut where someone wakes. */
final class Windows
{
    /** What is left where all times of a day are over, and what a short day comes to, in minutes. */
    public const SHORT = 20;

    /** The short time that begins now, at the end of the day a little sooner. */
    public static function short(int $now): Span
    {
        return Span::lasting(min($now, 1440 - self::SHORT), self::SHORT);
    }

    /**
     * The first time that is not over begins now and is as long as it was to be; what comes after it gives way as far as it must.
     *
     * @param list<Span> $windows in order, apart from one another
     * @param int        $now     in minutes after midnight, 0 to 1439
     *
     * @return non-empty-list<Span>
     */
    public static function from(array $windows, int $now): array
    {
        $later = [];
        $free = $now;
        foreach ($windows as $window) {
            $start = max($window->start, $free);
            $slides = [] === $later && $window->start < $now;
            $end = min(1440, $slides ? $start + $window->minutes() : $window->end);
            if ($window->end > $now && $end > $start) {
                $later[] = new Span($start, $end);
                $free = $end;
            }
        }

        return $later ?: [self::short($now)];
    }

    /**
     * With one time more; what touches or overlaps it is one with it.
     *
     * @param list<Span> $windows
     *
     * @return non-empty-list<Span> in order
     */
    public static function with(array $windows, Span $one): array
    {
        $apart = [];
        foreach ($windows as $window) {
            if ($window->end < $one->start || $window->start > $one->end) {
                $apart[] = $window;
            } else {
                $one = new Span(min($one->start, $window->start), max($one->end, $window->end));
            }
        }
        $all = [...$apart, $one];
        usort($all, static fn (Span $a, Span $b): int => $a->start <=> $b->start);

        return $all;
    }

    /**
     * The same times, those that go on at a minute cut there.
     *
     * @param list<Span> $spans
     *
     * @return list<Span>|null null where none of them goes on then
     */
    public static function cut(array $spans, int $at): ?array
    {
        $left = [];
        $goesOn = false;
        foreach ($spans as $span) {
            $isNow = $span->start <= $at && $at < $span->end;
            $goesOn = $goesOn || $isNow;
            if (!$isNow) {
                $left[] = $span;
            } elseif ($at > $span->start) {
                $left[] = new Span($span->start, $at);
            }
        }

        return $goesOn ? $left : null;
    }
}

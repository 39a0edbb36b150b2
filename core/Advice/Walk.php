<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Evidence\Outcome;

/**
 * All that the counters of a sitting can go through, as a table: a device without the house walks it by looking up, and needs no rule of its own.
 * The first row is where a sitting begins.
 */
final readonly class Walk
{
    /**
     * @param list<array<string, array{int, list<string>}>> $rows row => event => the next row, and what there is to advise about
     */
    private function __construct(public array $rows)
    {
    }

    public static function all(): self
    {
        $counters = [Counters::zero()];
        $rows = [];
        for ($row = 0; $row < \count($counters); ++$row) {
            $events = [];
            foreach (Outcome::cases() as $outcome) {
                foreach ([[true, false], [false, false], [true, true], [false, true]] as [$isBare, $onFingers]) {
                    $next = $counters[$row]->after($outcome, $isBare, $onFingers);
                    $known = array_filter($counters, $next->equals(...));
                    $at = array_key_first($known) ?? \count($counters);
                    $counters[$at] = $next;
                    $causes = array_map(static fn (Cause $cause): string => $cause->value, $next->causes($outcome, $isBare));
                    $events[self::event($outcome, $isBare, $onFingers)] = [$at, $causes];
                }
            }
            $rows[] = $events;
        }

        return new self($rows);
    }

    /** What an attempt is called in the table. */
    public static function event(Outcome $outcome, bool $isBare, bool $onFingers): string
    {
        return $outcome->value.($isBare ? '' : ' helped').($onFingers ? ' fingers' : '');
    }
}

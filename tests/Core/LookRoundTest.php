<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\LookRound;
use Pindle\Tests\Make;

final class LookRoundTest extends TestCase
{
    private const CHAIN = ['put-together@5', 'put-together@10'];

    public function test_it_is_for_coming_back_after_fourteen_days(): void
    {
        self::assertFalse(LookRound::isFor(13));
        self::assertTrue(LookRound::isFor(14));
    }

    public function test_nothing_is_asked_where_nothing_fell_due(): void
    {
        self::assertSame([], LookRound::steps(ChildRecord::blank(Make::map()), 60, Make::day(0)));
        $record = self::canDo(self::CHAIN);
        self::assertSame([], LookRound::steps($record, 60, Make::day(1)));
        self::assertNotSame([], LookRound::steps($record, 60, Make::day(90)));
    }

    public function test_a_step_speaks_for_what_it_needs_so_that_is_not_asked(): void
    {
        $record = self::canDo(['count-things@5', 'count-things@10', ...self::CHAIN]);
        $on = Make::day(90);
        $due = array_filter(array_keys($record->map->steps), static fn (string $id): bool => null !== $record->faded($id, $on));
        $steps = LookRound::steps($record, 60, $on);

        self::assertGreaterThan(\count($steps), \count($due));
        foreach ($steps as $i => $step) {
            foreach (\array_slice($steps, $i + 1) as $other) {
                self::assertNotContains($other, $record->map->ancestors($step), $other.' was spoken for by '.$step);
            }
        }
        $spoken = array_merge(...array_map($record->touchedBy(...), $steps));
        self::assertSame([], array_diff($due, $spoken), 'and all that is due is spoken for');
    }

    public function test_it_takes_five_minutes_and_begins_with_the_easiest(): void
    {
        $record = self::canDo(array_keys(array_filter(Make::map()->steps, static fn ($step): bool => $step->offered)));
        $on = Make::day(400);
        $months = static fn (string $id): float => $record->map->step($id)->reach->months;

        self::assertCount(5, LookRound::steps($record, 47, $on), 'a minute each under four');
        self::assertCount(10, $steps = LookRound::steps($record, 48, $on), 'half a minute from then on');
        self::assertSame(min([\INF, ...array_map($months, $steps)]), $months($steps[0]));
    }

    public function test_it_ends_when_all_was_asked_or_three_did_not_go(): void
    {
        $steps = ['a', 'b', 'c', 'd', 'e'];
        $round = static fn (Outcome ...$outcomes): LookRound => new LookRound($steps, array_map(
            static fn (Outcome $outcome, string $step): Answer => new Answer($step, $outcome),
            $outcomes,
            \array_slice($steps, 0, \count($outcomes)),
        ));
        $well = Outcome::WorkedItOut;
        $not = Outcome::NotYet;

        self::assertSame('a', $round()->next($steps));
        self::assertSame('c', $round($well, $not)->next($steps));
        self::assertSame('d', $round($well, $not)->next(['a', 'd', 'e']), 'what cannot be asked is passed over');
        self::assertSame(['c', false], [$round($not, $not)->next($steps), $round($not, $not)->isHard()]);
        self::assertNull($round($not, $not, $not)->next($steps));
        self::assertTrue($round($not, $not, $not)->isHard());
        self::assertSame('d', $round($not, $well, $not)->next($steps));
        self::assertSame('e', $round($not, $not, $well, $not)->next($steps));
        self::assertNull($round($well, $well, $well, $well, $well)->next($steps));
        self::assertSame([3, 2, 5], [$round($well, $not, $well)->tasks(), $round($well, $not, $well)->went(), $round()->most()]);
    }

    /** @param list<string> $stepIds */
    private static function canDo(array $stepIds): ChildRecord
    {
        return ChildRecord::replay(Make::map(), array_map(static fn (string $id) => Make::handMark($id, 0, Mark::CanDo), $stepIds));
    }
}

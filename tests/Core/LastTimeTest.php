<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\LastTime;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Evidence\Slip;
use Pindle\Tests\Make;

final class LastTimeTest extends TestCase
{
    private const STEP = 'put-together@5';

    public function test_it_counts_what_was_alone_in_the_last_sitting_and_names_the_way_seen_most(): void
    {
        $last = self::of(
            Make::anAttempt(self::STEP, 0, method: Method::SawIt),
            Make::anAttempt(self::STEP, 1, minute: 1, method: Method::SawIt),
            Make::anAttempt(self::STEP, 1, minute: 2, method: Method::CountedAll),
            Make::anAttempt(self::STEP, 1, Outcome::WithHelp, minute: 3, method: Method::CountedAll),
            Make::anAttempt(self::STEP, 1, minute: 4, help: Help::PartDone),
        );
        self::assertEquals(new LastTime(Make::day(1), 2, 4, Method::CountedAll), $last);
        self::assertSame(Method::SawIt, self::of(
            Make::anAttempt(self::STEP, 1, minute: 1, method: Method::CountedAll),
            Make::anAttempt(self::STEP, 1, minute: 2, method: Method::SawIt),
        )?->method, 'the later of two');
        self::assertSame(Method::Fingers, self::of(Make::anAttempt(self::STEP, 1, slip: Slip::Fingers))?->method);
        self::assertNull(self::of());
    }

    public function test_a_closing_mark_is_all_there_is_only_where_nothing_was_tapped(): void
    {
        self::assertEquals(new LastTime(Make::day(2), 1, 0), self::of(Make::closing(self::STEP, 2)));
        self::assertEquals(new LastTime(Make::day(2), 0, 0), self::of(Make::closing(self::STEP, 2, ClosingMark::MostlyWithMe)));
        $closing = Make::closing(self::STEP, 2);
        self::assertSame(1, self::of(Make::anAttempt(self::STEP, 2, activity: $closing->activityId), $closing)?->of);
    }

    public function test_the_way_a_child_may_find_next_is_one_that_can_be_seen(): void
    {
        /** @param list<Method>|null $possible */
        $next = static fn (Method $method, string $step, ?array $possible = null): ?Method => $method->next(
            array_values($possible ?? Method::cases()),
            Make::wholeMap()->step($step)->skill,
        );
        self::assertSame(Method::CountedOn, $next(Method::CountedAll, 'put-together@10'));
        self::assertSame(Method::CountedOn, $next(Method::Fingers, 'put-together@10'));
        self::assertSame(Method::CountedOn, $next(Method::DrewIt, 'put-together@10'));
        self::assertSame(Method::SawIt, $next(Method::CountedAll, 'see-at-once@5'), 'seeing is for seeing');
        self::assertSame(Method::SawIt, $next(Method::CountedOn, 'see-at-once@5'));
        self::assertSame(Method::ThroughTen, $next(Method::CountedOn, 'bridge-ten@20'));
        self::assertSame(Method::ThroughFives, $next(Method::CountedOn, 'bridge-ten@20', [Method::CountedOn, Method::ThroughFives]));
        self::assertSame(Method::KnownFact, $next(Method::CountedOn, 'doubles@10', [Method::CountedOn, Method::KnownFact]));
        self::assertNull($next(Method::CountedOn, 'put-together@10', [Method::CountedOn, Method::KnownFact]), 'not a quick skill');
        self::assertSame(Method::KnownFact, $next(Method::ThroughTen, 'doubles@10'));
        self::assertNull($next(Method::ThroughTen, 'put-together@10'));
        self::assertNull($next(Method::SawIt, 'doubles@10'));
        self::assertNull($next(Method::KnownFact, 'doubles@10'));
        self::assertNull($next(Method::CountedAll, 'touch-count@10', [Method::CountedAll, Method::SawIt]));
    }

    private static function of(Seen ...$seen): ?LastTime
    {
        return LastTime::of(Make::record(array_values($seen))->state(self::STEP)->window);
    }
}

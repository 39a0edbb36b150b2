<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\Outcome;
use Pindle\Tests\Make;

final class RankingTest extends TestCase
{
    public function test_a_beginner_is_offered_only_steps_that_need_nothing(): void
    {
        foreach (self::rank(Make::record([]), 0) as $ranked) {
            self::assertSame([], $ranked->step->needs);
            self::assertTrue($ranked->brandNew);
        }
    }

    public function test_the_first_term_is_what_the_tries_would_add(): void
    {
        // p 0.10, six tries: 0.9 · (1 − 0.92^6) = 0.354280; nothing yet counts as nearly secure.
        $shape = self::one(Make::record([]), 'name-shape@four', 0);

        self::assertEqualsWithDelta(0.354280 + 0.25 * 0.354280, $shape->worth->gain(), 0.000001, 'one step waits for this alone');
    }

    public function test_nearly_secure_counts_and_says_so(): void
    {
        $tries = self::tries('say-count@3', 0, 6);
        $ranked = self::one(Make::record($tries), 'say-count@3', 2);

        self::assertSame(Reason::NearlySecure, $ranked->reason);
        self::assertSame(['unaided' => 6, 'wanted' => 7], $ranked->values);
    }

    public function test_enough_tries_that_lack_something_else_say_what(): void
    {
        $ranked = self::one(Make::record(self::tries('say-count@3', 0, 8)), 'say-count@3', 2);

        self::assertSame(Reason::WantsMore, $ranked->reason);
        self::assertSame('days', $ranked->values['clause']);
    }

    public function test_what_was_done_today_or_yesterday_waits(): void
    {
        $record = Make::record(self::tries('say-count@3', 0, 3));

        self::assertSame(0.3, self::one($record, 'say-count@3', 0)->worth->freshness);
        self::assertSame(0.8, self::one($record, 'say-count@3', 1)->worth->freshness);
        self::assertSame(1.0, self::one($record, 'say-count@3', 2)->worth->freshness);
    }

    public function test_a_strand_left_alone_for_a_week_is_pushed(): void
    {
        $record = Make::record(self::tries('say-count@3', 0, 3));

        self::assertSame(1.0, self::one($record, 'say-count@3', 6)->worth->push);
        self::assertSame(1.5, self::one($record, 'say-count@3', 7)->worth->push);
        self::assertSame(Reason::LeftAlone, self::one($record, 'say-count@5', 7)->reason, 'the whole strand, not one step');
        self::assertSame(1.0, self::one($record, 'see-at-once@3', 7)->worth->push, 'a strand never touched is new, not neglected');
    }

    public function test_a_secure_step_is_offered_again_only_when_it_falls_due(): void
    {
        $record = Make::record([...self::tries('say-count@3', 0, 4, 'fetch-me'), ...self::tries('say-count@3', 1, 4)]);

        self::assertNull(self::find($record, 'say-count@3', 5));
        $due = self::one($record, 'say-count@3', 8);
        self::assertSame(Reason::Due, $due->reason);
        self::assertEqualsWithDelta(1 - 2 ** (-7 / 14), $due->worth->gain(), 1e-9);
        self::assertSame(Reason::Slipped, self::one($record->with(Make::aTry('say-count@3', 3, Outcome::NotYet)), 'say-count@3', 4)->reason);
    }

    /** @return list<RankedStep> */
    private static function rank(ChildRecord $record, int $day): array
    {
        return Ranking::of($record, Make::day($day), 6);
    }

    private static function find(ChildRecord $record, string $step, int $day): ?RankedStep
    {
        foreach (self::rank($record, $day) as $ranked) {
            if ($ranked->step->id === $step) {
                return $ranked;
            }
        }

        return null;
    }

    private static function one(ChildRecord $record, string $step, int $day): RankedStep
    {
        return self::find($record, $step, $day) ?? throw new \LogicException($step.' is not offered.');
    }

    /** @return list<OneTry> */
    private static function tries(string $step, int $day, int $count, string $family = 'pass-it-on'): array
    {
        return array_map(static fn (int $minute): OneTry => Make::aTry($step, $day, family: $family, minute: $minute), range(1, $count));
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Advice\SureSteps;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\HandMark;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;
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
        // p 0.10 is a third of 0.30, so a try brings 0.08 · (1/3)^0.3 = 0.057538; six attempts: 0.9 · (1 − 0.942462^6) = 0.269296.
        $shape = self::one(Make::record([]), 'name-shape@four', 0);

        self::assertEqualsWithDelta(0.269296 + 0.25 * 0.269296, $shape->worth->gain(), 0.000001, 'one step waits for this alone');
        // What is believed by 0.30 and more is in reach: 0.7 · (1 − 0.92^6) = 0.275551.
        $record = ChildRecord::replay(Make::wholeMap(), [], priors: ['name-shape@four' => 0.30]);
        self::assertEqualsWithDelta(0.275551 + 0.25 * 0.269296, self::one($record, 'name-shape@four', 0)->worth->gain(), 0.000001);
    }

    public function test_what_is_nearly_there_says_so(): void
    {
        $attempts = self::attempts('say-count@3', 0, 6);
        $ranked = self::one(Make::record($attempts), 'say-count@3', 2);

        self::assertSame(Reason::AlmostThere, $ranked->reason);
        self::assertSame(['unaided' => 6, 'wanted' => 7], $ranked->values);
    }

    public function test_enough_tries_that_lack_something_else_say_what(): void
    {
        $ranked = self::one(Make::record(self::attempts('say-count@3', 0, 8)), 'say-count@3', 2);

        self::assertSame(Reason::WantsMore, $ranked->reason);
        self::assertSame('days', $ranked->values['clause']);
    }

    public function test_what_was_done_today_or_yesterday_waits(): void
    {
        $record = Make::record(self::attempts('say-count@3', 0, 3));

        self::assertSame(0.3, self::one($record, 'say-count@3', 0)->worth->freshness);
        self::assertSame(0.8, self::one($record, 'say-count@3', 1)->worth->freshness);
        self::assertSame(1.0, self::one($record, 'say-count@3', 2)->worth->freshness);
    }

    public function test_a_strand_left_alone_for_a_week_is_pushed(): void
    {
        $record = Make::record(self::attempts('say-count@3', 0, 3));

        self::assertSame(1.0, self::one($record, 'say-count@3', 6)->worth->push);
        self::assertSame(1.5, self::one($record, 'say-count@3', 7)->worth->push);
        self::assertSame(Reason::LeftAlone, self::one($record, 'say-count@5', 7)->reason, 'the whole strand, not one step');
        self::assertSame(1.0, self::one($record, 'see-at-once@3', 7)->worth->push, 'a strand never touched is new, not neglected');
    }

    public function test_a_step_that_can_be_done_is_offered_again_only_when_it_falls_due(): void
    {
        $record = Make::record([...self::attempts('say-count@3', 0, 4, 'fetch-me'), ...self::attempts('say-count@3', 1, 4)]);

        self::assertNull(self::find($record, 'say-count@3', 5));
        $due = self::one($record, 'say-count@3', 8);
        self::assertSame(Reason::Due, $due->reason);
        // Gone: 1 − 2^(−7/14) = 0.292893, half of it counts. Kept for 90 days: 0.707107 · 2^(−90/30.8) − 2^(−97/14) = 0.085085.
        self::assertEqualsWithDelta(0.231531, $due->worth->gain(), 1e-6);
        $missed = $record->with(Make::anAttempt('say-count@3', 3, Outcome::NotYet));
        self::assertSame([Reason::OneMiss, 0.3], [self::one($missed, 'say-count@3', 4)->reason, self::one($missed, 'say-count@3', 4)->worth->gain()]);
        $again = $missed->with(Make::anAttempt('say-count@3', 3, Outcome::NotYet, minute: 1));
        self::assertSame(Reason::Slipped, self::one($again, 'say-count@3', 4)->reason);
    }

    public function test_why_a_step_can_begin_names_what_is_there_or_says_that_nothing_was_seen(): void
    {
        self::assertSame(Reason::FindingOut, self::one(Make::record([]), 'say-count@3', 0)->reason);
        $there = Make::record([Make::handMark('say-count@3', 0, Mark::CanDo), Make::handMark('touch-count@3', 0, Mark::Nearly)]);
        $begins = self::one($there, 'how-many@3', 1);
        self::assertSame([Reason::Builds, ['on' => 'touch-count@3']], [$begins->reason, $begins->values]);
        $placed = ChildRecord::replay(Make::wholeMap(), [], priors: ['say-count@3' => 0.85, 'touch-count@3' => 0.85]);
        self::assertSame(Reason::FindingOut, self::one($placed, 'how-many@3', 0)->reason, 'believed and never seen');
        $tried = Make::record([Make::anAttempt('touch-count@3', 0, Outcome::WithHelp), Make::handMark('touch-count@5', 1, Mark::CanDo)]);
        $ready = self::one($tried, 'how-many@3', 2);
        self::assertSame([Reason::Ready, ['needs' => 1]], [$ready->reason, $ready->values], 'what it builds on is under something that can be done');
    }

    public function test_of_a_step_with_under_four_tries_little_was_seen(): void
    {
        $after = static fn (int $tries): Reason => self::one(Make::record(array_map(
            static fn (int $minute): Attempt => Make::anAttempt('say-count@3', 0, Outcome::WithHelp, minute: $minute),
            range(1, $tries),
        )), 'say-count@3', 2)->reason;

        self::assertSame(Reason::LittleSeen, $after(3));
        self::assertNotSame(Reason::LittleSeen, $after(4));
    }

    public function test_what_the_parent_pins_is_offered_whatever_it_lacks_and_a_strand_in_focus_is_pushed(): void
    {
        $ranked = Ranking::of(Make::record([]), Make::day(0), 6, ['doubles@10'], ['seeing']);

        self::assertSame([Reason::Pinned, 2.0], [self::among($ranked, 'doubles@10')->reason, self::among($ranked, 'doubles@10')->worth->push]);
        self::assertSame([Reason::InFocus, 2.0], [self::among($ranked, 'see-at-once@3')->reason, self::among($ranked, 'see-at-once@3')->worth->push]);
        self::assertSame(1.0, self::among($ranked, 'say-count@3')->worth->push);
    }

    public function test_a_step_that_is_stuck_casts_doubt_on_its_weakest_need_until_that_is_looked_at(): void
    {
        $needs = [
            Make::handMark('count-out@5', 0, Mark::CanDo),
            Make::handMark('how-many@5', 0, Mark::CanDo),
            Make::handMark('see-at-once@3', 0, Mark::Nearly),
        ];
        $misses = array_map(static fn (int $minute): Attempt => Make::anAttempt('split-small@3', 1, Outcome::NotYet, minute: $minute), range(1, 8));
        $record = Make::record([...$needs, ...$misses, Make::handMark('how-many@3', 2, Mark::CanDo)]);

        self::assertNull(self::find($record, 'split-small@3', 3), 'it waits');
        self::assertSame(
            [Reason::Doubted, ['stuck' => 'split-small@3']],
            [self::one($record, 'see-at-once@3', 3)->reason, self::one($record, 'see-at-once@3', 3)->values],
        );
        self::assertNotNull(self::find($record->with(Make::anAttempt('see-at-once@3', 4)), 'split-small@3', 6), 'and comes back once that was looked at');
    }

    public function test_what_is_right_and_not_yet_quick_is_met_again_only_when_it_may_have_faded(): void
    {
        $on = static fn (int $day, string $activity): array => array_map(
            static fn (int $minute): Attempt => Make::anAttempt('see-at-once@3', $day, activity: $activity, form: Form::Pictures, minute: $minute),
            range(1, 4),
        );
        $attempts = [...$on(0, 'fetch-me'), ...$on(1, 'pass-it-on')];
        $record = Make::record($attempts);

        self::assertSame(Mark::Nearly, $record->mark('see-at-once@3'));
        self::assertNull(self::find($record, 'see-at-once@3', 2), 'nobody is drilled for speed');
        self::assertSame(Reason::Due, self::find($record, 'see-at-once@3', 40)?->reason);
        self::assertNotNull(self::find(Make::record(\array_slice($attempts, 1, 6)), 'see-at-once@3', 2), 'the rest of the rule still wants something');
    }

    public function test_what_something_that_can_be_done_stands_on_asks_for_no_sitting(): void
    {
        $record = Make::record([
            ...self::attempts('say-count@10', 0, 4, 'fetch-me'),
            ...self::attempts('say-count@10', 1, 4),
        ]);

        self::assertSame(Mark::CanDo, $record->mark('say-count@10'));
        self::assertNull(self::find($record, 'say-count@3', 2));
        self::assertNotNull(self::find($record, 'say-count@20', 2), 'what it opens is there');
    }

    public function test_a_need_in_doubt_is_believed_by_half_at_most_whatever_was_said_of_it(): void
    {
        $stuck = static fn (float $p): RankedStep => self::doubting($p);
        $learns = static fn (float $p): float => (1 - $p) * (1 - 0.92 ** 6);

        self::assertEqualsWithDelta($learns(0.5), $stuck(0.85)->worth->learning, 1e-9);
        self::assertEqualsWithDelta($learns(0.3), $stuck(0.3)->worth->learning, 1e-9, 'less stays less');
    }

    public function test_the_weakest_of_several_needs_is_doubted_and_not_one_that_is_secure(): void
    {
        $misses = array_map(static fn (int $minute): Attempt => Make::anAttempt('split-small@5', 1, Outcome::NotYet, minute: $minute), range(1, 8));
        $needs = Make::wholeMap()->step('split-small@5')->needs;
        $record = Make::record([
            ...array_map(
                static fn (string $need): HandMark => Make::handMark($need, 0, $need === $needs[0] ? Mark::Nearly : Mark::CanDo),
                Make::wholeMap()->ancestors('split-small@5'),
            ),
            ...$misses,
        ]);

        self::assertGreaterThan(1, \count($needs));
        self::assertSame(
            [$needs[0]],
            array_map(
                static fn (RankedStep $one): string => $one->step->id,
                array_values(array_filter(self::rank($record, 3), static fn (RankedStep $one): bool => Reason::Doubted === $one->reason)),
            ),
        );
    }

    public function test_a_warm_up_takes_what_has_faded_most_of_what_was_tried_and_the_end_what_went_well(): void
    {
        $record = Make::record([
            ...self::attempts('say-count@3', 0, 2),
            ...self::attempts('count-back@5', 3, 2),
            ...self::attempts('count-from@5', 4, 2),
            Make::handMark('count-in@tens', 0, Mark::CanDo),
        ]);
        $steps = array_map($record->map->step(...), ['say-count@3', 'count-back@5', 'count-from@5', 'count-in@tens', 'say-count@100']);

        self::assertSame('count-back@5', SureSteps::first($record, \array_slice($steps, 1), Make::day(5))?->id);
        self::assertSame('count-back@5', SureSteps::last($record, $steps, Make::day(5))?->id, 'what is under it was kept fresh by it');
        self::assertNull(SureSteps::first($record, [$steps[3], $steps[4]], Make::day(5)), 'what nobody ever asked is no warm-up');
        $missed = $record->with(Make::anAttempt('count-back@5', 5, Outcome::NotYet));
        self::assertNotSame('count-back@5', SureSteps::last($missed, \array_slice($steps, 1, 2), Make::day(5))?->id, 'it ends on what is likely to go well');
    }

    /** A need believed so much, with a step that is stuck on it. */
    private static function doubting(float $p): RankedStep
    {
        $misses = array_map(static fn (int $minute): Attempt => Make::anAttempt('split-small@3', 1, Outcome::NotYet, minute: $minute), range(1, 8));
        $record = Make::record([Make::handMark('count-out@5', 0, Mark::CanDo), Make::handMark('how-many@3', 2, Mark::CanDo), ...$misses]);
        $states = ['see-at-once@3' => $record->state('see-at-once@3')->withBelief($p)] + $record->states();

        return self::one(ChildRecord::kept(Make::wholeMap(), new Settings(), $states, $record->lastSittings), 'see-at-once@3', 3);
    }

    /** @param list<RankedStep> $ranked */
    private static function among(array $ranked, string $step): RankedStep
    {
        foreach ($ranked as $one) {
            if ($one->step->id === $step) {
                return $one;
            }
        }
        throw new \LogicException($step.' is not offered.');
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

    /** @return list<Attempt> */
    private static function attempts(string $step, int $day, int $count, string $activity = 'pass-it-on'): array
    {
        return array_map(static fn (int $minute): Attempt => Make::anAttempt($step, $day, activity: $activity, minute: $minute), range(1, $count));
    }
}

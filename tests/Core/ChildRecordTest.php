<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Child\CanDoRule;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Clause;
use Pindle\Core\Evidence\ClauseKind;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Evidence\TakenAsKnown;
use Pindle\Core\Evidence\Tracing;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

final class ChildRecordTest extends TestCase
{
    private const STEP = 'say-count@5';

    public function test_a_step_is_not_met_then_begun_then_nearly(): void
    {
        self::assertSame(Mark::NotMet, Make::record([])->mark(self::STEP));
        self::assertSame(Mark::Begun, Make::record([Make::anAttempt(self::STEP, 0)])->mark(self::STEP));
        self::assertSame(Mark::Nearly, Make::record(self::goodTries(2, 0))->mark(self::STEP));
    }

    public function test_a_step_is_not_can_do_before_a_second_day(): void
    {
        self::assertSame(Mark::Nearly, Make::record(self::goodTries(8, 0))->mark(self::STEP));
        self::assertSame(Mark::CanDo, Make::record(self::canDo())->mark(self::STEP));
    }

    public function test_two_looks_less_than_18_hours_apart_are_one_day(): void
    {
        // 9:00 on one day and 1:00 the next: two dates, sixteen hours.
        $attempts = [...self::goodTries(4, 0), ...array_map(static fn (Attempt $attempt): Attempt => self::earlier($attempt), self::goodTries(4, 1))];

        self::assertSame(Mark::Nearly, Make::record($attempts)->mark(self::STEP));
    }

    public function test_can_do_wants_variety_and_open_answers(): void
    {
        $sameEverything = [...self::goodTries(4, 0, 'fetch-me'), ...self::goodTries(4, 1, 'fetch-me')];
        $closed = array_map(
            static fn (Attempt $attempt): Attempt => Make::anAttempt(
                self::STEP,
                $attempt->day->dayNumber - Make::day(0)->dayNumber,
                Outcome::AtOnce,
                2,
                activity: $attempt->activityId,
            ),
            self::canDo(),
        );

        self::assertSame([ClauseKind::Activities], self::missing(Make::record($sameEverything)));
        self::assertContains(ClauseKind::Open, self::missing(Make::record($closed)));
    }

    public function test_what_can_be_done_is_worth_a_look_when_memory_fades_and_one_success_takes_the_flag_away(): void
    {
        $record = Make::record(self::canDo());

        self::assertSame([false, true], [$record->isWorthALook(self::STEP, Make::day(5)), $record->isWorthALook(self::STEP, Make::day(6))]);
        self::assertSame([null, 0.22], [$record->faded(self::STEP, Make::day(5)), round($record->faded(self::STEP, Make::day(6)) ?? 0.0, 2)]);
        self::assertEquals(Make::day(6), $record->nextLook(self::STEP));
        self::assertSame(Mark::CanDo, $record->mark(self::STEP), 'the mark stays all the while');
        self::assertFalse($record->with(Make::anAttempt(self::STEP, 6))->isWorthALook(self::STEP, Make::day(6)));
    }

    public function test_one_miss_is_no_flag_and_brings_a_look_within_three_days(): void
    {
        $once = Make::record(self::canDo())->with(Make::anAttempt(self::STEP, 2, Outcome::NotYet));

        self::assertSame(Mark::CanDo, $once->mark(self::STEP));
        self::assertTrue($once->state(self::STEP)->hasOneMiss());
        self::assertFalse($once->isWorthALook(self::STEP, Make::day(2)));
        self::assertSame(ChildRecord::GONE_AFTER_MISS, $once->faded(self::STEP, Make::day(2)));
        self::assertEquals(Make::day(4), $once->nextLook(self::STEP), '14 / 2.5 = 5.6 days: the second of them comes before the third');
        self::assertEquals(
            Make::day(5),
            Make::record(self::canDo())->with(Make::anAttempt(self::STEP, 2, Outcome::WithHelp))->nextLook(self::STEP),
            'a half-life of 14 wants a look on the fifth day, a miss on the third',
        );
        $back = $once->with(Make::anAttempt(self::STEP, 3));
        self::assertSame([false, null], [$back->state(self::STEP)->hasOneMiss(), $back->faded(self::STEP, Make::day(3))]);
    }

    public function test_a_second_of_three_is_worth_a_look_and_a_third_of_four_sends_it_back(): void
    {
        $with = static fn (Outcome ...$outcomes): ChildRecord => array_reduce(
            array_keys($outcomes),
            static fn (ChildRecord $record, int|string $i): ChildRecord => $record->with(Make::anAttempt(self::STEP, 2, $outcomes[$i], minute: (int) $i)),
            Make::record(self::canDo()),
        );
        [$yes, $no, $help] = [Outcome::WorkedItOut, Outcome::NotYet, Outcome::WithHelp];

        self::assertTrue($with($no, $help)->isWorthALook(self::STEP, Make::day(2)));
        self::assertTrue($with($no, $yes, $no)->isWorthALook(self::STEP, Make::day(2)));
        self::assertFalse($with($no, $yes, $yes, $no)->isWorthALook(self::STEP, Make::day(2)), 'one of the last three');
        self::assertFalse($with($no, $help, $yes)->isWorthALook(self::STEP, Make::day(2)), 'one success takes it away');
        self::assertSame(Mark::CanDo, $with($no, $help)->mark(self::STEP));
        self::assertSame(Mark::Begun, $with($no, $help, $no)->mark(self::STEP), 'three running');
        self::assertSame(Mark::Begun, $with($no, $yes, $no, $help)->mark(self::STEP), 'three of four');
        self::assertSame(Mark::CanDo, $with($no, $yes, $yes, $no, $help)->mark(self::STEP));
    }

    public function test_the_month_it_became_can_do_is_kept_until_it_is_lost(): void
    {
        $canDo = Make::record(self::canDo());

        self::assertEquals(Make::day(1), $canDo->state(self::STEP)->standing->canDoSince);
        self::assertEquals(Make::day(1), $canDo->with(Make::anAttempt(self::STEP, 8))->state(self::STEP)->standing->canDoSince);
    }

    public function test_all_that_can_do_stands_on_is_taken_as_known_until_it_has_a_miss_of_its_own(): void
    {
        $record = Make::record([Make::anAttempt('say-count@3', 0, Outcome::NotYet), ...self::like('say-count@10', 10)]);

        self::assertSame([Mark::Begun, true], [$record->mark('say-count@3'), TakenAsKnown::is('say-count@3', $record)], 'far below, with a miss from before');
        self::assertSame([Mark::NotMet, true], [$record->mark('say-count@5'), TakenAsKnown::is('say-count@5', $record)]);
        self::assertTrue($record->servesAsNeed('say-count@3'));
        self::assertArrayHasKey('say-count@3', TakenAsKnown::all($record));
        $missed = $record->with(Make::anAttempt('say-count@3', 12, Outcome::NotYet));
        self::assertFalse(TakenAsKnown::is('say-count@3', $missed));
        self::assertArrayNotHasKey('say-count@3', TakenAsKnown::all($missed));
        $sameDay = $record->with(Make::anAttempt('say-count@3', 11, Outcome::NotYet));
        self::assertTrue(TakenAsKnown::is('say-count@3', $sameDay), 'on the day itself it is not since');
        self::assertFalse(TakenAsKnown::is('say-count@10', $record), 'Can do keeps its own');
        self::assertFalse(TakenAsKnown::is('say-count@20', $record), 'nothing stands on it');
    }

    public function test_a_mark_set_by_hand_alone_takes_nothing_below_as_known(): void
    {
        $set = [Make::handMark('say-count@10', 0, Mark::CanDo)];

        self::assertFalse(TakenAsKnown::is('say-count@5', Make::record($set)), 'nobody ever asked either of them');
        self::assertTrue(TakenAsKnown::is('say-count@5', Make::record([...$set, Make::anAttempt('say-count@5', -1, Outcome::WithHelp)])));
    }

    public function test_a_child_who_forgets_fast_is_looked_at_sooner_and_only_by_one_sum(): void
    {
        $record = Make::record(self::canDo());
        $usual = $record->nextLook(self::STEP);
        $forgets = Make::record([
            ...self::canDo(),
            ...self::like('count-moves@3', 0),
            Make::anAttempt('count-moves@3', 2, Outcome::NotYet),
            Make::anAttempt('count-moves@3', 4, Outcome::NotYet),
        ]);

        self::assertSame([2, 2], [$forgets->looks->count, $forgets->looks->missed]);
        self::assertEquals(
            [$record->state(self::STEP)->p, $record->state(self::STEP)->memory],
            [$forgets->state(self::STEP)->p, $forgets->state(self::STEP)->memory],
            'nothing is folded into another step',
        );
        self::assertTrue($usual?->isAfter($forgets->nextLook(self::STEP) ?? Make::day(99)));
    }

    public function test_harder_work_keeps_easier_work_fresh(): void
    {
        $record = Make::record(self::canDo())->with(Make::anAttempt('touch-count@5', 5));

        self::assertTrue(Make::record(self::canDo())->isWorthALook(self::STEP, Make::day(9)));
        self::assertFalse($record->isWorthALook(self::STEP, Make::day(9)));
        self::assertSame(Make::record(self::canDo())->state(self::STEP)->memory->halfLife, $record->state(self::STEP)->memory->halfLife);
    }

    public function test_a_step_is_carried_while_its_own_higher_reach_is_can_do(): void
    {
        $later = array_map(
            static fn (Attempt $attempt): Attempt => Make::anAttempt(
                'say-count@10',
                17 + $attempt->day->dayNumber - Make::day(0)->dayNumber,
                activity: $attempt->activityId,
            ),
            self::canDo(),
        );
        $record = Make::record([...self::canDo(), ...$later]);

        self::assertFalse($record->isWorthALook(self::STEP, Make::day(40)));
        self::assertNull($record->nextLook(self::STEP));
    }

    public function test_success_on_harder_work_implies_what_it_directly_needs_but_never_makes_it_can_do(): void
    {
        $record = Make::record([Make::anAttempt('touch-count@5', 0, Outcome::AtOnce), Make::anAttempt('touch-count@5', 0, Outcome::AtOnce, minute: 1)]);

        self::assertTrue($record->state('say-count@5')->isImplied());
        self::assertSame(Mark::NotMet, $record->mark('say-count@5'));
        self::assertLessThanOrEqual(Tracing::IMPLIED_MOST, $record->state('say-count@5')->p);
        self::assertTrue($record->servesAsNeed('say-count@5'));
        self::assertNull($record->state('say-count@5')->memory->halfLife);
    }

    public function test_a_slip_is_soft_evidence_about_the_earlier_skill(): void
    {
        $attempts = [Make::anAttempt('how-many@5', 0), Make::anAttempt('how-many@5', 0, minute: 1)];
        $before = Make::record($attempts)->state('touch-count@5')->p;
        $after = Make::record([...$attempts, Make::anAttempt('how-many@5', 0, Outcome::NotYet, slip: Slip::CountsFaster, minute: 2)])->state('touch-count@5');

        self::assertEqualsWithDelta(Tracing::slipped($before, 0.05), $after->p, 1e-12);
        self::assertLessThan($before, $after->p);
        self::assertSame(0, $after->window->count);
    }

    public function test_help_fades_with_success_and_returns_with_not_yet(): void
    {
        $help = static fn (array $outcomes): ?Help => array_reduce(
            $outcomes,
            static fn (ChildRecord $record, Outcome $outcome): ChildRecord => $record->with(Make::anAttempt(
                self::STEP,
                0,
                $outcome,
                help: $record->state(self::STEP)->ladder->help ?? Help::Shown,
            )),
            Make::record([]),
        )->state(self::STEP)->ladder->help;

        self::assertSame(Help::PartDone, $help([Outcome::AtOnce]));
        self::assertSame(Help::Bare, $help([Outcome::AtOnce, Outcome::WorkedItOut]));
        self::assertSame(Help::PartDone, $help([Outcome::AtOnce, Outcome::AtOnce, Outcome::NotYet]));
        self::assertSame(Help::PartDone, $help([Outcome::AtOnce, Outcome::WithHelp]));
    }

    public function test_replay_gives_the_same_record_in_whatever_order_the_tries_arrive(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(11));
        $outcomes = Outcome::cases();
        $steps = ['say-count@5', 'touch-count@5', 'how-many@5', 'count-out@5'];
        $attempts = [];
        for ($i = 0; $i < 60; ++$i) {
            $attempts[] = Make::anAttempt($steps[$random->getInt(0, 3)], intdiv($i, 6), $outcomes[$random->getInt(0, 3)], minute: $i % 6);
        }
        $inOrder = Make::record($attempts);

        self::assertEquals($inOrder->states(), Make::record($random->shuffleArray($attempts))->states());
        self::assertEquals(Make::record(\array_slice($attempts, 0, 59))->with($attempts[59])->states(), $inOrder->states());
    }

    public function test_taking_a_try_back_equals_never_having_had_it(): void
    {
        $attempts = self::canDo();
        $extra = Make::anAttempt(self::STEP, 1, Outcome::NotYet, minute: 50);

        self::assertEquals(
            Make::record($attempts)->states(),
            Make::record(array_values(array_filter([...$attempts, $extra], static fn (Attempt $attempt): bool => $attempt !== $extra)))->states(),
        );
    }

    /** @return list<Attempt> eight good tries on two days by two activities: Can do by the usual rule */
    private static function canDo(): array
    {
        return [...self::goodTries(4, 0, 'fetch-me'), ...self::goodTries(4, 1, 'pass-it-on')];
    }

    /** @return list<Attempt> */
    private static function goodTries(int $count, int $day, string $activity = 'fetch-me'): array
    {
        return array_map(static fn (int $minute): Attempt => Make::anAttempt(self::STEP, $day, activity: $activity, minute: $minute), range(1, $count));
    }

    /** @return list<Attempt> the same of another step that is said, from a day on */
    private static function like(string $step, int $day): array
    {
        return array_map(static fn (Attempt $attempt): Attempt => Make::anAttempt(
            $step,
            $day + Make::day(0)->daysUntil($attempt->day),
            activity: $attempt->activityId,
            minute: (int) $attempt->at->format('i'),
        ), self::canDo());
    }

    private static function earlier(Attempt $attempt): Attempt
    {
        return new Attempt(
            $attempt->id,
            $attempt->stepId,
            $attempt->sittingId,
            'pass-it-on',
            $attempt->form,
            $attempt->help,
            $attempt->thingIds,
            $attempt->question,
            $attempt->choices,
            $attempt->outcome,
            null,
            null,
            $attempt->at->modify('-8 hours'),
            $attempt->day,
            $attempt->deviceId,
        );
    }

    /** @return list<ClauseKind> */
    private static function missing(ChildRecord $record): array
    {
        $clauses = array_filter(
            CanDoClauses::of(CanDoRule::Usual, $record->map->step(self::STEP), $record->state(self::STEP)),
            static fn (Clause $clause): bool => !$clause->met,
        );

        return array_values(array_map(static fn (Clause $clause): ClauseKind => $clause->kind, $clauses));
    }
}

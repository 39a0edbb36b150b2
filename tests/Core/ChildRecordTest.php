<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Child\SecureRule;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Clause;
use Pindle\Core\Evidence\ClauseKind;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\SecureClauses;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Evidence\Tracing;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

final class ChildRecordTest extends TestCase
{
    private const STEP = 'say-count@5';

    public function test_a_step_is_new_then_trying_then_steady(): void
    {
        self::assertSame(Mark::Fresh, Make::record([])->mark(self::STEP, Make::day(0)));
        self::assertSame(Mark::Trying, Make::record([Make::anAttempt(self::STEP, 0)])->mark(self::STEP, Make::day(0)));
        self::assertSame(Mark::Steady, Make::record(self::goodTries(2, 0))->mark(self::STEP, Make::day(0)));
    }

    public function test_a_step_is_not_secure_before_a_second_day(): void
    {
        self::assertSame(Mark::Steady, Make::record(self::goodTries(8, 0))->mark(self::STEP, Make::day(0)));
        self::assertSame(Mark::Secure, Make::record(self::secure())->mark(self::STEP, Make::day(1)));
    }

    public function test_two_looks_less_than_18_hours_apart_are_one_day(): void
    {
        // 9:00 on one day and 1:00 the next: two dates, sixteen hours.
        $attempts = [...self::goodTries(4, 0), ...array_map(static fn (Attempt $attempt): Attempt => self::earlier($attempt), self::goodTries(4, 1))];

        self::assertSame(Mark::Steady, Make::record($attempts)->mark(self::STEP, Make::day(1)));
    }

    public function test_secure_wants_variety_and_open_answers(): void
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
            self::secure(),
        );

        self::assertSame([ClauseKind::Activities], self::missing(Make::record($sameEverything)));
        self::assertContains(ClauseKind::Open, self::missing(Make::record($closed)));
    }

    public function test_a_secure_step_wants_another_look_when_memory_fades_and_one_success_brings_it_back(): void
    {
        $record = Make::record(self::secure());

        self::assertSame(Mark::Secure, $record->mark(self::STEP, Make::day(5)));
        self::assertSame(Mark::LookAgain, $record->mark(self::STEP, Make::day(6)));
        self::assertEquals(Make::day(6), $record->nextLook(self::STEP, Make::day(1)));
        self::assertSame(Mark::Secure, $record->with(Make::anAttempt(self::STEP, 6))->mark(self::STEP, Make::day(6)));
    }

    public function test_one_miss_means_look_again_and_a_second_one_loses_the_mark(): void
    {
        $once = Make::record(self::secure())->with(Make::anAttempt(self::STEP, 2, Outcome::NotYet));
        $twice = $once->with(Make::anAttempt(self::STEP, 2, Outcome::WithHelp, minute: 1));

        self::assertSame(Mark::LookAgain, $once->mark(self::STEP, Make::day(2)));
        self::assertSame(Mark::Trying, $twice->mark(self::STEP, Make::day(2)));
    }

    public function test_harder_work_keeps_easier_work_fresh(): void
    {
        $record = Make::record(self::secure())->with(Make::anAttempt('touch-count@5', 5));

        self::assertSame(Mark::LookAgain, Make::record(self::secure())->mark(self::STEP, Make::day(9)));
        self::assertSame(Mark::Secure, $record->mark(self::STEP, Make::day(9)));
        self::assertSame(Make::record(self::secure())->state(self::STEP)->memory->halfLife, $record->state(self::STEP)->memory->halfLife);
    }

    public function test_a_step_is_carried_while_its_own_higher_reach_is_secure(): void
    {
        $later = array_map(
            static fn (Attempt $attempt): Attempt => Make::anAttempt(
                'say-count@10',
                17 + $attempt->day->dayNumber - Make::day(0)->dayNumber,
                activity: $attempt->activityId,
            ),
            self::secure(),
        );
        $record = Make::record([...self::secure(), ...$later]);

        self::assertSame(Mark::Secure, $record->mark(self::STEP, Make::day(19)));
        self::assertNull($record->nextLook(self::STEP, Make::day(19)));
    }

    public function test_success_on_harder_work_implies_what_it_directly_needs_but_never_makes_it_secure(): void
    {
        $record = Make::record([Make::anAttempt('touch-count@5', 0, Outcome::AtOnce), Make::anAttempt('touch-count@5', 0, Outcome::AtOnce, minute: 1)]);

        self::assertTrue($record->state('say-count@5')->isImplied());
        self::assertSame(Mark::Fresh, $record->mark('say-count@5', Make::day(0)));
        self::assertLessThanOrEqual(Tracing::IMPLIED_MOST, $record->state('say-count@5')->p);
        self::assertTrue($record->servesAsNeed('say-count@5', Make::day(0)));
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
        $attempts = self::secure();
        $extra = Make::anAttempt(self::STEP, 1, Outcome::NotYet, minute: 50);

        self::assertEquals(
            Make::record($attempts)->states(),
            Make::record(array_values(array_filter([...$attempts, $extra], static fn (Attempt $attempt): bool => $attempt !== $extra)))->states(),
        );
    }

    /** @return list<Attempt> eight good tries on two days by two activities: secure by the usual rule */
    private static function secure(): array
    {
        return [...self::goodTries(4, 0, 'fetch-me'), ...self::goodTries(4, 1, 'pass-it-on')];
    }

    /** @return list<Attempt> */
    private static function goodTries(int $count, int $day, string $activity = 'fetch-me'): array
    {
        return array_map(static fn (int $minute): Attempt => Make::anAttempt(self::STEP, $day, activity: $activity, minute: $minute), range(1, $count));
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
            SecureClauses::of(SecureRule::Usual, $record->map->step(self::STEP), $record->state(self::STEP)),
            static fn (Clause $clause): bool => !$clause->met,
        );

        return array_values(array_map(static fn (Clause $clause): ClauseKind => $clause->kind, $clauses));
    }
}

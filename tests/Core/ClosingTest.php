<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\InvalidEvidence;
use Pindle\Core\Evidence\Looks;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\RestsOn;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;
use Pindle\Tests\Make;

/** What counts when nobody taps: closing marks, tallies, and the check they lead to. */
final class ClosingTest extends TestCase
{
    private const STEP = 'say-count@5';
    private const QUICK = 'see-at-once@3';

    #[TestWith([8, 8, ClosingMark::AllAlone])]
    #[TestWith([7, 8, ClosingMark::AllAlone])]
    #[TestWith([6, 7, ClosingMark::MostlyAlone])]
    #[TestWith([6, 8, ClosingMark::MostlyAlone])]
    #[TestWith([4, 8, ClosingMark::MostlyAlone])]
    #[TestWith([3, 7, ClosingMark::MostlyWithMe])]
    #[TestWith([1, 8, ClosingMark::MostlyWithMe])]
    #[TestWith([0, 8, ClosingMark::NotYet])]
    #[TestWith([1, 9, ClosingMark::NotYet])]
    public function test_a_tally_is_read_as_the_nearest_mark(int $alone, int $of, ClosingMark $mark): void
    {
        self::assertSame($mark, ClosingMark::ofTally($alone, $of));
    }

    #[TestWith([9, 8])]
    #[TestWith([-1, 8])]
    #[TestWith([0, 0])]
    public function test_no_more_can_be_done_alone_than_there_were(int $alone, int $of): void
    {
        $this->expectException(InvalidEvidence::class);
        ClosingMark::ofTally($alone, $of);
    }

    public function test_it_fills_at_most_two_places_and_none_for_more_questions_than_it_speaks_of(): void
    {
        $places = static fn (ClosingMark $mark, int $covers): int => \count(self::state(Make::closing(self::STEP, 0, $mark, $covers))->window->places);

        self::assertSame([2, 1, 1, 1], array_map(static fn (ClosingMark $mark): int => $places($mark, 6), ClosingMark::cases()));
        self::assertSame([1, 0], [$places(ClosingMark::AllAlone, 1), $places(ClosingMark::AllAlone, 0)]);
        $this->expectException(InvalidEvidence::class);
        Make::closing(self::STEP, 0, covers: -1);
    }

    public function test_its_places_are_never_open_at_once_or_in_a_form(): void
    {
        $place = self::state(Make::closing(self::QUICK, 0, form: Form::Pictures))->window->last();

        self::assertNotNull($place);
        self::assertSame([true, false, false, null, true], [$place->isUnaided, $place->isOpen, $place->isAtOnce, $place->form, $place->isClosing]);
        self::assertFalse(self::state(Make::closing(self::STEP, 0, ClosingMark::MostlyWithMe))->window->endsWell());
    }

    /**
     * Two in five by luck: LR of a success 0.92 / 0.40 = 2.3, of a miss 0.08 / 0.60 = 0.133333; each to the power 0.3 a success. Odds of 0.10 are 1/9.
     * All alone: 2.3^0.9 = 2.11619, odds 0.235132, p 0.190370; three successes teach: 1 − 0.809630 · 0.92^3 = 0.369551.
     * Mostly alone: 2.3^0.45 = 1.45471, odds 0.161635, p 0.139144; 1 − 0.860856 · 0.92^1.5 = 0.240352.
     * Mostly with me: 2.3^0.15 = 1.13308, odds 0.125897, p 0.111820; 1 − 0.888180 · 0.92^0.5 = 0.148088.
     * Not yet: 0.133333^0.3 = 0.546363, odds 0.0607070, p 0.0572326, and nothing is learnt.
     */
    public function test_a_belief_moves_less_than_by_as_many_tries(): void
    {
        $after = static fn (ClosingMark $mark, int $covers = 6): float => self::state(Make::closing(self::STEP, 0, $mark, $covers))->p;

        self::assertEqualsWithDelta(0.369551, $after(ClosingMark::AllAlone), 2e-5);
        self::assertEqualsWithDelta(0.240352, $after(ClosingMark::MostlyAlone), 2e-5);
        self::assertEqualsWithDelta(0.148088, $after(ClosingMark::MostlyWithMe), 2e-5);
        self::assertEqualsWithDelta(0.0572326, $after(ClosingMark::NotYet), 2e-5);
        self::assertSame(Tracing::PRIOR, $after(ClosingMark::AllAlone, 0), 'it speaks of no question');
        self::assertLessThan($after(ClosingMark::AllAlone, 3), $after(ClosingMark::AllAlone, 2), 'two questions are two successes at most');
        self::assertSame($after(ClosingMark::AllAlone, 3), $after(ClosingMark::AllAlone, 9));
    }

    public function test_it_moves_help_memory_and_the_mark(): void
    {
        self::assertSame(
            [Help::Bare, Help::Bare, null, Help::PartDone],
            array_map(static fn (ClosingMark $mark): ?Help => self::state(Make::closing(self::STEP, 0, $mark))->ladder->help, ClosingMark::cases()),
        );
        self::assertSame(4.0, self::state(Make::closing(self::STEP, 0))->memory->halfLife);
        self::assertNull(self::state(Make::closing(self::STEP, 0, ClosingMark::NotYet))->memory->halfLife);
        self::assertSame(Mark::Begun, self::state(Make::closing(self::STEP, 0, ClosingMark::NotYet))->mark());
        self::assertSame(Mark::Begun, self::state(Make::closing(self::STEP, 0, covers: 0))->mark(), 'something was done with it');
        $allAlone = array_map(static fn (int $day): Closing => Make::closing(self::STEP, $day), range(0, 2));
        self::assertSame(Mark::Begun, self::state(...\array_slice($allAlone, 0, 2))->mark());
        self::assertSame(Mark::Nearly, self::state(...$allAlone)->mark(), 'on the third day');
        self::assertSame(Help::Bare, self::state(Make::closing(self::STEP, 0, covers: 0))->ladder->help, 'next time without help');
        self::assertEquals(new RestsOn(closings: 2), self::state(Make::closing(self::STEP, 0), Make::closing(self::STEP, 1))->restsOn);
    }

    public function test_closings_alone_never_make_can_do_and_on_three_days_with_two_things_they_ask_for_a_check(): void
    {
        $weeks = array_map(static fn (int $day): Closing => Make::closing(self::STEP, $day, activity: 'activity-'.$day % 2), range(0, 20));
        self::assertSame(Mark::Nearly, self::state(...$weeks)->mark());

        $due = static fn (Closing ...$closings): bool => CanDoClauses::isCheckDue(self::step(self::STEP), self::state(...$closings));
        self::assertTrue($due(...\array_slice($weeks, 0, 3)));
        self::assertFalse($due(...\array_slice($weeks, 0, 2)), 'two days');
        self::assertFalse($due(Make::closing(self::STEP, 0), Make::closing(self::STEP, 1), Make::closing(self::STEP, 2)), 'one activity, one thing');
        self::assertTrue($due(Make::closing(self::STEP, 0), Make::closing(self::STEP, 1, things: ['lids']), Make::closing(self::STEP, 2)));
        $between = static fn (ClosingMark $mark): Closing => Make::closing(self::STEP, 1, $mark, activity: 'other');
        self::assertFalse($due(Make::closing(self::STEP, 0), $between(ClosingMark::MostlyWithMe), Make::closing(self::STEP, 2)));
        self::assertTrue($due(Make::closing(self::STEP, 0), $between(ClosingMark::MostlyAlone), Make::closing(self::STEP, 2)));
    }

    public function test_where_there_is_one_way_to_meet_a_step_no_other_is_asked_for(): void
    {
        $step = self::step(self::STEP);
        $only = new Step($step->skill, $step->reach, $step->needs, $step->forms, $step->before, varies: false);
        $state = self::state(Make::closing(self::STEP, 0), Make::closing(self::STEP, 1), Make::closing(self::STEP, 2));

        self::assertTrue(CanDoClauses::isCheckDue($only, $state));
    }

    public function test_three_open_questions_without_help_settle_it(): void
    {
        self::assertSame(Mark::CanDo, self::checked(self::STEP)->mark());
        self::assertSame(Mark::Nearly, self::checked(self::STEP, count: 2)->mark());
        self::assertNotSame(Mark::CanDo, self::checked(self::STEP, Outcome::WithHelp)->mark());
        self::assertFalse(CanDoClauses::isCheckDue(self::step(self::STEP), self::checked(self::STEP, Outcome::WithHelp)), 'it has to be earned anew');
        self::assertSame(3, self::checked(self::STEP)->restsOn->checks);
        self::assertEquals(Make::day(3), self::checked(self::STEP)->standing->canDoSince);
    }

    public function test_a_check_is_in_the_last_form_and_for_a_quick_step_mostly_at_once(): void
    {
        $form = self::step(self::QUICK)->lastForm();
        $quick = static fn (int $atOnce, ?Form $in): Mark => self::state(...array_map(
            static fn (int $i): Attempt => self::ofCheck(self::QUICK, $i < $atOnce ? Outcome::AtOnce : Outcome::WorkedItOut, $i, $in),
            [0, 1, 2],
        ))->mark();

        self::assertSame(Mark::CanDo, $quick(2, $form));
        self::assertNotSame(Mark::CanDo, $quick(1, $form));
        self::assertNotSame(Mark::CanDo, $quick(3, Form::Things));
        $apart = array_map(static fn (int $day): Attempt => Make::anAttempt(self::STEP, $day, purpose: Purpose::Check), [0, 1, 2]);
        self::assertNotSame(Mark::CanDo, self::state(...$apart)->mark(), 'three questions of one sitting');
        $ordinary = array_map(static fn (int $i): Attempt => Make::anAttempt(self::STEP, 0, minute: $i), [0, 1, 2]);
        self::assertNotSame(Mark::CanDo, self::state(...$ordinary)->mark());
    }

    public function test_a_check_that_is_due_is_worth_a_sitting_and_says_why(): void
    {
        $record = Make::record(array_map(static fn (int $day): Closing => Make::closing('say-count@3', $day, activity: 'activity-'.$day % 2), [0, 1, 2]));
        $ranked = array_values(array_filter(Ranking::of($record, Make::day(4), 6), static fn (RankedStep $one): bool => 'say-count@3' === $one->step->id));

        self::assertSame([Reason::CheckDue, ['days' => 3]], [$ranked[0]->reason, $ranked[0]->values]);
    }

    public function test_what_can_be_done_is_lost_by_closings_as_by_tries(): void
    {
        $then = static fn (ClosingMark ...$marks): Mark => self::state(
            ...array_map(static fn (int $i): Attempt => self::ofCheck(self::STEP, Outcome::AtOnce, $i), [0, 1, 2]),
            ...array_map(static fn (ClosingMark $mark, int $i): Closing => Make::closing(self::STEP, 4 + $i, $mark), $marks, array_keys(array_values($marks))),
        )->mark();

        self::assertSame(Mark::CanDo, $then(ClosingMark::NotYet, ClosingMark::MostlyWithMe));
        self::assertSame(Mark::Begun, $then(ClosingMark::NotYet, ClosingMark::MostlyWithMe, ClosingMark::NotYet));
    }

    /** BELIEVED 2; a slip of 0.08 a look is no forgetting. */
    public function test_how_fast_a_child_forgets_follows_from_all_looks(): void
    {
        self::assertSame(1.0, (new Looks())->speed());
        self::assertEqualsWithDelta((2 + 3 - 0.4) / (2 + 1.5), (new Looks(5, 3, 1500))->speed(), 1e-12);
        self::assertEqualsWithDelta(2 / 3.5, (new Looks(5, 0, 1500))->speed(), 1e-12);
        self::assertSame([0.5, 4.0], [(new Looks(40, 0, 12000))->speed(), (new Looks(40, 40, 100))->speed()]);
        // ln 2 · 5 / 14 = 0.247553
        self::assertEquals(new Looks(1, 1, 248), (new Looks())->with(14.0, 5, false));
        self::assertEquals(new Looks(3, 2, 400), (new Looks(3, 1, 300))->replacing(new Looks(1, 0, 100), new Looks(1, 1, 200)));
        $this->expectException(InvalidEvidence::class);
        new Looks(-1);
    }

    private static function state(Attempt|Closing ...$seen): \Pindle\Core\Evidence\StepState
    {
        return Make::record(array_values($seen))->state($seen[0]->stepId);
    }

    /** After closing marks on three days and a check. */
    private static function checked(string $step, Outcome $last = Outcome::WorkedItOut, int $count = 3): \Pindle\Core\Evidence\StepState
    {
        return self::state(
            ...array_map(static fn (int $day): Closing => Make::closing($step, $day, activity: 'activity-'.$day % 2), [0, 1, 2]),
            ...array_map(static fn (int $i): Attempt => self::ofCheck($step, $i === $count - 1 ? $last : Outcome::WorkedItOut, $i), range(0, $count - 1)),
        );
    }

    private static function ofCheck(string $step, Outcome $outcome, int $i, ?Form $form = null): Attempt
    {
        return Make::anAttempt($step, 3, $outcome, form: $form, minute: $i, purpose: Purpose::Check);
    }

    private static function step(string $id): Step
    {
        return Make::wholeMap()->step($id);
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Child\CanDoRule;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\ThingsStay;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\InvalidEvidence;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Memory;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Spread;
use Pindle\Core\Evidence\Standing;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\Evidence\Window;
use Pindle\Core\Evidence\WindowPlace;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Make;

/** What is known of one step: its parts and its mark, each at the edge of its rule. */
final class StepStateTest extends TestCase
{
    private const STEP = 'add-sentence@10';

    public function test_a_step_is_nearly_from_four_in_five_and_two_that_went_without_help(): void
    {
        $mark = static fn (float $p, Outcome ...$outcomes): Mark => (new StepState($p, window: self::window(...$outcomes)))->mark();

        self::assertSame(Mark::Nearly, $mark(0.80, Outcome::NotYet, Outcome::AtOnce, Outcome::WorkedItOut));
        self::assertSame(Mark::Begun, $mark(0.7999, Outcome::AtOnce, Outcome::AtOnce));
        self::assertSame(Mark::Begun, $mark(0.95, Outcome::AtOnce, Outcome::WithHelp, Outcome::AtOnce), 'the one before the last had help');
        self::assertSame(Mark::Begun, $mark(0.95, Outcome::AtOnce, Outcome::AtOnce, Outcome::NotYet));
        self::assertSame(Mark::Nearly, $mark(0.95, Outcome::AtOnce), 'the only one there is');
        self::assertSame(Mark::NotMet, $mark(0.95));
    }

    public function test_it_is_implied_from_four_in_five_on_while_nobody_tried_it(): void
    {
        self::assertTrue((new StepState(0.80))->isImplied());
        self::assertFalse((new StepState(0.7999))->isImplied());
        self::assertFalse((new StepState(0.95, window: self::window(Outcome::AtOnce)))->isImplied());
    }

    public function test_can_do_stands_whatever_came_last_and_says_what_came(): void
    {
        $canDo = static fn (Outcome ...$outcomes): StepState => new StepState(0.3, window: self::window(...$outcomes), standing: new Standing(Make::day(0)));

        self::assertSame(Mark::CanDo, $canDo(Outcome::NotYet)->mark(), 'a belief alone never takes it away');
        self::assertSame([true, false], [$canDo(Outcome::AtOnce, Outcome::NotYet)->hasOneMiss(), $canDo(Outcome::AtOnce, Outcome::NotYet)->hasSlipped()]);
        self::assertSame([false, true], [$canDo(Outcome::NotYet, Outcome::NotYet)->hasOneMiss(), $canDo(Outcome::NotYet, Outcome::NotYet)->hasSlipped()]);
        self::assertFalse((new StepState(0.3, window: self::window(Outcome::NotYet)))->hasOneMiss(), 'nothing to lose');
        self::assertSame([false, false], [$canDo()->hasOneMiss(), $canDo()->hasSlipped()]);
    }

    public function test_what_the_parent_says_stands_over_what_was_seen_and_what_a_witness_saw_lifts_it(): void
    {
        self::assertSame(
            Mark::Begun,
            (new StepState(0.95, window: self::window(Outcome::AtOnce), standing: new Standing(byHand: Mark::Begun)))->mark(),
        );
        self::assertSame(Mark::Nearly, (new StepState(0.3, standing: new Standing(floor: Mark::Nearly)))->mark());
        self::assertSame(
            Mark::Nearly,
            (new StepState(0.3, window: self::window(Outcome::NotYet), standing: new Standing(floor: Mark::Nearly)))->mark(),
        );
    }

    #[TestWith([0.0])]
    #[TestWith([1.0])]
    #[TestWith([-0.1])]
    public function test_a_belief_is_never_sure_either_way(float $p): void
    {
        $this->expectException(InvalidEvidence::class);
        new StepState($p);
    }

    #[TestWith([0.0])]
    #[TestWith([-1.0])]
    public function test_a_half_life_is_longer_than_nothing(float $days): void
    {
        $this->expectException(InvalidEvidence::class);
        new Memory($days);
    }

    public function test_half_is_left_after_a_half_life_and_all_of_it_before_the_first_success(): void
    {
        $memory = new Memory(14.0, Make::day(3));

        self::assertSame([0.5, 1.0, 1.0], [$memory->recall(Make::day(17)), $memory->recall(Make::day(3)), $memory->recall(Make::day(0))]);
        self::assertSame([14, 0], [$memory->daysSince(Make::day(17)), $memory->daysSince(Make::day(0))]);
        self::assertEquals(Make::day(8), $memory->nextLook(), '0.322 · 14 = 4.5, so on the fifth day');
        self::assertSame(1.0, (new Memory())->recall(Make::day(99)));
        self::assertNull((new Memory())->nextLook());
    }

    public function test_a_memory_lasts_longer_by_looks_and_its_clock_starts_anew_by_harder_work(): void
    {
        self::assertSame(
            [20.0, 14.0, 14.0],
            [(new Memory(20.0))->lasting(14.0)->halfLife, (new Memory(4.0))->lasting(14.0)->halfLife, (new Memory())->lasting(14.0)->halfLife],
        );
        self::assertEquals(new Memory(14.0, Make::day(9)), (new Memory(14.0, Make::day(0)))->refreshed(Make::day(9)));
        self::assertEquals(new Memory(4.0, Make::day(2)), (new Memory())->after(true, Outcome::WorkedItOut, Make::day(2)));
        self::assertEquals(new Memory(null, Make::day(2)), (new Memory())->after(false, Outcome::NotYet, Make::day(2)), 'nothing to lose yet');
        $full = (new Memory(4.0, Make::day(0)))->after(true, Outcome::WorkedItOut, Make::day(2));
        self::assertEqualsWithDelta(8.8, $full->halfLife, 1e-9, 'a full gap: 4 · 2.2');
        self::assertEqualsWithDelta(4.0, (new Memory(4.0, Make::day(2)))->after(true, Outcome::WorkedItOut, Make::day(2))->halfLife, 1e-9, 'no gap, no growth');
        self::assertSame(1.0, (new Memory(2.0, Make::day(0)))->after(false, Outcome::NotYet, Make::day(2))->halfLife, 'never less than a day');
        self::assertSame(2.0, (new Memory(2.0, Make::day(0)))->after(false, Outcome::WithHelp, Make::day(2))->halfLife);
        self::assertSame(365.0, (new Memory(300.0, Make::day(0)))->after(true, Outcome::WorkedItOut, Make::day(200))->halfLife, 'never more than a year');
    }

    public function test_a_step_is_stuck_when_of_eight_or_more_at_most_one_in_four_went_without_help(): void
    {
        $of = static fn (int $unaided, int $not): bool => self::window(
            ...array_fill(0, $unaided, Outcome::AtOnce),
            ...array_fill(0, $not, Outcome::NotYet),
        )->isStuck();

        self::assertTrue($of(2, 6));
        self::assertFalse($of(3, 5));
        self::assertFalse($of(1, 6), 'seven are too few to say');
        self::assertTrue($of(2, 9));
        self::assertFalse($of(3, 8));
    }

    public function test_a_sitting_went_hard_when_under_half_of_it_went_without_help(): void
    {
        $of = static fn (int $unaided, int $not): bool => self::window(
            ...array_fill(0, $unaided, Outcome::AtOnce),
            ...array_fill(0, $not, Outcome::WithHelp),
        )->wentHard();

        self::assertFalse($of(3, 3), 'exactly half did');
        self::assertTrue($of(2, 3));
        self::assertFalse($of(0, 0));
        $before = array_map(static fn (): WindowPlace => WindowPlace::ofAttempt(Make::anAttempt(self::STEP, 0, Outcome::NotYet)), range(1, 5));
        self::assertFalse((new Window([...$before, WindowPlace::ofAttempt(Make::anAttempt(self::STEP, 1))], 6))->wentHard(), 'only the last sitting is asked');
    }

    public function test_three_running_or_three_of_four_that_were_not_unaided_lose_what_could_be_done(): void
    {
        [$yes, $no] = [Outcome::AtOnce, Outcome::NotYet];
        self::assertTrue(self::window($yes, Outcome::WithHelp, $no, $no)->isLost());
        self::assertTrue(self::window($no, $no, $yes, $no)->isLost());
        self::assertFalse(self::window($yes, $no, $no)->isLost());
        self::assertFalse(self::window($no, $no, $yes, $yes, $no)->isLost());
        self::assertTrue((new Window(array_fill(0, 3, WindowPlace::ofAttempt(self::shown())), 3))->isLost(), 'shown is not without help');
    }

    public function test_a_window_keeps_eleven_counts_all_and_tells_what_was_asked(): void
    {
        $window = new Window();
        foreach (range(1, 14) as $i) {
            $window = $window->with(Make::anAttempt(self::STEP, $i, $i % 2 ? Outcome::AtOnce : Outcome::NotYet, activity: $i > 8 ? 'fetch-me' : 'pass-it-on'));
        }

        self::assertCount(11, $window->places);
        self::assertSame(14, $window->count);
        self::assertSame([14, 7], [array_sum(array_column($window->questions, 'seen')), array_sum(array_column($window->questions, 'unaided'))]);
        self::assertEqualsWithDelta(6 / 11, $window->shareWith('fetch-me'), 1e-9);
        self::assertSame([3, 4, 5], [$window->unaidedIn(CanDoRule::Gentle), $window->unaidedIn(CanDoRule::Usual), $window->unaidedIn(CanDoRule::Thorough)]);
        $emptied = $window->emptied();
        self::assertSame([[], 14, $window->questions, 0.0], [$emptied->places, $emptied->count, $emptied->questions, $emptied->shareWith('fetch-me')]);
    }

    #[TestWith([ThingsStay::Early, 2])]
    #[TestWith([ThingsStay::Usual, 4])]
    #[TestWith([ThingsStay::Long, 8])]
    public function test_a_form_is_left_after_so_many_without_help(ThingsStay $stay, int $wanted): void
    {
        $after = static fn (int $unaided): Ladder => (new Ladder(Form::Things, $unaided, 1, Help::Bare))->after(
            Make::wholeMap()->step(self::STEP),
            self::in(Form::Things),
            new Settings(thingsStay: $stay),
        );

        self::assertEquals(new Ladder(Form::Things, $wanted - 1, 0, Help::Bare), $after($wanted - 2));
        self::assertEquals(new Ladder(Form::Pictures, 0, 0, Help::Bare), $after($wanted - 1), 'and the next one begins at nought');
    }

    public function test_the_ladder_of_forms_has_two_ends(): void
    {
        $step = Make::wholeMap()->step(self::STEP);
        [$first, $last] = [$step->forms[0], $step->forms[\count($step->forms) - 1]];

        self::assertEquals(new Ladder($last, 9, 0, Help::Bare), (new Ladder($last, 8))->after($step, self::in($last), new Settings()));
        self::assertEquals(
            new Ladder($first, 0, 9, Help::PartDone),
            (new Ladder($first, 0, 8))->after($step, self::in($first, Outcome::NotYet), new Settings()),
        );
    }

    public function test_two_not_yet_with_no_success_between_go_back_and_one_in_another_form_says_nothing_of_this_one(): void
    {
        $step = Make::wholeMap()->step(self::STEP);
        $pictures = new Ladder(Form::Pictures, 1, 1);

        self::assertSame(Form::Things, $pictures->after($step, self::in(Form::Pictures, Outcome::NotYet), new Settings())->form);
        self::assertEquals(new Ladder(Form::Pictures, 1, 1, Help::Bare), $pictures->after($step, self::in(Form::Pictures, Outcome::WithHelp), new Settings()));
        self::assertSame(
            [2, 0],
            [
                $pictures->after($step, self::in(Form::Pictures), new Settings())->unaided,
                $pictures->after($step, self::in(Form::Pictures), new Settings())->notYet,
            ],
        );
        self::assertEquals(new Ladder(Form::Pictures, 1, 1, Help::PartDone), $pictures->after($step, self::in(Form::Things, Outcome::NotYet), new Settings()));
    }

    public function test_right_on_fingers_does_not_bring_the_next_form_where_fingers_are_a_sign(): void
    {
        $fingers = Make::anAttempt(self::STEP, 0, form: Form::Things, method: Method::Fingers);

        self::assertSame(3, (new Ladder(Form::Things, 3))->after(Make::wholeMap()->step(self::STEP), $fingers, new Settings())->unaided);
    }

    public function test_the_chance_to_be_right_without_knowing_is_one_in_so_many_and_never_under_one_in_twenty(): void
    {
        self::assertSame([0.05, 0.5, 0.05, 0.05], [Tracing::chance(null), Tracing::chance(2), Tracing::chance(20), Tracing::chance(40)]);
        self::assertEqualsWithDelta(1 / 3, Tracing::chance(3), 1e-12);
        $this->expectException(InvalidEvidence::class);
        Make::anAttempt(self::STEP, 0, choices: 1);
    }

    public function test_a_guess_is_as_good_as_it_is_near(): void
    {
        foreach ([
            [0.0, Outcome::AtOnce],
            [0.15, Outcome::AtOnce],
            [0.1501, Outcome::WorkedItOut],
            [0.35, Outcome::WorkedItOut],
            [0.3501, Outcome::WithHelp],
            [0.60, Outcome::WithHelp],
            [0.6001, Outcome::NotYet],
        ] as [$error, $outcome]) {
            self::assertSame($outcome, Outcome::ofGuess($error), (string) $error);
        }
        $this->expectException(InvalidEvidence::class);
        Make::anAttempt(self::STEP, 0, error: -0.01);
    }

    public function test_a_correction_keeps_all_that_is_not_said_anew(): void
    {
        $attempt = Make::anAttempt(self::STEP, 4, Outcome::AtOnce, 3, Help::PartDone, 'fetch-me', Form::Things, method: Method::CountedOn);
        $right = $attempt->corrected('right', Outcome::NotYet);

        self::assertSame(['right', Outcome::NotYet], [$right->id, $right->outcome]);
        self::assertEquals($attempt, $right->corrected($attempt->id, Outcome::AtOnce), 'nothing else changed');
        self::assertSame(
            [Help::Bare, Method::Fingers],
            [
                $attempt->corrected('x', Outcome::AtOnce, Help::Bare, Method::Fingers)->help,
                $attempt->corrected('x', Outcome::AtOnce, Help::Bare, Method::Fingers)->method,
            ],
        );
    }

    public function test_a_mark_set_by_hand_lifts_or_lowers_belief_and_memory_to_where_it_would_have_them(): void
    {
        $set = static fn (Mark $mark, StepState $state): StepState => $state->setByHand(Make::handMark(self::STEP, 5, $mark));
        $tried = new StepState(
            0.7,
            new Memory(6.0, Make::day(2)),
            new Ladder(Form::Pictures, 3, 1, Help::PartDone),
            self::window(Outcome::NotYet, Outcome::AtOnce),
            new Spread(2),
        );

        foreach ([[Mark::NotMet, 0.1], [Mark::Begun, 0.5], [Mark::Nearly, 0.85], [Mark::CanDo, 0.95]] as [$mark, $p]) {
            self::assertSame($p, $set($mark, $tried)->p, $mark->value);
            self::assertSame($mark, $set($mark, $tried)->mark());
            self::assertSame(0, $set($mark, $tried)->ladder->notYet, 'a miss from before the parent spoke is forgotten');
        }
        self::assertSame(
            [0.05, 0.3, 0.97],
            [$set(Mark::NotMet, $tried->withBelief(0.05))->p, $set(Mark::Begun, $tried->withBelief(0.3))->p, $set(Mark::CanDo, $tried->withBelief(0.97))->p],
        );
        self::assertEquals([new Memory(), new Ladder()], [$set(Mark::NotMet, $tried)->memory, $set(Mark::NotMet, $tried)->ladder]);
        self::assertEquals(
            [new Memory(6.0, Make::day(2)), new Memory(14.0, Make::day(5))],
            [$set(Mark::Nearly, $tried)->memory, $set(Mark::CanDo, $tried)->memory],
        );
        self::assertEquals(Make::day(5), $set(Mark::CanDo, $tried)->standing->canDoSince);
        self::assertTrue($set(Mark::Begun, $tried)->restsOn->byHand);
    }

    public function test_set_lower_than_it_was_old_successes_count_no_more(): void
    {
        $left = static fn (Mark $mark, bool $secured, Outcome $last): int => \count((new StepState(
            0.9,
            new Memory(14.0, Make::day(0)),
            window: self::window(Outcome::AtOnce, $last),
            spread: new Spread(2),
            standing: new Standing($secured ? Make::day(0) : null),
        ))->setByHand(Make::handMark(self::STEP, 1, $mark))->window->places);

        self::assertSame([0, 0], [$left(Mark::NotMet, false, Outcome::AtOnce), $left(Mark::Begun, false, Outcome::AtOnce)]);
        self::assertSame([2, 0], [$left(Mark::Nearly, false, Outcome::AtOnce), $left(Mark::Nearly, true, Outcome::AtOnce)]);
        self::assertSame(
            [2, 0],
            [$left(Mark::CanDo, true, Outcome::AtOnce), $left(Mark::CanDo, true, Outcome::NotYet)],
            'a miss before is not the first of two running',
        );
        self::assertSame(
            0,
            (new StepState(
                0.9,
                window: self::window(Outcome::AtOnce),
                spread: new Spread(2),
            ))->setByHand(Make::handMark(self::STEP, 1, Mark::Begun))->spread->days,
        );
    }

    public function test_what_is_said_beforehand_is_believed_from_one_in_twenty_to_nine_in_ten(): void
    {
        $record = ChildRecord::blank(Make::wholeMap(), priors: ['say-count@3' => 0.99, 'say-count@5' => 0.0, 'say-count@10' => 0.6, 'fly@10' => 0.5]);

        self::assertSame(
            [0.90, 0.05, 0.6, 0.10],
            [$record->state('say-count@3')->p, $record->state('say-count@5')->p, $record->state('say-count@10')->p, $record->state('say-count@20')->p],
        );
        self::assertArrayNotHasKey('fly@10', $record->states());
    }

    public function test_what_follows_from_harder_work_is_believed_up_to_nine_in_ten(): void
    {
        self::assertSame(0.90, Tracing::implied(0.85, 0.05));
        self::assertSame(0.95, Tracing::implied(0.95, 0.05), 'and never less than it was');
        // LR = (0.92 / 0.5)^0.8 · (0.08 / 0.5)^0.2 = 1.6288 · 0.6931 = 1.12893; odds 0.25 · 1.12893
        self::assertEqualsWithDelta(0.220113, Tracing::implied(0.2, 0.5), 0.00001);
    }

    public function test_an_attempt_after_a_loss_begins_its_spread_anew(): void
    {
        $secure = new StepState(
            0.97,
            new Memory(14.0, Make::day(0)),
            window: self::window(Outcome::AtOnce, Outcome::WithHelp, Outcome::NotYet),
            spread: new Spread(3),
            standing: new Standing(Make::day(0)),
        );
        $lost = $secure->tried(Make::wholeMap()->step(self::STEP), Make::anAttempt(self::STEP, 1, Outcome::WithHelp), new Settings());

        self::assertSame([false, 0], [$lost->standing->isCanDo(), $lost->spread->days]);
    }

    private static function window(Outcome ...$outcomes): Window
    {
        return array_reduce(
            $outcomes,
            static fn (Window $window, Outcome $outcome): Window => $window->with(Make::anAttempt(self::STEP, 0, $outcome)),
            new Window(),
        );
    }

    private static function in(Form $form, Outcome $outcome = Outcome::WorkedItOut): Attempt
    {
        return Make::anAttempt(self::STEP, 0, $outcome, form: $form);
    }

    private static function shown(): Attempt
    {
        return Make::anAttempt(self::STEP, 0, Outcome::AtOnce, help: Help::Shown);
    }

    public function test_of_a_step_five_hundred_different_questions_are_remembered_and_the_one_first_asked_goes(): void
    {
        $window = new Window();
        foreach (range(1, Window::QUESTIONS) as $i) {
            $window = $window->with(Make::anAttempt('count-out@5', 1, Outcome::AtOnce, question: 'count-them:'.$i));
        }
        self::assertCount(500, $window->questions);
        $again = $window->with(Make::anAttempt('count-out@5', 1, Outcome::AtOnce, question: 'count-them:1'));
        self::assertSame(['seen' => 2, 'unaided' => 2], $again->questions['count-them:1']);
        $more = $again->with(Make::anAttempt('count-out@5', 1, Outcome::AtOnce, question: 'count-them:501'));
        self::assertCount(500, $more->questions);
        self::assertArrayNotHasKey('count-them:1', $more->questions);
        self::assertArrayHasKey('count-them:2', $more->questions);
        self::assertSame(502, $more->count, 'all are counted');
    }
}

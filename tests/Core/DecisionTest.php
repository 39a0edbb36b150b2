<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Advice\DecisionReason;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\Liking;
use Pindle\Core\Child\Fingers;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Tests\Make;

final class DecisionTest extends TestCase
{
    private const STEP = 'say-count@5';

    public function test_it_moves_on_when_the_step_became_can_do_and_says_what_opens(): void
    {
        $decision = self::after(1, array_fill(0, 5, Outcome::AtOnce), self::attempts(0, array_fill(0, 5, Outcome::AtOnce), 'fetch-me'));

        self::assertSame(DecisionKind::MoveOn, $decision->kind);
        self::assertContains('say-count@10', $decision->opens);
    }

    public function test_three_not_yet_rest_it_for_two_days(): void
    {
        $decision = self::after(0, [Outcome::AtOnce, Outcome::NotYet, Outcome::NotYet, Outcome::NotYet]);

        self::assertSame([DecisionKind::RestIt, DecisionReason::ThreeNotYet, 2], [$decision->kind, $decision->reason, $decision->days]);
    }

    public function test_having_had_enough_rests_it(): void
    {
        self::assertSame(DecisionReason::HadEnough, self::after(0, [Outcome::AtOnce, Outcome::AtOnce], ending: Ending::HadEnough)->reason);
    }

    public function test_a_look_that_was_passed_rests_until_the_next_falls_due(): void
    {
        $secure = [...self::attempts(0, array_fill(0, 5, Outcome::AtOnce), 'fetch-me'), ...self::attempts(1, array_fill(0, 5, Outcome::AtOnce))];
        $decision = self::after(7, [Outcome::AtOnce, Outcome::AtOnce], $secure);

        self::assertSame(DecisionReason::LookPassed, $decision->reason);
        // A half-life of 14 days grew to 30.8; one good look of one says this child forgets 2 / (2 + 6·ln 2 / 14) = 0.87 times as fast.
        self::assertSame(12, $decision->days, '0.322 · 30.8 / 0.87 = 11.4');
    }

    public function test_a_look_that_was_not_passed_says_what_was_seen(): void
    {
        $canDo = [...self::attempts(0, array_fill(0, 5, Outcome::AtOnce), 'fetch-me'), ...self::attempts(1, array_fill(0, 5, Outcome::AtOnce))];

        self::assertSame(DecisionReason::UnderHalf, self::after(7, [Outcome::NotYet, Outcome::NotYet], $canDo)->reason);
        self::assertSame(DecisionReason::StillMixed, self::after(7, [Outcome::AtOnce, Outcome::WithHelp], $canDo)->reason);
        self::assertSame(DecisionReason::LookPassed, self::after(7, [Outcome::WithHelp, Outcome::AtOnce], $canDo)->reason);
    }

    public function test_what_became_nearly_rests_six_days_so_that_it_is_seen_whether_it_stays(): void
    {
        $nearly = self::after(0, [Outcome::NotYet, Outcome::AtOnce, Outcome::AtOnce]);
        self::assertSame([DecisionReason::BecameNearly, 6], [$nearly->reason, $nearly->days]);
        self::assertNotSame(DecisionReason::BecameNearly, self::after(0, [Outcome::AtOnce, Outcome::AtOnce], was: Mark::Nearly)->reason, 'it was before');
    }

    public function test_a_step_met_in_four_sittings_of_a_week_that_did_not_move_rests_a_week(): void
    {
        $met = static fn (int ...$days): array => array_merge(...array_map(
            static fn (int $day): array => self::attempts($day, [Outcome::WithHelp, Outcome::AtOnce, Outcome::WithHelp]),
            $days,
        ));
        $stuck = self::after(6, [Outcome::AtOnce, Outcome::WithHelp], $met(0, 2, 4));
        self::assertSame([DecisionReason::NotMoving, 7], [$stuck->reason, $stuck->days]);
        self::assertSame(DecisionReason::StillMixed, self::after(7, [Outcome::AtOnce, Outcome::WithHelp], $met(0, 2, 4))->reason, 'in eight days');
        self::assertSame(DecisionReason::StillMixed, self::after(6, [Outcome::AtOnce, Outcome::WithHelp], $met(2, 4))->reason, 'three sittings');
        $moved = [...$met(0), ...self::attempts(1, [Outcome::AtOnce, Outcome::AtOnce]), ...$met(4)];
        self::assertSame(DecisionReason::StillMixed, self::after(6, [Outcome::AtOnce, Outcome::WithHelp], $moved)->reason, 'it was Nearly between');
    }

    public function test_a_step_met_in_five_sittings_of_thirty_days_that_cannot_be_done_rests_a_week_and_what_it_stands_on_is_named(): void
    {
        $met = static fn (int ...$days): array => array_merge(...array_map(
            static fn (int $day): array => self::attempts($day, [Outcome::WithHelp, Outcome::AtOnce, Outcome::WithHelp]),
            $days,
        ));
        $often = self::after(29, [Outcome::AtOnce, Outcome::WithHelp], $met(0, 5, 10, 15));
        self::assertSame([DecisionReason::MetOften, 7, null], [$often->reason, $often->days, $often->ground], 'a third went alone: it is not stuck');
        $helped = array_merge(...array_map(static fn (int $day): array => self::attempts($day, array_fill(0, 3, Outcome::WithHelp)), [0, 5, 10, 15]));
        self::assertSame('say-count@3', self::after(29, [Outcome::WithHelp, Outcome::WithHelp], $helped)->ground, 'this is what comes meanwhile');
        self::assertSame(DecisionReason::StillMixed, self::after(30, [Outcome::AtOnce, Outcome::WithHelp], $met(0, 5, 10, 15))->reason, 'in 31 days');
        self::assertSame(DecisionReason::StillMixed, self::after(29, [Outcome::AtOnce, Outcome::WithHelp], $met(5, 10, 15))->reason, 'four sittings');
        $last = self::attempts(29, [Outcome::WithHelp, Outcome::WithHelp]);
        $all = [Make::handMark('say-count@3', 0, Mark::CanDo), ...$helped, ...$last];
        $there = Decision::after(self::STEP, $last, Mark::Begun, Make::record($all), Ending::Done, Make::day(29));
        self::assertSame([DecisionReason::MetOften, null], [$there->reason, $there->ground], 'all it stands on can be done');
        self::assertNull(self::after(0, [Outcome::AtOnce, Outcome::WithHelp])->ground, 'only where it rests for that');
        $looks = array_merge(...array_map(static fn (int $day): array => self::attempts($day, [Outcome::AtOnce]), [1, 5, 10, 15, 25]));
        $canDo = Make::record([Make::handMark(self::STEP, 0, Mark::CanDo), ...$looks]);
        $look = Decision::after(self::STEP, \array_slice($looks, -1), Mark::CanDo, $canDo, Ending::Done, Make::day(25));
        self::assertSame(DecisionReason::LookPassed, $look->reason, 'what can be done has its looks');
    }

    public function test_where_nobody_tapped_the_closing_mark_speaks(): void
    {
        $after = static function (ClosingMark $mark, Outcome ...$tapped): Decision {
            $seen = [...self::attempts(0, array_values($tapped)), Make::closing(self::STEP, 0, $mark)];

            return Decision::after(self::STEP, $seen, Mark::NotMet, Make::record($seen), Ending::Done, Make::day(0));
        };
        self::assertSame(
            [DecisionReason::ClosedAllAlone, DecisionReason::ClosedMostlyAlone, DecisionReason::ClosedWithHelp, DecisionReason::ClosedNotYet],
            array_map(static fn (ClosingMark $mark): DecisionReason => $after($mark)->reason, ClosingMark::cases()),
        );
        self::assertSame(
            [DecisionKind::Further, DecisionKind::Again, DecisionKind::Easier, DecisionKind::Easier],
            array_map(static fn (ClosingMark $mark): DecisionKind => $after($mark)->kind, ClosingMark::cases()),
        );
        self::assertSame(DecisionReason::UnderHalf, $after(ClosingMark::AllAlone, Outcome::NotYet, Outcome::AtOnce, Outcome::WithHelp)->reason);
        $canDo = [Make::handMark(self::STEP, 0, Mark::CanDo), Make::closing(self::STEP, 9)];
        $look = Decision::after(self::STEP, [$canDo[1]], Mark::CanDo, Make::record($canDo), Ending::Done, Make::day(9));
        self::assertSame(DecisionReason::LookPassed, $look->reason);
    }

    public function test_under_half_is_easier_five_running_is_further_and_the_rest_is_again(): void
    {
        self::assertSame(DecisionKind::Easier, self::after(0, [Outcome::AtOnce, Outcome::WithHelp, Outcome::NotYet])->kind);
        self::assertSame(DecisionKind::Further, self::after(0, array_fill(0, 5, Outcome::WorkedItOut), was: Mark::Nearly)->kind);
        self::assertSame(DecisionKind::Again, self::after(0, [Outcome::AtOnce, Outcome::WithHelp, Outcome::AtOnce])->kind, 'the one before the last had help');
        self::assertSame([DecisionReason::NothingTried, 3], [self::after(0, [])->reason, self::after(0, [])->days]);
    }

    public function test_exactly_half_is_not_yet_easier_and_four_of_the_last_five_not_yet_further(): void
    {
        self::assertSame(DecisionReason::StillMixed, self::after(0, [Outcome::WithHelp, Outcome::AtOnce, Outcome::WithHelp, Outcome::AtOnce])->reason);
        self::assertSame(
            DecisionReason::UnderHalf,
            self::after(0, [Outcome::WithHelp, Outcome::AtOnce, Outcome::WithHelp, Outcome::AtOnce, Outcome::WithHelp])->reason,
        );
        self::assertSame(
            DecisionReason::StillMixed,
            self::after(0, [Outcome::AtOnce, Outcome::WithHelp, ...array_fill(0, 4, Outcome::AtOnce)], was: Mark::Nearly)->reason,
        );
        self::assertSame(DecisionReason::StillMixed, self::after(0, array_fill(0, 4, Outcome::AtOnce), was: Mark::Nearly)->reason, 'four are too few');
        self::assertSame(DecisionReason::LastFiveUnaided, self::after(0, [Outcome::NotYet, ...array_fill(0, 5, Outcome::AtOnce)], was: Mark::Nearly)->reason);
    }

    public function test_what_comes_first_holds_and_it_says_what_it_stands_on(): void
    {
        $tired = self::after(0, [Outcome::NotYet, Outcome::NotYet, Outcome::NotYet], ending: Ending::HadEnough);
        self::assertSame([DecisionReason::ThreeNotYet, 0, 3, 2], [$tired->reason, $tired->unaided, $tired->attempts, $tired->days]);
        self::assertSame(DecisionReason::UnderHalf, self::after(0, [Outcome::NotYet, Outcome::NotYet])->reason, 'two do not rest it');
        self::assertSame(DecisionReason::HadEnough, self::after(0, [Outcome::NotYet], ending: Ending::HadEnough)->reason);
        self::assertSame([], self::after(0, array_fill(0, 5, Outcome::AtOnce))->opens, 'what is not Can do opens nothing');
    }

    public function test_right_on_fingers_by_half_is_once_more_with_things_in_reach_where_fingers_are_a_sign(): void
    {
        $reason = static function (int $fingers, int $without, Settings $settings = new Settings()): DecisionReason {
            $attempts = array_map(
                static fn (int $i): Attempt => Make::anAttempt(
                    self::STEP,
                    0,
                    Outcome::AtOnce,
                    minute: $i,
                    method: $i < $fingers ? Method::Fingers : Method::SawIt,
                ),
                range(0, $fingers + $without - 1),
            );

            return Decision::after(self::STEP, $attempts, Mark::Nearly, Make::record($attempts, $settings), Ending::Done, Make::day(0))->reason;
        };

        self::assertSame(DecisionReason::OnFingers, $reason(3, 3));
        self::assertSame(DecisionReason::LastFiveUnaided, $reason(2, 3));
        self::assertSame(DecisionReason::LastFiveUnaided, $reason(3, 3, new Settings(fingers: Fingers::FineHelp)));
    }

    public function test_the_slip_seen_most_is_for_next_time_the_later_of_two(): void
    {
        $remedy = static function (Slip ...$slips): ?Slip {
            $attempts = array_map(
                static fn (Slip $slip, int $i): Attempt => Make::anAttempt(self::STEP, 0, Outcome::WithHelp, slip: $slip, minute: $i),
                $slips,
                array_keys(array_values($slips)),
            );

            return Decision::after(self::STEP, $attempts, Mark::NotMet, Make::record($attempts), Ending::Done, Make::day(0))->remedy;
        };

        self::assertSame(Slip::Recounts, $remedy(Slip::Recounts, Slip::CountsFaster, Slip::Recounts));
        self::assertSame(Slip::CountsFaster, $remedy(Slip::Recounts, Slip::CountsFaster));
        self::assertNull($remedy());
    }

    public function test_liking_moves_a_little_with_each_ending_and_stays_in_its_range(): void
    {
        self::assertEqualsWithDelta(1.1, Liking::of([Ending::AskedForMore, Ending::Done]), 1e-9);
        self::assertEqualsWithDelta(0.7, Liking::of(array_fill(0, 20, Ending::HadEnough)), 1e-9);
        self::assertEqualsWithDelta(1.3, Liking::of(array_fill(0, 20, Ending::AskedForMore)), 1e-9);
        self::assertEqualsWithDelta(0.9, Liking::of([Ending::HadEnough]), 1e-9);
        self::assertSame(1.0, Liking::of([]));
    }

    /**
     * @param list<Outcome> $outcomes
     * @param list<Attempt>  $earlier
     */
    private static function after(int $day, array $outcomes, array $earlier = [], Ending $ending = Ending::Done, ?Mark $was = null): Decision
    {
        $attempts = self::attempts($day, $outcomes);

        return Decision::after(
            self::STEP,
            $attempts,
            $was ?? Make::record($earlier)->mark(self::STEP),
            Make::record([...$earlier, ...$attempts]),
            $ending,
            Make::day($day),
        );
    }

    /**
     * @param list<Outcome> $outcomes
     *
     * @return list<Attempt>
     */
    private static function attempts(int $day, array $outcomes, string $activity = 'pass-it-on'): array
    {
        return array_map(
            static fn (Outcome $outcome, int $minute): Attempt => Make::anAttempt(self::STEP, $day, $outcome, activity: $activity, minute: $minute),
            $outcomes,
            array_keys($outcomes),
        );
    }
}

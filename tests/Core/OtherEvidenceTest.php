<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Child\CanDoRule;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\ClauseKind;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\Evidence\Witness;
use Pindle\Tests\Make;

/** What is no ordinary try: notes of a witness, marks set by hand, guesses, tries of a first look. */
final class OtherEvidenceTest extends TestCase
{
    private const STEP = 'say-count@5';

    public function test_a_witness_moves_not_met_to_begun_and_begun_to_nearly_but_never_to_can_do(): void
    {
        $seen = static fn (Outcome ...$outcomes): Mark => Make::record(array_map(
            static fn (Outcome $outcome, int $i): Witness => Make::witness(self::STEP, $i, $outcome),
            array_values($outcomes),
            array_keys(array_values($outcomes)),
        ))->mark(self::STEP);

        self::assertSame(Mark::Begun, $seen(Outcome::AtOnce));
        self::assertSame(Mark::Nearly, $seen(Outcome::AtOnce, Outcome::WorkedItOut));
        self::assertSame(Mark::Begun, $seen(Outcome::AtOnce, Outcome::NotYet), 'a miss lifts nothing');
        self::assertSame(Mark::Nearly, $seen(...array_fill(0, 9, Outcome::AtOnce)));
    }

    public function test_a_witness_is_no_try_and_changes_no_belief(): void
    {
        $state = Make::record([Make::witness(self::STEP, 0, Outcome::AtOnce)])->state(self::STEP);

        self::assertSame([0, Tracing::PRIOR, null], [$state->window->count, $state->p, $state->memory->halfLife]);
    }

    public function test_a_try_that_wanted_help_takes_away_what_a_witness_gave(): void
    {
        $steady = [Make::witness(self::STEP, 0, Outcome::AtOnce), Make::witness(self::STEP, 1, Outcome::AtOnce)];

        self::assertSame(Mark::Nearly, Make::record([...$steady, Make::anAttempt(self::STEP, 2)])->mark(self::STEP));
        self::assertSame(Mark::Begun, Make::record([...$steady, Make::anAttempt(self::STEP, 2, Outcome::WithHelp)])->mark(self::STEP));
    }

    public function test_a_mark_set_by_hand_holds_until_later_evidence_moves_it(): void
    {
        foreach (Mark::cases() as $mark) {
            self::assertSame($mark, Make::record([Make::handMark(self::STEP, 0, $mark)])->mark(self::STEP), $mark->value);
        }
        $secure = [Make::handMark(self::STEP, 0, Mark::CanDo)];
        self::assertTrue(Make::record($secure)->isWorthALook(self::STEP, Make::day(6)), 'memory fades all the same');
        self::assertSame(Mark::CanDo, Make::record([...$secure, Make::anAttempt(self::STEP, 1)])->mark(self::STEP));
        self::assertSame(
            Mark::Begun,
            Make::record([
                ...$secure,
                Make::anAttempt(self::STEP, 1, Outcome::NotYet),
                Make::anAttempt(self::STEP, 1, Outcome::NotYet, minute: 1),
                Make::anAttempt(self::STEP, 1, Outcome::NotYet, minute: 2),
            ])->mark(self::STEP),
        );
    }

    public function test_old_successes_do_not_undo_a_mark_set_lower(): void
    {
        $secure = [...self::attempts(4, 0, 'fetch-me'), ...self::attempts(4, 1, 'pass-it-on')];
        $record = Make::record([...$secure, Make::handMark(self::STEP, 2, Mark::Begun), Make::anAttempt(self::STEP, 3)]);

        self::assertNotSame(Mark::CanDo, $record->mark(self::STEP));
    }

    public function test_a_guess_is_judged_by_how_close_it_comes(): void
    {
        self::assertSame(
            [Outcome::AtOnce, Outcome::WorkedItOut, Outcome::WithHelp, Outcome::NotYet],
            array_map(Outcome::ofGuess(...), [0.15, 0.35, 0.60, 0.61]),
        );

        $guess = static fn (array $errors): array => array_map(
            static fn (float $error, int $i): Attempt => Make::anAttempt(
                'guess-count@10',
                $i,
                Outcome::ofGuess($error),
                activity: 'jar-'.$i % 2,
                error: $error,
            ),
            $errors,
            array_keys($errors),
        );
        self::assertSame(
            Mark::CanDo,
            Make::record($guess([0.5, 0.4, 0.3, 0.2, 0.1, 0.1, 0.2]))->mark('guess-count@10'),
            'half of the last six within a quarter',
        );
        $clauses = CanDoClauses::of(
            CanDoRule::Usual,
            Make::wholeMap()->step('guess-count@10'),
            Make::record($guess([0.1, 0.1, 0.1, 0.4, 0.4, 0.4, 0.4]))->state('guess-count@10'),
        );
        self::assertSame(ClauseKind::GuessError, $clauses[0]->kind);
        self::assertSame([40, false], [$clauses[0]->has, $clauses[0]->met]);
    }

    public function test_tries_of_a_first_look_count_in_the_window_but_are_not_believed_twice(): void
    {
        $state = Make::record([Make::anAttempt(self::STEP, 0, Outcome::AtOnce, purpose: Purpose::Look)])->state(self::STEP);

        self::assertSame([Tracing::PRIOR, 1, 1, 4.0], [$state->p, $state->window->count, \count($state->window->places), $state->memory->halfLife]);
        self::assertSame([], Make::record([Make::anAttempt('touch-count@5', 0, Outcome::AtOnce, purpose: Purpose::Look)])->lastSittings);
    }

    public function test_thorough_is_met_by_ordinary_sittings_spread_over_more_than_a_week(): void
    {
        $attempts = array_merge(...array_map(static fn (int $day): array => self::attempts(6, $day, 'activity-'.$day), [0, 3, 6, 9]));
        $thorough = Make::record($attempts, new \Pindle\Core\Child\Settings(canDoRule: CanDoRule::Thorough));

        self::assertSame(Mark::CanDo, $thorough->mark(self::STEP));
        self::assertNotSame(
            Mark::CanDo,
            Make::record(\array_slice($attempts, 0, 18), new \Pindle\Core\Child\Settings(canDoRule: CanDoRule::Thorough))->mark(self::STEP),
            'no week yet',
        );
    }

    /** @return list<Attempt> */
    private static function attempts(int $count, int $day, string $activity): array
    {
        return array_map(
            static fn (int $minute): Attempt => Make::anAttempt(self::STEP, $day, Outcome::AtOnce, activity: $activity, minute: $minute),
            range(1, $count),
        );
    }
}

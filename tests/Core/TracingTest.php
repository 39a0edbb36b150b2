<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Tracing;
use Pindle\Tests\Make;

/**
 * Fixed histories with numbers worked by hand. One of them, the first answer of the plain skill, in full:
 * prior 0.10, worked it out (weight 0.9), open answer (guess 0.05), slip 0.08:
 * LR = (0.92 / 0.05)^0.9 · (0.08 / 0.95)^0.1 = e^2.621116 · e^-0.247444 = 13.7511 · 0.780794 = 10.73678;
 * odds = 0.10 / 0.90 · 10.73678 = 1.192975; p = 1.192975 / 2.192975 = 0.543998; learning: 0.543998 + 0.456002 · 0.08 = 0.580478.
 */
final class TracingTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{int, Outcome, int|null, float, float}>}> step, then day, outcome, choices, p, half-life */
    public static function histories(): iterable
    {
        yield 'plain skill, open answers' => ['count-out@5', [
            [0, Outcome::WorkedItOut, null, 0.580478, 4.0],
            [0, Outcome::WorkedItOut, null, 0.941978, 4.0],
            [1, Outcome::AtOnce, null, 0.996930, 7.726708],
            [3, Outcome::NotYet, null, 0.964727, 3.090683],
            [4, Outcome::WithHelp, null, 0.943123, 3.090683],
            [8, Outcome::AtOnce, null, 0.996994, 6.799503],
        ]];
        yield 'one of two answers' => ['count-out@5', [
            [0, Outcome::AtOnce, 2, 0.236162, 4.0],
            [0, Outcome::AtOnce, 2, 0.413598, 4.0],
            [0, Outcome::NotYet, 2, 0.101406, 1.6],
            [2, Outcome::AtOnce, 2, 0.238186, 3.52],
        ]];
        yield 'quick skill' => ['see-at-once@3', [
            [0, Outcome::WorkedItOut, null, 0.256280, 4.0],
            [1, Outcome::WorkedItOut, null, 0.469770, 7.726708],
            [2, Outcome::AtOnce, null, 0.946827, 11.453416],
        ]];
    }

    /** @param list<array{int, Outcome, int|null, float, float}> $history */
    #[DataProvider('histories')]
    public function test_a_fixed_history_gives_the_numbers_worked_by_hand(string $step, array $history): void
    {
        $attempts = [];
        foreach ($history as $minute => [$day, $outcome, $choices, $p, $halfLife]) {
            $attempts[] = Make::anAttempt($step, $day, $outcome, $choices, minute: $minute);
            $state = Make::record($attempts)->state($step);

            self::assertEqualsWithDelta($p, $state->p, 0.0000006);
            self::assertEqualsWithDelta($halfLife, $state->memory->halfLife, 0.0000006);
        }
    }

    public function test_looks_after_can_do_fall_at_about_5_10_22_48_and_106_days(): void
    {
        $halfLife = 14.0;
        $looks = [];
        for ($i = 0; $i < 5; ++$i) {
            $gap = Tracing::daysToNextLook($halfLife);
            $looks[] = $gap;
            $halfLife = (float) Tracing::halfLife($halfLife, $gap, true, Outcome::WorkedItOut);
        }

        // The exact gaps are 4.5, 9.9, 21.8, 48.0003 and 105.6 days; looks fall on whole days, rounded up.
        self::assertSame([5, 10, 22, 49, 106], $looks);
    }

    public function test_a_success_that_was_shown_teaches_but_proves_nothing(): void
    {
        $shown = Tracing::afterAttempt(0.10, Make::anAttempt('count-out@5', 0, Outcome::AtOnce, help: Help::Shown), false);

        self::assertEqualsWithDelta(0.10 + 0.90 * 0.08, $shown, 1e-12);
    }

    public function test_success_never_counts_against_and_failure_never_for(): void
    {
        // Worked out on a quick skill with a coin-toss question: the raw ratio would be below one.
        self::assertGreaterThanOrEqual(1.0, Tracing::ratio(0.6, 0.5, true));
        self::assertLessThanOrEqual(1.0, Tracing::ratio(0.35, 0.05, false));
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Child\CanDoRule;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\Clause;
use Pindle\Core\Evidence\ClauseKind;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Spread;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Evidence\Window;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Make;

/** Every clause of the secure rule at its edge. */
final class CanDoClausesTest extends TestCase
{
    private const STEP = 'how-many@5';
    private const QUICK = 'see-at-once@5';
    private const GUESS = 'guess-count@10';

    /** @return iterable<string, array{CanDoRule, int, int, int, int}> rule, window, successes, days, open answers */
    public static function rules(): iterable
    {
        yield 'gentle' => [CanDoRule::Gentle, 6, 5, 2, 3];
        yield 'usual' => [CanDoRule::Usual, 8, 7, 2, 4];
        yield 'thorough' => [CanDoRule::Thorough, 11, 10, 3, 6];
    }

    #[DataProvider('rules')]
    public function test_all_but_one_of_the_last_few_go_without_help(CanDoRule $rule, int $window, int $successes): void
    {
        $missed = static fn (int $misses): array => [...self::attempts($window - $misses), ...self::attempts($misses, Outcome::WithHelp)];

        self::assertSame([$successes, $successes, $window, true], self::says(ClauseKind::Unaided, $missed(1), $rule));
        self::assertSame([$successes - 1, $successes, $window, false], self::says(ClauseKind::Unaided, $missed(2), $rule));
        self::assertTrue(
            self::clause(ClauseKind::Unaided, [...self::attempts(3, Outcome::NotYet), ...self::attempts($window)], $rule)?->met,
            'what lies before the window is forgotten',
        );
    }

    #[DataProvider('rules')]
    public function test_so_many_answers_are_open_and_one_of_five_counts_as_open(CanDoRule $rule, int $window, int $successes, int $days, int $open): void
    {
        $answers = static fn (int $opened, int $choices): array => [
            ...self::attempts($opened, choices: 5),
            ...self::attempts($window - $opened, choices: $choices),
        ];

        self::assertSame([$open, $open, null, true], self::says(ClauseKind::Open, $answers($open, 4), $rule));
        self::assertSame([$open - 1, $open, null, false], self::says(ClauseKind::Open, $answers($open - 1, 4), $rule));
        self::assertTrue(self::clause(ClauseKind::Open, $answers($open - 1, 20), $rule)?->met);
    }

    #[DataProvider('rules')]
    public function test_it_is_seen_on_so_many_days(CanDoRule $rule, int $window, int $successes, int $days): void
    {
        self::assertSame([$days, $days, null, true], self::says(ClauseKind::Days, [], $rule, new Spread($days)));
        self::assertSame([$days - 1, $days, null, false], self::says(ClauseKind::Days, [], $rule, new Spread($days - 1)));
    }

    public function test_belief_is_wanted_besides_and_is_never_rounded_up(): void
    {
        self::assertTrue(self::clause(ClauseKind::Belief, [], p: 0.95)?->met);
        $nearly = self::clause(ClauseKind::Belief, [], p: 0.9499);
        self::assertSame([false, 94, 95], [$nearly?->met, $nearly?->has, $nearly?->wants]);
    }

    public function test_two_in_the_last_form_of_a_step_that_has_forms(): void
    {
        $last = Make::wholeMap()->step(self::STEP)->lastForm();
        self::assertSame(Form::Pictures, $last);

        self::assertTrue(self::clause(ClauseKind::LastForm, [...self::attempts(2, form: $last), ...self::attempts(6, form: Form::Things)])?->met);
        self::assertSame([1, 2, null, false], self::says(ClauseKind::LastForm, [...self::attempts(1, form: $last), ...self::attempts(7, form: Form::Things)]));
        self::assertSame(
            [1, 2, null, false],
            self::says(ClauseKind::LastForm, [...self::attempts(1, form: $last), ...self::attempts(1, Outcome::NotYet, form: $last)]),
        );
        self::assertNull(self::clause(ClauseKind::LastForm, [], of: 'say-count@5'), 'said, not seen');
    }

    public function test_half_of_a_quick_skill_comes_at_once(): void
    {
        $of = static fn (int $atOnce, int $worked): array => [...self::attempts($atOnce, Outcome::AtOnce), ...self::attempts($worked)];

        self::assertSame([4, 4, null, true], self::says(ClauseKind::AtOnce, $of(4, 3), of: self::QUICK));
        self::assertSame([3, 4, null, false], self::says(ClauseKind::AtOnce, $of(3, 4), of: self::QUICK), 'half of seven is four');
        self::assertSame([4, 4, null, true], self::says(ClauseKind::AtOnce, $of(4, 4), of: self::QUICK));
        self::assertSame(
            [2, 4, null, false],
            self::says(ClauseKind::AtOnce, $of(2, 0), of: self::QUICK),
            'of as many as the rule wants, not of the few there are',
        );
        self::assertNull(self::clause(ClauseKind::AtOnce, []), 'nobody hurries where it is not the point');
    }

    public function test_variety_is_two_activities_or_enough_different_things_whichever_is_there(): void
    {
        $of = static fn (CanDoRule $rule, array $activities, array $things): array => self::kinds(
            [ClauseKind::Activities, ClauseKind::ThingsUsed],
            $rule,
            new Spread(activities: array_values($activities), things: array_values($things)),
        );

        self::assertSame([['activities', 2, 2, true]], $of(CanDoRule::Usual, ['a', 'b'], ['pegs']));
        self::assertSame([['things-used', 2, 2, true]], $of(CanDoRule::Usual, ['a'], ['pegs', 'lids']));
        self::assertSame([['activities', 1, 2, false]], $of(CanDoRule::Usual, ['a'], ['pegs']));
        self::assertSame([['activities', 1, 2, false]], $of(CanDoRule::Thorough, ['a'], ['pegs', 'lids']), 'a thorough one wants three');
        self::assertSame([['things-used', 3, 3, true]], $of(CanDoRule::Thorough, ['a'], ['pegs', 'lids', 'corks']));
        self::assertSame([], $of(CanDoRule::Gentle, [], []));
    }

    public function test_a_thorough_rule_wants_a_week_between_the_first_and_the_last(): void
    {
        $days = static fn (int $between): Spread => new Spread(3, first: Make::day(0), last: Make::day($between));

        self::assertSame([7, 7, null, true], self::says(ClauseKind::WeekApart, [], CanDoRule::Thorough, $days(7)));
        self::assertSame([6, 7, null, false], self::says(ClauseKind::WeekApart, [], CanDoRule::Thorough, $days(6)));
        self::assertNull(self::clause(ClauseKind::WeekApart, [], CanDoRule::Usual, $days(0)));
    }

    public function test_guesses_are_judged_by_the_median_error_of_the_last_six(): void
    {
        $guesses = static fn (float ...$errors): array => array_map(
            static fn (float $error): Attempt => Make::anAttempt(self::GUESS, 0, Outcome::ofGuess($error), error: $error),
            array_values($errors),
        );

        self::assertSame(
            [25, 25, 6, true],
            self::says(ClauseKind::GuessError, $guesses(0.9, 0.0, 0.2, 0.3, 0.1, 0.8), of: self::GUESS),
            'half-way between 0.2 and 0.3',
        );
        self::assertSame([26, 25, 6, false], self::says(ClauseKind::GuessError, $guesses(0.9, 0.0, 0.2, 0.302, 0.1, 0.8), of: self::GUESS));
        self::assertSame([10, 25, 5, false], self::says(ClauseKind::GuessError, $guesses(0.1, 0.1, 0.1, 0.1, 0.1), of: self::GUESS), 'five are too few');
        self::assertSame(
            [10, 25, 6, true],
            self::says(ClauseKind::GuessError, $guesses(3.0, 3.0, 3.0, 0.1, 0.1, 0.1, 0.1, 0.1, 0.1), of: self::GUESS),
            'older ones are forgotten',
        );
        self::assertSame([100, 25, 0, false], self::says(ClauseKind::GuessError, [], of: self::GUESS));
        self::assertNull(self::clause(ClauseKind::Belief, [], of: self::GUESS), 'no guess is ever known');
    }

    public function test_two_looks_are_two_days_when_eighteen_hours_lie_between_them(): void
    {
        $first = Make::anAttempt(self::STEP, 0);
        $later = static fn (string $by): int => (new Spread())->with($first)->with(new Attempt(
            'x',
            self::STEP,
            's',
            'a',
            null,
            $first->help,
            [],
            'q',
            null,
            Outcome::AtOnce,
            null,
            null,
            $first->at->modify($by),
            Make::day(1),
            'd',
        ))->days;

        self::assertSame(1, $later('+17 hours 59 minutes 59 seconds'));
        self::assertSame(2, $later('+18 hours'));
    }

    public function test_a_spread_keeps_what_the_longest_rule_may_ask_and_no_more(): void
    {
        $spread = new Spread();
        foreach (['a', 'b', 'a', 'c', 'd', 'e'] as $i => $name) {
            $spread = $spread->with(Make::anAttempt(self::STEP, $i, activity: $name, thing: 't'.$name));
        }

        self::assertSame([['a', 'b', 'c', 'd'], ['ta', 'tb', 'tc', 'td'], 6, 5], [$spread->activities, $spread->things, $spread->days, $spread->daysBetween()]);
    }

    /** @return list<Attempt> */
    private static function attempts(int $count, Outcome $outcome = Outcome::WorkedItOut, ?int $choices = null, ?Form $form = null): array
    {
        return array_map(static fn (): Attempt => Make::anAttempt(self::STEP, 0, $outcome, $choices, form: $form), $count > 0 ? range(1, $count) : []);
    }

    /** @param list<Attempt> $attempts */
    private static function clause(
        ClauseKind $kind,
        array $attempts,
        CanDoRule $rule = CanDoRule::Usual,
        Spread $spread = new Spread(),
        float $p = 0.5,
        string $of = self::STEP,
    ): ?Clause {
        foreach (CanDoClauses::of(
            $rule,
            Make::wholeMap()->step($of),
            new StepState(
                $p,
                window: array_reduce($attempts, static fn (Window $window, Attempt $attempt): Window => $window->with($attempt), new Window()),
                spread: $spread,
            ),
        ) as $clause) {
            if ($clause->kind === $kind) {
                return $clause;
            }
        }

        return null;
    }

    /**
     * @param list<Attempt> $attempts
     *
     * @return array{int|null, int|null, int|null, bool|null} has, wants, out of, met
     */
    private static function says(
        ClauseKind $kind,
        array $attempts,
        CanDoRule $rule = CanDoRule::Usual,
        Spread $spread = new Spread(),
        string $of = self::STEP,
    ): array {
        $clause = self::clause($kind, $attempts, $rule, $spread, of: $of);

        return [$clause?->has, $clause?->wants, $clause?->outOf, $clause?->met];
    }

    /**
     * @param list<ClauseKind> $kinds
     *
     * @return list<array{string, int, int, bool}>
     */
    private static function kinds(array $kinds, CanDoRule $rule, Spread $spread): array
    {
        $clauses = array_filter(
            CanDoClauses::of($rule, Make::wholeMap()->step(self::STEP), new StepState(spread: $spread)),
            static fn (Clause $clause): bool => \in_array($clause->kind, $kinds, true),
        );

        return array_values(array_map(static fn (Clause $clause): array => [$clause->kind->value, $clause->has, $clause->wants, $clause->met], $clauses));
    }
}

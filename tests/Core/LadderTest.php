<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Make;

final class LadderTest extends TestCase
{
    private const STEP = 'add-sentence@5';

    public function test_four_unaided_in_a_form_lead_to_the_next(): void
    {
        self::assertSame(Form::Things, self::formAfter(3, Outcome::AtOnce));
        self::assertSame(Form::Pictures, self::formAfter(4, Outcome::AtOnce));
    }

    public function test_two_not_yet_in_a_form_lead_back(): void
    {
        $attempts = [...self::attempts(4, Outcome::AtOnce, Form::Things), ...self::attempts(2, Outcome::NotYet, Form::Pictures, 10)];

        self::assertSame(Form::Things, Make::record($attempts)->state(self::STEP)->ladder->form);
    }

    public function test_a_new_reach_starts_one_form_below_the_best_before(): void
    {
        $step = Make::wholeMap()->step('add-sentence@10');

        self::assertSame(Form::Pictures, Ladder::form($step, new StepState(), new StepState(ladder: new Ladder(Form::Symbols))));
        self::assertSame(Form::Things, Ladder::form($step, new StepState(), new StepState(ladder: new Ladder(Form::Things))));
        self::assertSame(Form::Things, Ladder::form($step, new StepState(), null));
    }

    public function test_an_unlikely_step_is_shown_first_and_a_likely_one_is_not(): void
    {
        self::assertSame(Help::Shown, Ladder::help(new StepState(0.49)));
        self::assertSame(Help::Bare, Ladder::help(new StepState(0.5)));
    }

    private static function formAfter(int $count, Outcome $outcome): ?Form
    {
        return Make::record(self::attempts($count, $outcome, Form::Things))->state(self::STEP)->ladder->form;
    }

    /** @return list<Attempt> */
    private static function attempts(int $count, Outcome $outcome, Form $form, int $from = 0): array
    {
        return array_map(static fn (int $i): Attempt => Make::anAttempt(self::STEP, 0, $outcome, form: $form, minute: $from + $i), range(1, $count));
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Cause;
use Pindle\Core\Advice\Counters;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Advice\LiveAdvice;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Advice\Script;
use Pindle\Core\Advice\Walk;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\AfterMistake;
use Pindle\Core\Child\Fingers;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\NextQuestion;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Planning\Spares;
use Pindle\Core\Question\Kind\TakeJustSo;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

final class LiveAdviceTest extends TestCase
{
    private const STEP = 'put-together@5';

    public function test_nothing_is_said_while_all_goes_its_way(): void
    {
        self::assertNull(self::after([]));
        self::assertNull(self::after([Outcome::AtOnce, Outcome::NotYet, Outcome::AtOnce, Outcome::AtOnce]));
    }

    public function test_two_not_yet_running_ease_in_order(): void
    {
        $advice = self::after([Outcome::NotYet, Outcome::NotYet], slip: Slip::Recounts, form: Form::Pictures);

        self::assertSame(Cause::TwoNotYet, $advice?->cause);
        self::assertSame([Idea::ShowAndAskAgain, Idea::SmallerNumbers, Idea::MoreHelp, Idea::Remedy, Idea::WeakestNeed], $advice->ideas);
        self::assertSame(Slip::Recounts, $advice->slip);
        self::assertSame('count-out@5', $advice->need);
    }

    public function test_after_a_mistake_it_is_shown_offered_again_or_left_to_the_things(): void
    {
        $first = static function (AfterMistake $after): ?Idea {
            $attempts = array_map(static fn (int $i): Attempt => Make::anAttempt('count-out@5', 0, Outcome::NotYet, minute: $i), [0, 1]);
            $record = Make::record($attempts, new Settings(afterMistake: $after));

            return self::advice($record, 'count-out@5', $attempts)?->ideas[0];
        };

        self::assertSame(
            [Idea::ShowAndAskAgain, Idea::OfferAgain, Idea::CheckAndAskAgain],
            array_map($first, [AfterMistake::ShowAgain, AfterMistake::OfferAgain, AfterMistake::MaterialTells]),
        );
    }

    /** Asked again at once it is next; offered again it comes just before the last, which is easy. */
    public function test_what_is_offered_again_comes_later_and_the_easy_one_still_last(): void
    {
        $questions = self::outOf(2, 3, 4, 5, 6);
        $order = static fn (Idea $idea): array => NextQuestion::after($idea, $questions, [0, 1, 2, 3, 4], [0, 1], [], 'own');

        self::assertSame([0, 1, 5, 2, 3, 4], $order(Idea::ShowAndAskAgain)[1]);
        self::assertSame([0, 1, 5, 2, 3, 4], $order(Idea::CheckAndAskAgain)[1]);
        self::assertSame([0, 1, 2, 3, 5, 4], $order(Idea::OfferAgain)[1]);
        self::assertSame(['own', 3], [$order(Idea::OfferAgain)[0][5]->id, $order(Idea::OfferAgain)[0][5]->prompt->answer()], 'the one asked last');
        self::assertSame([$questions, [0, 1, 2, 3, 4]], $order(Idea::HowDidYouSeeIt), 'only said');
    }

    public function test_the_spare_that_the_device_asks_is_taken_or_else_the_nearest(): void
    {
        [$questions, $spares] = [self::outOf(5, 6), self::outOf(1, 4, 7, 9)];
        $added = static fn (Idea $idea, ?string $id): string => NextQuestion::after($idea, $questions, [0, 1], [0, 1], $spares, $id)[0][2]->id;

        self::assertSame(['q1', 'q4', 'q4'], [$added(Idea::SmallerNumbers, 'q1'), $added(Idea::SmallerNumbers, null), $added(Idea::SmallerNumbers, 'other')]);
        self::assertSame('q7', $added(Idea::BiggerNumbers, null));
        self::assertNull(NextQuestion::after(Idea::BiggerNumbers, $questions, [0, 1], [0, 1], self::outOf(1, 6))[0][2] ?? null, 'nothing is bigger');
    }

    public function test_spares_are_three_open_ones_an_idea_that_the_things_are_enough_for(): void
    {
        $things = static fn (int $amount): SetUp => new SetUp(
            'one',
            Make::catalogue()->activity('fetch-me'),
            Place::Floor,
            Part::With,
            new Span(540, 550),
            [$sitting = new Sitting('maren', [new Course('count-out@10', Form::Things, Help::Bare, Reason::Ready)], self::outOf(5, 6, 9))],
            [new Laid('things', Make::thing('corks', 40, null), $amount)],
        );
        $spares = static fn (int $amount): array => array_map(
            static fn (array $of): array => array_map(static fn (Question $one): int => $one->prompt->load(), $of) ?: [0],
            (new Spares(Make::map()))->of($things($amount), $things($amount)->sittings[0]),
        );

        // Twice the reach lies out for ten: 20.
        self::assertSame([], $spares(19));
        self::assertSame(['smaller-numbers', 'bigger-numbers'], array_keys(\array_slice($spares(20), 0, 2)));
        ['smaller-numbers' => $smaller, 'bigger-numbers' => $bigger] = $spares(20);
        self::assertSame([3, 3], [\count($smaller), \count($bigger)]);
        self::assertSame([], array_intersect([5, 6, 9], [...$smaller, ...$bigger]), 'nothing that is asked already');
        self::assertSame([true, true, 10], [max($smaller) < 9, min($bigger) > 5, max($bigger)]);
        self::assertSame(2, min($smaller));
        $next = (new Spares(Make::map()))->of($things(60), $things(60)->sittings[0])['next-reach'][0] ?? null;
        self::assertSame(['count-out@20', 11], [$next?->stepId, $next?->prompt->load()], 'the smallest that is new there');
    }

    public function test_with_all_the_help_there_is_the_form_goes_back(): void
    {
        self::assertContains(Idea::FormBack, self::after([Outcome::NotYet, Outcome::NotYet], form: Form::Pictures, help: Help::Shown)->ideas ?? []);
        self::assertNotContains(
            Idea::FormBack,
            self::after([Outcome::NotYet, Outcome::NotYet], form: Form::Things, help: Help::Shown)->ideas ?? [],
            'there is none before things',
        );
    }

    public function test_the_smallest_reach_has_no_smaller_numbers(): void
    {
        $ideas = static function (string $step): array {
            $attempts = array_map(static fn (int $i): Attempt => Make::anAttempt($step, 0, Outcome::NotYet, minute: $i), [0, 1]);
            $record = Make::record($attempts);

            return self::advice($record, $step, $attempts)->ideas ?? [];
        };

        self::assertNotContains(Idea::SmallerNumbers, $ideas('count-out@3'));
        self::assertContains(Idea::SmallerNumbers, $ideas('count-out@5'));
        self::assertNotContains(Idea::WeakestNeed, $ideas('say-count@3'), 'it needs nothing');
    }

    public function test_how_many_more_is_asked_to_five_ten_or_twenty(): void
    {
        $asks = static function (string $step): bool {
            $attempts = array_map(static fn (int $i): Attempt => Make::anAttempt($step, 0, Outcome::AtOnce, minute: $i), [0, 1, 2]);
            $record = Make::record($attempts);

            return \in_array(Idea::HowManyMoreTo, self::advice($record, $step, $attempts)->ideas ?? [], true);
        };

        self::assertSame(
            [false, true, true, true, false, false],
            array_map($asks, ['say-count@3', 'say-count@5', 'say-count@10', 'say-count@20', 'say-count@30', 'count-in@twos']),
        );
    }

    public function test_the_newest_slip_is_the_one_that_is_remedied(): void
    {
        $attempts = [
            Make::anAttempt(self::STEP, 0, Outcome::NotYet, slip: Slip::CountsFaster),
            Make::anAttempt(self::STEP, 0, Outcome::NotYet, slip: Slip::Recounts, minute: 1),
        ];
        $record = Make::record($attempts);

        self::assertSame(Slip::Recounts, self::advice($record, self::STEP, $attempts)?->slip);
        self::assertNull(self::advice($record, self::STEP, []));
    }

    public function test_one_on_fingers_is_no_sign_and_with_things_there_are_things(): void
    {
        self::assertNull(self::after([Outcome::WorkedItOut], form: Form::Pictures, method: Method::Fingers));
        self::assertNull(self::after([Outcome::WorkedItOut, Outcome::WorkedItOut], form: Form::Things, method: Method::Fingers));
        self::assertNull(self::after(
            [Outcome::WorkedItOut, Outcome::WorkedItOut],
            form: Form::Pictures,
            method: Method::Fingers,
            offered: [Idea::BringThings],
        ));
    }

    public function test_an_idea_is_not_offered_twice_in_a_sitting(): void
    {
        self::assertSame(Idea::SmallerNumbers, self::after([Outcome::NotYet, Outcome::NotYet], offered: [Idea::ShowAndAskAgain])?->ideas[0]);
    }

    public function test_three_not_yet_end_with_an_easy_one(): void
    {
        self::assertSame([Idea::FinishEasy], self::after([Outcome::NotYet, Outcome::AtOnce, Outcome::NotYet, Outcome::AtOnce, Outcome::NotYet])?->ideas);
    }

    public function test_three_at_once_stretch_in_order_and_six_again(): void
    {
        $advice = self::after(array_fill(0, 3, Outcome::AtOnce), form: Form::Things);

        self::assertSame(Cause::ThreeAtOnce, $advice?->cause);
        self::assertSame(
            [Idea::HowDidYouSeeIt, Idea::CoverAndAsk, Idea::BiggerNumbers, Idea::HowManyMoreTo, Idea::ChildAsks, Idea::NextForm, Idea::NextReach],
            $advice->ideas,
        );
        self::assertNull(self::after(array_fill(0, 4, Outcome::AtOnce)));
        self::assertNotNull(self::after(array_fill(0, 6, Outcome::AtOnce)));
        self::assertNull(self::after(array_fill(0, 3, Outcome::AtOnce), help: Help::Shown), 'shown is not at once');
    }

    public function test_fingers_are_read_as_the_setting_says(): void
    {
        $fingers = [Outcome::WorkedItOut, Outcome::WorkedItOut];

        self::assertSame([Idea::BringThings], self::after($fingers, form: Form::Pictures, method: Method::Fingers)?->ideas);
        self::assertNull(self::after($fingers, form: Form::Pictures, method: Method::Fingers, settings: new Settings(fingers: Fingers::FineHelp)));
    }

    public function test_a_question_more_is_offered_only_where_one_is_left(): void
    {
        $attempts = array_map(static fn (int $i): Attempt => Make::anAttempt('count-out@5', 0, Outcome::NotYet, minute: $i), [0, 1]);
        $record = Make::record($attempts);

        self::assertNotContains(Idea::SmallerNumbers, self::advice($record, 'count-out@5', $attempts, spares: [])->ideas ?? []);
        self::assertNotContains(Idea::NextReach, self::after(array_fill(0, 3, Outcome::AtOnce), spares: [Idea::BiggerNumbers])->ideas ?? []);
    }

    public function test_a_device_that_looks_up_advises_as_the_house_does(): void
    {
        $rows = Walk::all()->rows;
        self::assertLessThan(80, \count($rows));
        $random = new Randomizer(new Xoshiro256StarStar(7));
        $one = static fn (array $of): mixed => $of[$random->getInt(0, \count($of) - 1)];
        for ($sitting = 0; $sitting < 200; ++$sitting) {
            [$row, $attempts] = [0, []];
            for ($i = 0; $i < 9; ++$i) {
                [$outcome, $help, $method] = [$one(Outcome::cases()), $one(Help::cases()), $one([null, Method::Fingers])];
                $attempts[] = Make::anAttempt(self::STEP, 0, $outcome, help: $help, minute: $i, method: $method);
                [$row, $causes] = $rows[$row][Walk::event($outcome, Help::Bare === $help, null !== $method)];
                self::assertSame(
                    array_map(static fn (Cause $cause): string => $cause->value, Counters::of($attempts)->causes($outcome, Help::Bare === $help)),
                    $causes,
                );
            }
        }
    }

    /** @return list<Question> */
    private static function outOf(int ...$numbers): array
    {
        return array_values(array_map(static fn (int $n): Question => new Question('count-out@10', new TakeJustSo($n), Level::At, 'q'.$n), $numbers));
    }

    /**
     * @param list<Outcome> $outcomes
     * @param list<Idea>    $offered
     * @param list<Idea>    $spares
     */
    private static function after(
        array $outcomes,
        ?Slip $slip = null,
        ?Form $form = null,
        Help $help = Help::Bare,
        ?Method $method = null,
        Settings $settings = new Settings(),
        array $offered = [],
        array $spares = [Idea::SmallerNumbers, Idea::BiggerNumbers, Idea::NextReach],
    ): ?LiveAdvice {
        $attempts = array_map(
            static fn (Outcome $outcome, int $i): Attempt => Make::anAttempt(
                self::STEP,
                0,
                $outcome,
                help: $help,
                form: $form,
                slip: $slip,
                minute: $i,
                method: $method,
            ),
            $outcomes,
            array_keys($outcomes),
        );
        $record = Make::record($attempts, $settings);

        return self::advice($record, self::STEP, $attempts, $offered, $spares);
    }

    /**
     * @param list<Attempt> $attempts
     * @param list<Idea>    $offered
     * @param list<Idea>    $spares
     */
    private static function advice(
        ChildRecord $record,
        string $step,
        array $attempts,
        array $offered = [],
        array $spares = [Idea::SmallerNumbers, Idea::BiggerNumbers, Idea::NextReach],
    ): ?LiveAdvice {
        $form = [] === $attempts ? null : $attempts[\count($attempts) - 1]->form;

        return LiveAdvice::after(Script::of($record->map->step($step), $form, $record), $attempts, $offered, $spares);
    }
}

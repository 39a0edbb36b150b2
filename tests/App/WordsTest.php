<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\App\Content\BrokenContent;
use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Child\Answering;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Skill\Step;
use Pindle\Tests\Make;

require_once \dirname(__DIR__, 2).'/tools/check-words.php';

/** Sentences: one, many and none read right, and what is missing is an error and never a gap. */
final class WordsTest extends TestCase
{
    public function test_one_and_many_read_right(): void
    {
        $words = Make::words();

        self::assertSame('It is the one thing missing for 1 more step.', $words->say('reasons', 'opens-more', ['steps' => 1]));
        self::assertSame('It is the one thing missing for 3 more steps.', $words->say('reasons', 'opens-more', ['steps' => 3]));
        self::assertSame('Last met 1 day ago; a quick look keeps it.', $words->say('reasons', 'due', ['days' => 1]));
        self::assertSame('Not met', $words->say('marks', Mark::NotMet));
    }

    public function test_a_message_that_is_not_there_is_an_error(): void
    {
        $this->expectException(BrokenContent::class);
        $this->expectExceptionMessage('no-such-reason');
        Make::words()->say('reasons', 'no-such-reason');
    }

    public function test_a_group_that_is_not_there_is_an_error(): void
    {
        $this->expectException(BrokenContent::class);
        Make::words()->say('no-such-group', 'ready');
    }

    /** @param array<string, int|string> $values */
    #[TestWith([['wanted' => 7]])]
    #[TestWith([['days' => 'two']])]
    #[TestWith([['days' => '2']])]
    public function test_a_value_that_is_missing_or_no_number_is_an_error(array $values): void
    {
        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage('{days}');
        Make::words()->say('reasons', 'due', $values);
    }

    public function test_braces_that_do_not_match_are_an_error(): void
    {
        $this->expectException(\LogicException::class);
        $this->expectExceptionMessage('do not match');
        Make::words()->fill('{days, plural, one {# day} other {# days}', ['days' => 2]);
    }

    public function test_a_question_is_said_as_the_child_is_taught_else_as_the_activity_says_it(): void
    {
        $prompt = new Kind\Join('join', 3, 2);
        $usual = Make::words()->ask($prompt, [], 'pegs', new Settings(), null);

        self::assertStringNotContainsString('{', $usual);
        self::assertSame('Three boats and two', Make::words()->ask($prompt, ['join' => 'Three boats and two'], 'pegs', new Settings(), null));
        self::assertStringStartsWith(
            $usual.' ',
            Make::words()->ask($prompt, [], 'pegs', new Settings(), Answering::Writing),
            'how a written answer is given comes after',
        );
        self::assertSame('5', preg_replace('/\D/', '', Make::words()->answer($prompt, 'pegs')));
    }

    public function test_a_sentence_comes_whole_then_shorter_three_times_then_whole_again(): void
    {
        $asks = static fn (array $prompts, array $own = []): array => Make::words()->asks(
            array_values($prompts),
            $own,
            'pegs',
            new Settings(),
            Answering::Writing,
        );
        [$three, $four, $join] = [new Kind\TellHowMany('how-many', 3), new Kind\TellHowMany('how-many', 4), new Kind\Join('join', 3, 2)];

        $said = $asks([$three, $four, $three, $four, $three], ['how-many' => 'Look in the tin. How many {things}?']);
        self::assertCount(4, array_unique($said), 'the number asked for is not in the sentence');
        self::assertStringStartsWith('Look in the tin. How many pegs?', $said[0]);
        self::assertSame(['And now: how many?', 'How many this time?', 'Once more. How many?'], \array_slice($said, 1, 3));
        self::assertSame($said[0], $said[4]);

        $mixed = $asks([$three, $join, $four, new Kind\Join('join', 3, 1), $join]);
        self::assertSame('And now: how many?', $mixed[2], 'another sentence between does not make it new');
        self::assertSame($asks([$join])[0], $mixed[1]);
        self::assertNotSame($mixed[1], $mixed[3], 'other numbers, another sentence');
        self::assertSame($mixed[1], $mixed[4], 'what has no shorter way stays whole');
    }

    #[TestWith([new Kind\BridgeTen(8, 5), true])]
    #[TestWith([new Kind\BridgeTen(5, 8), true])]
    #[TestWith([new Kind\BridgeTen(8, 4), false])]
    #[TestWith([new Kind\BridgeTen(4, 8), false])]
    #[TestWith([new Kind\BridgeBack(13, 5), true])]
    #[TestWith([new Kind\BridgeBack(13, 8), true])]
    #[TestWith([new Kind\BridgeBack(13, 4), false])]
    #[TestWith([new Kind\BridgeBack(13, 9), false])]
    public function test_through_fives_is_said_only_where_both_parts_have_a_five(Prompt $prompt, bool $isSaid): void
    {
        $ask = Make::words()->ask($prompt, [], 'pegs', new Settings(acrossTen: AcrossTen::ThroughFives), null);

        self::assertSame($isSaid, str_contains($ask, 'a five'));
        $own = Make::words()->ask($prompt, [$prompt->ask => 'Ours'], 'pegs', new Settings(acrossTen: AcrossTen::ThroughFives), null);
        self::assertSame($isSaid ? $ask : 'Ours', $own, 'what does not go with the numbers leaves the activity its words');
    }

    public function test_a_reach_is_said_by_its_number_or_its_name(): void
    {
        $says = static fn (string $id): string => Make::words()->reach(Make::wholeMap()->step($id));

        self::assertSame('to 10', $says('how-many@10'));
        self::assertSame(['3', 'to 3'], [Make::wholeMap()->step('how-many@3')->reach->name, $says('how-many@3')]);
        foreach (Make::wholeMap()->steps as $step) {
            self::assertNotSame('', Make::words()->step($step), $step->id);
            self::assertStringContainsString(', ', self::whole($step));
        }
    }

    /** @param list<string> $found */
    #[TestWith(['Nothing for {days} days.', ['days']])]
    #[TestWith(['{n} empty plates and {m} lids', ['n', 'm']])]
    #[TestWith(['{days, plural, one {# day} other {# days}} and {n} pegs', ['n']])]
    #[TestWith(['{days, plural, one {# day} other {# days}}', []])]
    #[TestWith(['{a} is {b} less than {c}, as {d} mm across', []])]
    #[TestWith(['{count} {things} of {n}', []])]
    public function test_the_check_of_words_finds_a_number_before_a_plural(string $message, array $found): void
    {
        self::assertSame($found, numbersWithoutPlural($message));
    }

    private static function whole(Step $step): string
    {
        return Make::words()->step($step);
    }
}

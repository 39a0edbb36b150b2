<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Child\SetSize;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Question\Sure;
use Pindle\Core\Question\Tilt;
use Pindle\Core\Question\UnknownQuestion;
use Pindle\Core\Skill\MissingVariant;
use Pindle\Core\Skill\Reach;
use Pindle\Core\Skill\Step;
use Pindle\Core\Skill\Variant;
use Pindle\Tests\Make;
use Pindle\Tests\Promises;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** How many questions of which level, what comes first and last, and what a kind of question promises. */
final class AskingTest extends TestCase
{
    private const STEP = 'put-together@10';

    /**
     * Between the first and the last: two in ten easier, two in ten harder, in up to five all at the step; half easier and none harder after a
     * sitting that went hard.
     */
    #[TestWith([12, Tilt::Even, 2, 6, 2])]
    #[TestWith([12, Tilt::Smaller, 5, 5, 0])]
    #[TestWith([9, Tilt::Even, 1, 5, 1])]
    #[TestWith([9, Tilt::Smaller, 4, 3, 0])]
    #[TestWith([6, Tilt::Even, 1, 2, 1])]
    #[TestWith([5, Tilt::Even, 0, 3, 0])]
    #[TestWith([5, Tilt::Smaller, 2, 1, 0])]
    #[TestWith([3, Tilt::Even, 0, 1, 0])]
    #[TestWith([12, Tilt::Bigger, 0, 5, 5])]
    #[TestWith([5, Tilt::Bigger, 0, 1, 2])]
    public function test_so_many_of_each_level(int $count, Tilt $tilt, int $easier, int $at, int $harder): void
    {
        foreach (range(1, 20) as $seed) {
            $levels = array_map(static fn (Question $question): string => $question->level->value, self::set($count, $seed, tilt: $tilt));
            $counts = array_count_values($levels) + ['easier' => 0, 'at' => 0, 'harder' => 0];

            self::assertSame([$easier, $at, $harder, 2], [$counts['easier'], $counts['at'], $counts['harder'], $counts['sure']]);
            self::assertSame(['sure', 'sure'], [$levels[0], $levels[$count - 1]]);
            if ($at > 1) {
                self::assertSame('at', $levels[$count - 2], 'nothing hard just before the end');
            }
        }
    }

    /** A step of five facts: two and three in a row and in a muddle, three in a ring. */
    public function test_nothing_is_asked_twice_and_a_step_with_few_facts_has_a_short_set(): void
    {
        foreach ([2 => 2, 4 => 4, 5 => 5, 6 => 5, 12 => 5] as $wanted => $asked) {
            foreach (range(1, 10) as $seed) {
                $questions = QuestionSet::choose(
                    Kind::named('count-objects'),
                    Make::map()->step('touch-count@3'),
                    [],
                    $wanted,
                    null,
                    null,
                    new Randomizer(new Xoshiro256StarStar($seed)),
                )->questions;
                $keys = array_map(static fn (Question $question): string => $question->prompt->key(), $questions);

                self::assertCount($asked, $keys);
                self::assertSame($keys, array_unique($keys));
            }
        }
    }

    #[TestWith([47, 3, 4, 60, 60])]
    #[TestWith([48, 4, 6, 35, 60])]
    #[TestWith([71, 4, 6, 35, 60])]
    #[TestWith([72, 6, 8, 35, 60])]
    public function test_so_many_questions_by_age(int $months, int $fewest, int $most, int $short, int $long): void
    {
        $size = SetSize::atAge($months);

        self::assertSame([$fewest, $most, $short, $long], [$size->fewest, $size->most, $size->seconds(35), $size->seconds(60)]);
        self::assertSame($months < 48 ? 60 : 30, $size->seconds(20), 'no question is put, thought over and looked at faster');
        self::assertSame(0, $size->fitting($fewest * $short - 1, 35));
        self::assertSame($fewest, $size->fitting($fewest * $short, 35));
        self::assertSame($most, $size->fitting(3600, 35));
    }

    public function test_easier_ones_are_of_the_lower_third_and_harder_ones_of_the_upper(): void
    {
        $loads = array_map(static fn (Prompt $prompt): int => $prompt->load(), Kind::named('join')->prompts(self::step()));
        sort($loads);
        [$low, $high] = [$loads[(int) floor(\count($loads) / 3) - 1], $loads[(int) ceil(2 * \count($loads) / 3)]];
        foreach (range(1, 40) as $seed) {
            foreach (self::set(12, $seed) as $question) {
                match ($question->level) {
                    Level::Easier => self::assertLessThanOrEqual($low, $question->prompt->load()),
                    Level::Harder => self::assertGreaterThanOrEqual($high, $question->prompt->load()),
                    default => self::assertContains($question->level, [Level::At, Level::Sure]),
                };
            }
        }
    }

    public function test_noughts_and_doubles_wait_until_the_step_was_met(): void
    {
        $with = static fn (array $asked): int => \count(array_filter(
            array_merge(...array_map(static fn (int $seed): array => \array_slice(self::set(12, $seed, $asked), 1, -1), range(1, 20))),
            static fn (Question $question): bool => $question->prompt->hasNought() || $question->prompt->isDouble(),
        ));

        self::assertSame(0, $with([]));
        // One in six is a nought, one in six a double: of 200 between, 66; a nought is none the oftener for being a double too.
        self::assertEqualsWithDelta(66, $with(['join:1,2' => ['seen' => 1, 'unaided' => 0]]), 14);
    }

    public function test_of_two_amounts_to_compare_one_in_five_are_equal_from_the_first_day(): void
    {
        $step = Make::map()->step('compare-signs@10');
        $both = 0;
        foreach (range(1, 40) as $seed) {
            $questions = QuestionSet::choose(Kind::named('compare-signs'), $step, [], 12, null, null, new Randomizer(new Xoshiro256StarStar($seed)))->questions;
            $equal = array_keys(array_filter(\array_slice($questions, 1, -1), static fn (Question $question): bool => $question->prompt->isDouble()));

            self::assertContains(\count($equal), [1, 2], 'of ten between, one waits where half have to be open first; in seed '.$seed);
            $both += 2 === \count($equal) ? 1 : 0;
        }
        self::assertGreaterThan(20, $both);
    }

    public function test_half_of_what_is_asked_at_the_step_is_open(): void
    {
        foreach (range(1, 40) as $seed) {
            $at = array_filter(
                QuestionSet::choose(
                    Kind::named('compare'),
                    Make::map()->step('more-fewer-same@10'),
                    [],
                    12,
                    null,
                    null,
                    new Randomizer(new Xoshiro256StarStar($seed)),
                )->questions,
                static fn (Question $question): bool => Level::At === $question->level,
            );

            self::assertGreaterThanOrEqual(3, \count(array_filter($at, static fn (Question $question): bool => $question->prompt->isOpen())), 'of six');
        }
    }

    public function test_a_set_opens_and_closes_with_what_is_sure(): void
    {
        [$three, $five] = [Make::map()->step('put-together@5'), Make::map()->step('count-out@5')];
        $questions = QuestionSet::choose(
            Kind::named('join'),
            self::step(),
            [],
            8,
            new Sure($five, Kind::named('take-just-so')),
            new Sure($three, Kind::named('join')),
            new Randomizer(new Xoshiro256StarStar(1)),
        )->questions;

        self::assertSame(['count-out@5', 'take-just-so'], [$questions[0]->stepId, Kind::of($questions[0]->prompt)->id]);
        self::assertSame('put-together@5', $questions[7]->stepId);
        self::assertLessThanOrEqual(5, $questions[7]->prompt->load());
        foreach (\array_slice($questions, 1, -1) as $question) {
            self::assertSame(self::STEP, $question->stepId);
        }
    }

    public function test_with_nothing_sure_it_opens_with_the_smallest_numbers_of_the_step(): void
    {
        foreach (range(1, 20) as $seed) {
            $questions = self::set(8, $seed);
            self::assertLessThanOrEqual(5, $questions[0]->prompt->load());
            self::assertLessThanOrEqual(5, $questions[7]->prompt->load());
            self::assertNotSame($questions[7]->prompt->key(), $questions[6]->prompt->key());
        }
    }

    public function test_no_set_begins_or_ends_with_a_nought(): void
    {
        foreach (['join', 'double', 'take', 'split'] as $kind) {
            $step = Make::wholeMap()->step(['join' => 'put-together@10', 'double' => 'doubles@10', 'take' => 'take-away@10', 'split' => 'bond@10'][$kind]);
            $sure = new Sure(Make::wholeMap()->step('add-zero@10'), Kind::named('join'));
            foreach (range(1, 30) as $seed) {
                foreach ([null, $sure] as $ends) {
                    $questions = QuestionSet::choose(Kind::named($kind), $step, [], 7, $ends, $ends, new Randomizer(new Xoshiro256StarStar($seed)))->questions;
                    self::assertFalse($questions[0]->prompt->hasNought());
                    self::assertFalse($questions[\count($questions) - 1]->prompt->hasNought());
                }
            }
        }
    }

    public function test_nobody_begins_or_ends_with_how_many_more_of_two_that_are_the_same(): void
    {
        $step = Make::wholeMap()->step('how-many-more@10');
        foreach (range(1, 40) as $seed) {
            $questions = QuestionSet::choose(Kind::named('difference'), $step, [], 6, null, null, new Randomizer(new Xoshiro256StarStar($seed)))->questions;
            self::assertFalse($questions[0]->prompt->isDouble());
            self::assertFalse($questions[5]->prompt->isDouble());
        }
    }

    public function test_what_is_counted_out_is_for_the_largest_of_a_set(): void
    {
        $of = static fn (Prompt ...$prompts): array => QuestionSet::ofStored(array_map(
            static fn (Prompt $prompt): Question => new Question(self::STEP, $prompt, Level::At),
            array_values($prompts),
        ))->largest();

        self::assertSame(['n' => 9, 'a' => 7, 'b' => 6, 'c' => 0, 'sum' => 16], $of(new Kind\Join('join', 7, 2), new Kind\Join('join', 1, 6)));
        self::assertSame(
            25,
            $of(...array_map(static fn (int $a): Kind\Join => new Kind\Join('join', $a, 0), [1, 2, 3, 4, 5, 6, 7]))['sum'],
            'the five largest answers: 7 + 6 + 5 + 4 + 3',
        );
        self::assertSame(4, $of(new Kind\PileChart('chart-most', 6, 2, 4))['c']);
        self::assertSame(['n' => 0, 'a' => 0, 'b' => 0, 'c' => 0, 'sum' => 0], $of());
    }

    public function test_the_numerals_to_name_have_their_least_in_the_map(): void
    {
        $least = static fn (string $step): int => min(array_map(
            static fn (Prompt $prompt): int => $prompt->load(),
            Kind::named('name-numeral')->prompts(Make::map()->step($step)),
        ));

        self::assertSame([1, 0, 0, 8], array_map($least, ['name-numeral@3', 'name-numeral@5', 'name-numeral@10', 'name-numeral@20']));
    }

    public function test_every_prompt_is_kept_and_read_whole_and_has_a_key_of_its_own(): void
    {
        $asks = [];
        foreach (Promises::asked() as [$kind, $step]) {
            $keys = [];
            foreach ($kind->prompts($step) as $prompt) {
                self::assertEquals($prompt, $kind->read(Kind::stored($prompt)), $prompt->key());
                $keys[] = $prompt->key();
                $asks[$prompt->ask] = true;
                self::assertTrue(null === $prompt->choices() || $prompt->choices() >= 2, $prompt->key());
                self::assertSame(null === $prompt->choices() || $prompt->choices() >= 5, $prompt->isOpen(), $prompt->key());
            }
            self::assertSame($keys, array_values(array_unique($keys)), $kind->id.' '.$step->id);
            self::assertSame($kind->id, Kind::of($kind->prompts($step)[0])->id);
        }
        self::assertGreaterThan(90, \count($asks), 'nearly every question there are words for is asked somewhere');
    }

    /** @param array<string, mixed> $stored */
    #[TestWith([['ask' => 'join', 'a' => 3], 'b'])]
    #[TestWith([['ask' => 'join', 'a' => 'three', 'b' => 2], 'a'])]
    #[TestWith([['a' => 3, 'b' => 2], 'ask'])]
    #[TestWith([['ask' => 'joined', 'a' => 3, 'b' => 2], 'joined'])]
    public function test_a_prompt_that_was_kept_broken_is_an_error(array $stored, string $names): void
    {
        $this->expectException(UnknownQuestion::class);
        $this->expectExceptionMessage($names);
        Kind::named('join')->read($stored);
    }

    #[TestWith(['fly'])]
    #[TestWith(['Join'])]
    #[TestWith(['join-'])]
    #[TestWith(['../join'])]
    #[TestWith([''])]
    public function test_a_kind_that_is_not_there_is_an_error(string $name): void
    {
        $this->expectException(UnknownQuestion::class);
        Kind::named($name);
    }

    public function test_a_step_that_does_not_say_what_a_kind_must_know_is_an_error(): void
    {
        $step = Make::map()->step('count-in@tens');
        $bare = new Step($step->skill, new Reach('threes', 30, 84, [], new Variant('count-in@threes')), $step->needs, $step->forms, $step->before);
        $this->expectException(MissingVariant::class);
        $this->expectExceptionMessage('count-in@threes');
        Kind::named('count-in')->prompts($bare);
    }

    public function test_what_a_step_says_of_itself_is_read_by_what_it_is(): void
    {
        $says = new Variant('s', ['by' => 10, 'sentence' => true, 'from' => 'one', 'plates' => [2, 3], 'shapes' => ['disc', 'box']]);

        self::assertSame(
            [10, true, false, 'one', [2, 3], ['disc', 'box']],
            [
                $says->int('by'),
                $says->flag('sentence'),
                $says->flag('other'),
                $says->oneOf('from', 'one', 'anywhere'),
                $says->ints('plates'),
                $says->texts('shapes'),
            ],
        );
        foreach ([
            static fn () => $says->int('from'),
            static fn () => $says->int('none'),
            static fn () => $says->oneOf('from', 'anywhere'),
            static fn () => $says->oneOf('by', 'one'),
            static fn () => $says->texts('by'),
            static fn () => $says->texts('plates'),
            static fn () => $says->ints('shapes'),
        ] as $i => $ask) {
            try {
                $ask();
                self::fail('number '.$i.' was answered');
            } catch (MissingVariant $error) {
                self::assertSame('s', $error->stepId);
            }
        }
    }

    private static function step(): Step
    {
        return Make::map()->step(self::STEP);
    }

    /**
     * @param array<string, array{seen: int, unaided: int}> $asked
     *
     * @return list<Question>
     */
    private static function set(int $count, int $seed, array $asked = [], Tilt $tilt = Tilt::Even): array
    {
        return QuestionSet::choose(
            Kind::named('join'),
            self::step(),
            $asked,
            $count,
            null,
            null,
            new Randomizer(new Xoshiro256StarStar($seed)),
            $tilt,
        )->questions;
    }
}

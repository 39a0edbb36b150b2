<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\LaterState;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\UnknownQuestion;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\InvalidThing;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Make;

/** What an activity asks of a kind, what a thing can be, and what a record reads of itself. */
final class LimitsTest extends TestCase
{
    public function test_a_kind_asks_only_what_an_activity_can_carry(): void
    {
        $step = Make::wholeMap()->step('add-line@20');
        $all = Kind::named('line-add');
        $some = $all->only(['a' => [1, 2], 'b' => [3]]);

        self::assertGreaterThan(2, \count($all->prompts($step)));
        self::assertEqualsCanonicalizing(['hop-on:1,3', 'hop-on:2,3'], array_map(static fn (Prompt $prompt): string => $prompt->key(), $some->prompts($step)));
        self::assertFalse($all->only(['ask' => ['hop-back']])->canAsk($step));
        self::assertCount(\count($all->prompts($step)), $all->only(['shape' => ['circle']])->prompts($step), 'a number it has not is no limit');
        self::assertTrue($some->canAsk($step));
        self::assertFalse($all->only(['a' => [99]])->canAsk($step));
        $this->expectException(UnknownQuestion::class);
        $all->only(['a' => [99]])->prompts($step);
    }

    public function test_an_activity_shows_no_step_of_which_it_can_ask_nothing(): void
    {
        $plate = Make::catalogue()->activity('food-plate');
        $map = Make::wholeMap();

        self::assertTrue($plate->shows($map->step('name-shape@four'), $map->step('name-shape@four')->forms[0]));
        self::assertFalse($plate->shows($map->step('name-shape@solids'), $map->step('name-shape@solids')->forms[0]), 'no ball on a plate');
    }

    public function test_the_longest_line_of_a_chart_moves_about(): void
    {
        $first = ['a' => 0, 'b' => 0, 'c' => 0];
        foreach (Kind::named('pile-chart')->prompts(Make::wholeMap()->step('pile-chart@10')) as $prompt) {
            self::assertInstanceOf(Kind\PileChart::class, $prompt);
            $lines = ['a' => $prompt->a, 'b' => $prompt->b, 'c' => $prompt->c];
            self::assertGreaterThan(0, min($prompt->a, $prompt->b), 'a line of none is no line');
            if ('chart-most' === $prompt->ask) {
                self::assertSame(max($lines), $prompt->answer());
                foreach (array_keys($lines, max($lines), true) as $where) {
                    ++$first[$where];
                }
            }
            self::assertTrue('chart-more' !== $prompt->ask || $prompt->a > $prompt->b);
        }
        self::assertGreaterThan(4, min($first));
    }

    /** @return iterable<string, array{Shape, list<Ability>}> what things of a shape can not be said to do */
    public static function contradictions(): iterable
    {
        yield 'a ball' => [Shape::Ball, [Ability::Stacks, Ability::LiesStill, Ability::Stands, Ability::LinesUp, Ability::TwoSided]];
        yield 'an egg' => [Shape::Egg, [Ability::Stacks, Ability::LinesUp]];
        yield 'a block' => [Shape::Block, []];
        yield 'who knows' => [Shape::Unknown, []];
    }

    /** @param list<Ability> $not */
    #[DataProvider('contradictions')]
    public function test_what_rolls_does_not_stay(Shape $shape, array $not): void
    {
        self::assertSame($not, array_values(array_filter(
            [Ability::Stacks, Ability::LiesStill, Ability::Stands, Ability::LinesUp, Ability::TwoSided, Ability::Covers, Ability::Sounds, Ability::Edible],
            static fn (Ability $ability): bool => $ability->isAgainst($shape),
        )));
        foreach (Ability::usual($shape) as $ability) {
            self::assertFalse($ability->isAgainst($shape));
        }
        foreach ($not as $ability) {
            try {
                new Thing('t', 't', 't', 1, shape: $shape, can: [$ability]);
                self::fail($ability->value);
            } catch (InvalidThing $e) {
                self::assertStringContainsString($ability->value, $e->getMessage());
            }
        }
    }

    public function test_a_thing_has_no_more_colours_than_it_has(): void
    {
        $thing = new Thing('t', 't', 't', 11, colours: 3);
        self::assertSame([3, 2], [$thing->inColour(2)->amount, $thing->inColour(2)->colour]);
        $this->expectException(InvalidThing::class);
        $thing->inColour(3);
    }

    public function test_a_kept_state_is_read_once_and_only_when_it_is_asked_for(): void
    {
        $read = [];
        $later = static function (string $id) use (&$read): LaterState {
            return new LaterState(static function () use ($id, &$read): StepState {
                $read[] = $id;

                return new StepState();
            });
        };
        $kept = ChildRecord::kept(Make::wholeMap(), new Settings(), ['say-count@3' => $later('three'), 'say-count@30' => $later('thirty')], []);
        $after = $kept->with(Make::anAttempt('say-count@3', 0, Outcome::NotYet))->with(Make::anAttempt('say-count@3', 0, Outcome::NotYet));

        self::assertSame(['three'], $read);
        self::assertSame(['say-count@3'], array_keys($after->changedSince($kept)));
        self::assertSame([], $after->goneSince($kept));
        self::assertSame(['three'], $read, 'what did not change is not read to find out');
        self::assertSame(['say-count@3', 'say-count@30'], ChildRecord::blank(Make::wholeMap())->goneSince($kept));
        self::assertSame(['say-count@3', 'say-count@30'], array_keys($kept->changedSince(null)));
        self::assertCount(2, $after->states());
        self::assertSame(['three', 'thirty'], $read, 'each once');
    }
}

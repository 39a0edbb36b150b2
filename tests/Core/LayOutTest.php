<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Formula;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Role;
use Pindle\Core\Activity\Sameness;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\Lack;
use Pindle\Core\Planning\LackReason;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\LayOut;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Make;

/** Which things and how many, and what to do where they do not reach. */
final class LayOutTest extends TestCase
{
    public function test_the_exact_count_of_one_kind_is_laid_out(): void
    {
        self::assertSame(['things' => ['corks' => 7]], self::laid('take-some', new Kind\Take('take', 7, 3), [self::thing('corks', 20)]));
    }

    public function test_what_has_to_be_alike_is_of_one_kind_and_it_says_how_many_more_would_do(): void
    {
        $lack = self::choose('take-some', new Kind\Take('take', 9, 3), [self::thing('corks', 8), self::thing('pegs', 3)]);

        self::assertInstanceOf(Lack::class, $lack);
        self::assertSame([LackReason::TooFew, 9, 'corks', 1], [$lack->reason, $lack->wanted, $lack->nearest?->name, $lack->more]);
        self::assertSame(['things' => ['corks' => 9]], self::laid('take-some', new Kind\Take('take', 9, 3), [self::thing('corks', 9)]));
    }

    public function test_a_mix_takes_as_few_kinds_as_reach(): void
    {
        $mix = self::role('12', Sameness::Mixed);
        self::assertSame(['corks' => 12], self::filled($mix, [self::thing('lids', 9), self::thing('corks', 12)]));
        self::assertSame(['lids' => 9, 'corks' => 3], self::filled($mix, [self::thing('corks', 5), self::thing('lids', 9), self::thing('pegs', 4)]));
        $three = [self::thing('corks', 4), self::thing('lids', 6), self::thing('pegs', 2)];
        self::assertSame(['lids' => 6, 'corks' => 4, 'pegs' => 2], self::filled($mix, $three));
        self::assertSame([], self::filled($mix, [self::thing('corks', 4), self::thing('lids', 6), self::thing('pegs', 1)]));
    }

    public function test_one_each_of_so_many_kinds_and_of_growing_sizes(): void
    {
        $things = [self::thing('shorts', 3, [10, 10, 100]), self::thing('halves', 3, [10, 10, 124]), self::thing('longs', 1, [10, 10, 125])];
        self::assertSame(['shorts' => 1, 'halves' => 1, 'longs' => 1], self::filled(self::role('3', Sameness::Kinds), $things));
        self::assertSame([], self::filled(self::role('4', Sameness::Kinds), $things));
        self::assertSame(['shorts' => 1, 'longs' => 1], self::filled(self::role('2', Sameness::Sizes), $things), 'a quarter longer, not less');
        self::assertSame([], self::filled(self::role('3', Sameness::Sizes), $things));
        self::assertSame([], self::filled(self::role('2', Sameness::Kinds), [self::thing('shorts', 3), self::thing('longs', 0)]));
    }

    public function test_things_have_to_be_able_to_do_it(): void
    {
        $blocks = self::thing('blocks', 30);
        $socks = self::thing('socks', 30, can: [Ability::LiesStill]);
        $cubes = self::thing('cubes', 30, can: [Ability::Joins, Ability::LiesStill]);
        $role = self::role('9', Sameness::Alike, [[Ability::Stacks, Ability::Joins], [Ability::LiesStill]]);

        self::assertSame(['cubes' => 9], self::filled($role, [$socks, $cubes]), 'one of each list is enough');
        self::assertSame(['blocks' => 9], self::filled($role, [$blocks, $socks]));
        self::assertSame(LackReason::CannotDo, self::whatLacks($role, [$socks, self::thing('balls', 30, can: [Ability::Joins])]));
        self::assertSame(LackReason::CannotDo, self::whatLacks($role, []));
        self::assertSame(LackReason::Nothing, self::whatLacks(self::role('9', Sameness::Alike), []));
    }

    public function test_food_is_laid_out_only_where_it_is_eaten(): void
    {
        $bread = self::thing('bread', 30, can: [Ability::Edible, Ability::LiesStill]);
        self::assertSame([], self::filled(self::role('9', Sameness::Alike, [[Ability::LiesStill]]), [$bread]));
        self::assertSame([], self::filled(self::role('9', Sameness::Alike), [$bread]));
        self::assertSame(['bread' => 9], self::filled(self::role('9', Sameness::Alike, [[Ability::LiesStill, Ability::Edible]]), [$bread]));
    }

    public function test_things_have_to_fit_be_safe_and_be_even_where_they_are_weighed(): void
    {
        $lumps = new Thing('lumps', 'lumps', 'lump', 30, Size::of(45, 70, 80), Shape::Block, mass: 11.0, massDeviation: 2.2);
        $blocks = new Thing('blocks', 'blocks', 'block', 30, Size::of(40, 70, 80), Shape::Block, mass: 40.0, massDeviation: 0.5);

        self::assertSame(LackReason::TooBig, self::lack('ten-tray', new Kind\FillFrame('read-frame', 7), [self::thing('spoons', 20, [15, 30, 50])]));
        self::assertSame(['things' => ['spoons' => 5]], self::laid('ten-tray', new Kind\FillFrame('read-frame', 7), [self::thing('spoons', 20, [15, 30, 49])]));
        self::assertSame(LackReason::TooSmall, self::lack('line-of-feet', new Kind\MeasureWith(7), [self::thing('spoons', 20, [15, 30, 99])]));
        self::assertSame(['things' => ['spoons' => 7]], self::laid('line-of-feet', new Kind\MeasureWith(7), [self::thing('spoons', 20, [15, 30, 100])]));
        self::assertSame(LackReason::Unsafe, self::lack('take-some', new Kind\Take('take', 7, 3), [self::thing('beans', 60, [7, 9, 16])], 24));
        self::assertSame(LackReason::Uneven, self::lack('hanger-balance', new Kind\Balance(5, null), [$lumps]));
        self::assertSame(['things' => ['blocks' => 10]], self::laid('hanger-balance', new Kind\Balance(5, null), [$lumps, $blocks]));
    }

    public function test_a_second_kind_has_to_be_clearly_different_or_of_another_colour(): void
    {
        $numbers = new Kind\CompareSigns('put-sign', 4, 3);
        $cubes = static fn (int $amount): Thing => self::thing('cubes', $amount, colours: 3);
        self::assertSame(LackReason::NoOther, self::lack('turn-sign', $numbers, [self::thing('corks', 30)]));
        self::assertSame(['things' => ['cubes' => 4], 'others' => ['cubes' => 4]], self::laid('turn-sign', $numbers, [$cubes(12)]));
        self::assertNotNull(self::lack('turn-sign', $numbers, [$cubes(11)]), 'of three colours there are three of each for sure, not four');
        $blocks = new Thing('blocks', 'blocks', 'block', 30, Size::of(40, 40, 48), Shape::Block, glyph: 'cubes', can: [Ability::LiesStill]);
        $alike = [self::thing('cubes', 30), $blocks];
        self::assertSame(LackReason::NoOther, self::lack('turn-sign', $numbers, $alike), 'nobody tells them apart in a picture');
        $laid = self::choose('turn-sign', $numbers, [$cubes(30)]);
        self::assertSame([0, 1], array_map(static fn (Laid $one): int => $one->thing->colour, \is_array($laid) ? $laid : []));
    }

    public function test_of_a_thing_in_colours_there_are_as_many_of_each_as_shared_out_evenly(): void
    {
        $roles = static fn (string $first, bool $colour): array => [
            self::role($first, Sameness::Alike),
            new Role('others', Formula::parse('2'), true, colour: $colour),
        ];
        $cubes = self::thing('cubes', 12, colours: 3);

        self::assertSame(['cubes' => 2], self::filledAll($roles('4', false), [$cubes]), 'four of one colour and two of another');
        self::assertSame([], self::filledAll($roles('5', false), [$cubes]), 'there may be only four of each');
        self::assertSame(['cubes' => 4, 'corks' => 2], self::filledAll($roles('4', false), [$cubes, self::thing('corks', 3)]), 'another kind goes first');
        self::assertSame(['cubes' => 2], self::filledAll($roles('4', true), [$cubes, self::thing('corks', 3)]), 'unless it is colours that are meant');
    }

    public function test_the_best_for_one_role_is_given_up_where_the_next_has_nothing_else(): void
    {
        $join = self::role('5', Sameness::Alike, [[Ability::Joins]]);
        $any = self::role('5', Sameness::Alike);
        $things = [self::thing('cubes', 60, can: [Ability::Joins]), self::thing('corks', 5)];
        $others = new Role('others', $join->count, true, null, [], false, $join->wants);

        self::assertSame(['corks' => 5, 'cubes' => 5], self::filledAll([$any, $others], $things));
    }

    public function test_what_a_child_likes_goes_first_and_what_was_used_lately_goes_last(): void
    {
        $first = static fn (array $avoid, array $liked): string => self::first(
            [self::thing('corks', 60), self::thing('pegs', 40), self::thing('lids', 20)],
            array_values($avoid),
            array_values($liked),
        );

        self::assertSame('corks', $first([], []), 'of which there is most');
        self::assertSame('lids', $first([], ['lids']));
        self::assertSame('pegs', $first(['corks'], []));
        self::assertSame('pegs', $first(['corks'], ['corks']), 'used lately weighs more than liked');
        self::assertSame('lids', $first(['corks', 'pegs'], []));
        self::assertSame('corks', $first(['corks', 'pegs', 'lids'], []));
    }

    public function test_plenty_counts_up_to_a_hundred_and_never_more_than_liking(): void
    {
        self::assertSame('corks', self::first([self::thing('corks', 99), self::thing('pegs', 98)], [], []));
        self::assertSame('few', self::first([self::thing('many', 100), self::thing('few', 7)], [], ['few']));
    }

    public function test_small_hands_get_what_they_hold_well(): void
    {
        $best = static fn (Thing ...$things): string => (string) array_key_first(self::filled(self::role('5', Sameness::Alike), array_values($things)));

        self::assertSame('good', $best(self::thing('thin', 60, [11, 11.9, 60]), self::thing('good', 5, [11, 12, 60])));
        self::assertSame('good', $best(self::thing('long', 60, [20, 20, 161]), self::thing('good', 5, [20, 20, 160])));
        self::assertSame('long', $best(self::thing('long', 5, [20, 20, 161]), self::thing('thin', 5, [11, 11.9, 60])));
        self::assertSame('thin', $best(self::thing('good', 4, [20, 20, 50]), self::thing('thin', 5, [11, 11.9, 60])), 'enough of it goes first');
    }

    public function test_no_more_than_sixty_things_are_counted_out(): void
    {
        self::assertSame(['corks' => 60], self::filled(self::role('60', Sameness::Alike), [self::thing('corks', 200)]));
        self::assertSame(LackReason::TooMany, self::whatLacks(self::role('61', Sameness::Alike), [self::thing('corks', 200)]));
    }

    /** @param list<list<Ability>> $can */
    private static function role(string $count, Sameness $sameness, array $can = []): Role
    {
        return new Role('things', Formula::parse($count), wants: $can, sameness: $sameness);
    }

    /**
     * @param list<Role>  $roles
     * @param list<Thing> $things
     *
     * @return list<Laid>|Lack
     */
    private static function fill(array $roles, array $things): array|Lack
    {
        $of = new Activity('any', [], Part::With, false, [Place::Table], [], [Form::Things], $roles, [], 1, 30, false, null, ['things' => Picture::Row]);
        $set = QuestionSet::ofStored([new Question('take-away@5', new Kind\Take('take', 7, 3), Level::At)]);

        return (new LayOut(Make::cautions(), Make::day(0)))->choose($of, [], [[$set, 5]], [Form::Things], $things, [], [], []);
    }

    /**
     * @param list<Role>  $roles
     * @param list<Thing> $things
     *
     * @return array<string, int> thing => count; empty when it lacks
     */
    private static function filledAll(array $roles, array $things): array
    {
        $laid = self::fill($roles, $things);

        return $laid instanceof Lack ? [] : array_column(array_map(static fn (Laid $one): array => [$one->thing->id, $one->count], $laid), 1, 0);
    }

    /**
     * @param list<Thing> $things
     *
     * @return array<string, int>
     */
    private static function filled(Role $role, array $things): array
    {
        return self::filledAll([$role], $things);
    }

    /** @param list<Thing> $things */
    private static function whatLacks(Role $role, array $things): ?LackReason
    {
        $laid = self::fill([$role], $things);

        return $laid instanceof Lack ? $laid->reason : null;
    }

    /**
     * @param list<Thing>  $things
     * @param list<string> $avoid
     * @param list<string> $liked
     *
     * @return list<Laid>|Lack
     */
    private static function choose(string $activity, Prompt $prompt, array $things, int $months = 60, array $avoid = [], array $liked = []): array|Lack
    {
        $of = Make::catalogue()->activity($activity);
        $step = Make::wholeMap()->step('take-away@5');
        $set = QuestionSet::ofStored([new Question($step->id, $prompt, Level::At)]);

        return (new LayOut(Make::cautions(), Make::day(0)))->choose(
            $of,
            $of->props,
            [[$set, $step->size]],
            [Form::Things],
            $things,
            [new Child('c', 'C', Make::day(0)->plusDays(-30 * $months))],
            $avoid,
            $liked,
        );
    }

    /**
     * @param list<Thing>        $things
     *
     * @return array<string, array<string, int>> role => thing => count
     */
    private static function laid(string $activity, Prompt $prompt, array $things): array
    {
        $chosen = self::choose($activity, $prompt, $things);
        self::assertIsArray($chosen, $chosen instanceof Lack ? $chosen->reason->value : '');
        $laid = [];
        foreach ($chosen as $one) {
            $laid[$one->roleId][$one->thing->id] = $one->count;
        }

        return $laid;
    }

    /**
     * @param list<Thing>        $things
     */
    private static function lack(string $activity, Prompt $prompt, array $things, int $months = 60): ?LackReason
    {
        $lack = self::choose($activity, $prompt, $things, $months);

        return $lack instanceof Lack ? $lack->reason : null;
    }

    /**
     * @param list<Thing>  $things
     * @param list<string> $avoid
     * @param list<string> $liked
     */
    private static function first(array $things, array $avoid, array $liked): string
    {
        $laid = self::choose('take-some', new Kind\Take('take', 7, 3), $things, 60, $avoid, $liked);
        self::assertIsArray($laid);

        return $laid[0]->thing->id;
    }

    /**
     * @param array{float|int, float|int, float|int} $size
     * @param list<Ability>|null                     $can
     */
    private static function thing(string $name, int $amount, array $size = [40, 40, 48], ?array $can = null, int $colours = 1): Thing
    {
        return new Thing(
            $name,
            $name,
            rtrim($name, 's'),
            $amount,
            Size::of((float) $size[0], (float) $size[1], (float) $size[2]),
            Shape::Block,
            glyph: $name,
            colours: $colours,
            can: $can ?? Ability::usual(Shape::Block),
        );
    }
}

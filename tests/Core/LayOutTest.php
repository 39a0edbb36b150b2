<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Formula;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Role;
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

    public function test_an_amount_that_no_kind_has_is_split_over_two(): void
    {
        self::assertSame(
            ['things' => ['pegs' => 5, 'corks' => 2]],
            self::laid('take-some', new Kind\Take('take', 7, 3), [self::thing('corks', 4), self::thing('pegs', 5)]),
        );
    }

    public function test_when_even_two_kinds_fall_short_it_says_how_many_more_would_do(): void
    {
        $lack = self::choose('take-some', new Kind\Take('take', 9, 3), [self::thing('corks', 4), self::thing('pegs', 3)]);

        self::assertInstanceOf(Lack::class, $lack);
        self::assertSame([LackReason::TooFew, 9, 'corks', 5], [$lack->reason, $lack->wanted, $lack->nearest?->name, $lack->more]);
    }

    public function test_things_have_to_fit_be_safe_and_be_even_where_they_are_weighed(): void
    {
        $walnuts = new Thing('walnuts', 'walnuts', 'walnut', 30, Size::of(45, 70, 80), Shape::Block, mass: 11.0, massDeviation: 2.2);
        $blocks = new Thing('blocks', 'blocks', 'block', 30, Size::of(40, 70, 80), Shape::Block, mass: 40.0, massDeviation: 0.5);

        self::assertSame(LackReason::TooBig, self::lack('ten-tray', new Kind\FillFrame('read-frame', 7), [self::thing('spoons', 20, [15, 55, 300])]));
        self::assertSame(LackReason::Unsafe, self::lack('take-some', new Kind\Take('take', 7, 3), [self::thing('beans', 60, [7, 9, 16])], 24));
        self::assertSame(LackReason::Uneven, self::lack('hanger-balance', new Kind\Balance(5, null), [$walnuts]));
        self::assertSame(['things' => ['blocks' => 10]], self::laid('hanger-balance', new Kind\Balance(5, null), [$walnuts, $blocks]));
        self::assertSame(LackReason::Nothing, self::lack('take-some', new Kind\Take('take', 7, 3), []));
    }

    public function test_a_second_kind_has_to_be_clearly_different_or_of_another_colour(): void
    {
        $numbers = new Kind\CompareSigns('put-sign', 4, 3);
        self::assertSame(LackReason::NoOther, self::lack('turn-sign', $numbers, [self::thing('corks', 30)]));
        self::assertSame(
            ['things' => ['cubes' => 4], 'others' => ['cubes' => 3]],
            self::laid('turn-sign', $numbers, [new Thing('cubes', 'cubes', 'cube', 30, Size::of(40, 70, 80), Shape::Block, colours: 3)]),
        );
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

    public function test_no_more_than_sixty_things_are_counted_out(): void
    {
        $of = new Activity(
            'pile-up',
            [],
            Part::With,
            false,
            [Place::Table],
            [],
            [Form::Things],
            [new Role('things', Formula::parse('90'))],
            [],
            1,
            30,
            false,
            null,
            ['things' => Picture::cases()[0]],
        );
        $set = QuestionSet::ofStored([new Question('take-away@5', new Kind\Take('take', 7, 3), Level::At)]);
        $laid = (new LayOut(Make::cautions()))->choose($of, [], [[$set, 5]], [Form::Things], [self::thing('corks', 200)], [], Make::day(0), [], []);

        self::assertSame([60], array_map(static fn (Laid $one): int => $one->count, \is_array($laid) ? $laid : []));
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

        return (new LayOut(Make::cautions()))->choose(
            $of,
            $of->props,
            [[$set, $step->size]],
            [Form::Things],
            $things,
            [new Child('c', 'C', Make::day(0)->plusDays(-30 * $months))],
            Make::day(0),
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

    /** @param array{float|int, float|int, float|int} $size */
    private static function thing(string $name, int $amount, array $size = [40, 40, 48]): Thing
    {
        return new Thing($name, $name, rtrim($name, 's'), $amount, Size::of((float) $size[0], (float) $size[1], (float) $size[2]), Shape::Block, glyph: $name);
    }
}

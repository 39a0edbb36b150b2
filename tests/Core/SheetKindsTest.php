<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Child\Answering;
use Pindle\Core\Child\CoinSet;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Setting;
use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Drawing\Way;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Columns;
use Pindle\Core\Printable\Hatch;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Kind\BigNumerals;
use Pindle\Core\Printable\Kind\ColourSome;
use Pindle\Core\Printable\Kind\CoverBoxes;
use Pindle\Core\Printable\Kind\Line as NumberLine;
use Pindle\Core\Printable\Kind\RingPair;
use Pindle\Core\Printable\Kind\SumPage;
use Pindle\Core\Printable\Movement;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Sum;
use Pindle\Core\Printable\Variant;
use Pindle\Core\Question\Kind\CarryOn;
use Pindle\Core\Question\Kind\Join;
use Pindle\Core\Question\Kind\MatchNumeral;
use Pindle\Core\Question\Kind\NameShape;
use Pindle\Core\Question\Kind\Take;
use Pindle\Core\Question\Kind\TakeJustSo;
use Pindle\Core\Question\Kind\ToNext;
use Pindle\Core\Question\Shape;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What must be right on each sheet besides its size. */
final class SheetKindsTest extends TestCase
{
    /** In three columns no number stands beside itself; with fewer numbers than columns that cannot be, and still nothing fails. */
    public function test_columns_to_match_are_never_in_the_same_order(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $numbers = range(1, 3 + $seed % 3);
            $columns = Columns::of($numbers, 3, self::random($seed));
            foreach ($numbers as $i => $_) {
                self::assertCount(3, array_unique(array_column($columns, $i)), "seed $seed");
            }
            foreach ($columns as $column) {
                sort($column);
                self::assertSame($numbers, $column);
            }
        }
        self::assertSame([[4], [4]], Columns::of([4], 2, self::random(1)));
        [$left, $right] = Columns::of([4, 7], 2, self::random(1));
        self::assertSame($left, array_reverse($right));
    }

    public function test_of_the_numerals_to_ring_exactly_one_pair_makes_the_number(): void
    {
        for ($seed = 1; $seed <= 100; ++$seed) {
            $n = 1 + $seed % 20;
            $numbers = RingPair::numbers($n, self::random($seed));
            $pairs = 0;
            foreach ($numbers as $i => $one) {
                self::assertGreaterThanOrEqual(0, $one);
                foreach (\array_slice($numbers, $i + 1) as $other) {
                    $pairs += $one + $other === $n ? 1 : 0;
                }
            }
            self::assertSame(1, $pairs, "$n: ".implode(' ', $numbers));
            self::assertLessThanOrEqual(6, \count($numbers));
        }
    }

    public function test_boxes_to_cover_are_five_and_hold_just_so_many_and_one_more(): void
    {
        $prompts = array_map(static fn (int $n): TakeJustSo => new TakeJustSo($n), [4, 7, 2, 9, 5, 8]);
        $sheet = self::sheet(SheetKind::CoverBoxes, 10, prompts: $prompts);
        $boxes = array_filter(self::of($sheet, Box::class), static fn (Box $box): bool => 3.0 === $box->corner);
        self::assertCount(CoverBoxes::MOST, $boxes, 'of six that are asked');
        // A box whose number is to be found does not say it: it has a place for the label.
        $labels = static fn (MatchNumeral ...$asked): int => \count(array_filter(
            self::of(self::sheet(SheetKind::CoverBoxes, 3, prompts: array_values($asked)), Box::class),
            static fn (Box $box): bool => 26.0 === $box->width && 2.0 === $box->corner,
        ));
        $find = new MatchNumeral('label-amount', 2, 3);
        self::assertSame([1, 0], [$labels($find), $labels($find, new MatchNumeral('show-amount', 2, 3))]);
        foreach ([[1, 31.0, 190.0, [2, 1]], [8, 31.0, 190.0, [3, 3]], [9, 31.0, 190.0, [4, 3]], [9, 70.0, 190.0, [2, 5]]] as [$n, $cell, $wide, $room]) {
            self::assertSame($room, CoverBoxes::room($n, $cell, $wide));
        }
    }

    /** Three more at least, and the last row full. */
    #[TestWith([1, 5])]
    #[TestWith([2, 5])]
    #[TestWith([3, 10])]
    #[TestWith([7, 10])]
    #[TestWith([8, 15])]
    public function test_more_pictures_than_are_to_be_coloured(int $n, int $pictures): void
    {
        self::assertSame($pictures, ColourSome::pictures($n));
    }

    public function test_a_sheet_asks_what_is_asked_and_fills_up_within_the_reach(): void
    {
        $order = self::order(SheetKind::ColourSome, 6, prompts: [new TakeJustSo(5), new TakeJustSo(5), new TakeJustSo(9), new TakeJustSo(2)]);
        $numbers = Asked::numbers($order, 4);
        self::assertSame([5, 2], \array_slice($numbers, 0, 2), 'each once, and none beyond the reach');
        self::assertCount(4, array_unique($numbers));
        self::assertSame([1, 2, 3, 4, 5, 6], self::sorted(Asked::numbers($order, 40)));
        self::assertSame(
            [[3, 2]],
            \array_slice(Asked::pairs(self::order(SheetKind::TowerCards, 5, prompts: [new Join('join', 3, 2), new Join('join', 4, 2)]), 1), 0, 1),
        );
        foreach (Asked::pairs(self::order(SheetKind::TowerCards, 5), 30) as [$a, $b]) {
            self::assertTrue($a > 0 && $a + $b <= 5);
        }
    }

    public function test_sums_are_those_that_are_asked_or_the_usual_ones_of_the_reach(): void
    {
        $asked = Asked::sums(self::order(SheetKind::SumPage, 10, prompts: [new Take('take', 7, 3), new NameShape('name-shape', Shape::Circle)]), 6);
        self::assertSame(['7−3=?'], array_map(static fn (Sum $sum): string => $sum->asked(), $asked), 'a shape is no sum');
        self::assertSame([4, 7, true], [$asked[0]->answer, $asked[0]->largest(), $asked[0]->takes]);
        self::assertSame([7, 3, null], $asked[0]->story());
        self::assertSame('13+?=15', Sum::of(new ToNext(13, 15))?->asked());
        foreach ([1, 2, 5, 10, 20] as $reach) {
            $sums = Asked::sums(self::order(SheetKind::SumPage, $reach), 6);
            self::assertNotSame([], $sums);
            foreach ($sums as $sum) {
                self::assertLessThanOrEqual($reach > 1 ? $reach : 2, $sum->answer);
            }
            self::assertCount(\count($sums), array_unique(array_map(static fn (Sum $sum): string => $sum->asked(), $sums)), 'none twice');
        }
        $ten = array_map(static fn (Sum $sum): string => $sum->asked(), Asked::sums(self::order(SheetKind::SumPage, 10), 6));
        self::assertSame(['9+1=?', '2+2=?', '5+0=?', '5+5=?'], \array_slice($ten, 0, 4), 'a nought and doubles, and no nought first');
    }

    public function test_the_answers_of_a_page_of_sums_are_on_a_page_of_their_own(): void
    {
        self::assertCount(2, self::sheet(SheetKind::SumPage, 10)->pages);
        $many = array_map(static fn (int $a): Join => new Join('join', $a, 1), range(1, 7));
        self::assertCount(3, self::sheet(SheetKind::SumPage, 10, prompts: $many)->pages, 'six on a page');
    }

    /** @param list<int> $choices */
    #[TestWith([0, 10, 4, [0, 1, 2, 3]])]
    #[TestWith([10, 10, 4, [7, 8, 9, 10]])]
    #[TestWith([5, 10, 4, [3, 4, 5, 6]])]
    #[TestWith([1, 2, 4, [0, 1, 2, 3]])]
    public function test_numerals_to_ring_are_neighbours_with_the_answer_among_them(int $answer, int $reach, int $count, array $choices): void
    {
        self::assertSame($choices, SumPage::choose($answer, $reach, $count, 1));
    }

    public function test_fives_and_tens_are_never_left_out_of_a_line(): void
    {
        $left = array_values(array_filter(range(0, 10), static fn (int $number): bool => NumberLine::isBlank($number, 1)));
        self::assertSame([2, 7], $left);
        for ($seed = 1; $seed <= 10; ++$seed) {
            self::assertFalse(NumberLine::isBlank(0, $seed) || NumberLine::isBlank(5, $seed) || NumberLine::isBlank(10, $seed));
        }
    }

    public function test_a_line_without_numerals_has_none_and_a_chosen_step_needs_no_thing(): void
    {
        $paths = static fn (?Variant $variant): int => \count(self::of(self::sheet(SheetKind::Line, 10, variant: $variant), Path::class));
        self::assertSame([12, 0], [$paths(null), $paths(Variant::Plain)], '0 to 9, and 10 is two figures');
        $order = new Order(SheetKind::Line, Make::glyphs()->hand(), 3, unit: 60.0);
        self::assertSame([60.0, '60 mm'], [$order->side(), $order->what()]);
        foreach ([[4.9, 'unit'], [1000.1, 'unit'], [263.0, 'unit-too-long']] as [$unit, $reason]) {
            self::assertSame(
                $reason,
                self::refusal(static fn (): Sheet => Sheet::of(new Order(SheetKind::Line, Make::glyphs()->hand(), 3, unit: $unit)))->reason,
            );
        }
    }

    public function test_things_lie_along_a_big_numeral_as_many_as_fit_its_way(): void
    {
        $one = Way::of(new Path('M0 0V10', new Paint(null, 'ink', 1.0), 3.0, 4.0, 2.0))[0];
        self::assertSame(20.0, $one->length);
        self::assertSame([[3.0, 4.0], [3.0, 24.0], [3.0, 9.0]], [$one->at(0.0), $one->at(20.0), $one->at(5.0)]);
        self::assertSame([[3.0, 9.0], [3.0, 19.0]], $one->places(2));
        self::assertSame(
            [1, 1, 2, 4],
            [BigNumerals::fits($one, 30.0), BigNumerals::fits($one, 10.1), BigNumerals::fits($one, 10.0), BigNumerals::fits($one, 5.0)],
        );
        // A quarter of a circle of 10 mm by its usual curve, and a second stroke.
        [$arc, $line] = Way::of(new Path('M10 0C10 5.52 5.52 10 0 10M0 0H4', new Paint(null, 'ink', 1.0)));
        self::assertEqualsWithDelta(5 * \M_PI, $arc->length, 0.05);
        self::assertSame(4.0, $line->length);
        [$smooth] = Way::of(new Path('M0 0C0 5 5 5 5 0S10 -5 10 0z', new Paint(null, 'ink', 1.0)));
        self::assertEqualsWithDelta(-3.75, $smooth->at(0.75 * ($smooth->length - 10.0))[1], 0.01, 'the handle of before, seen from the other side');
        self::assertSame([0.0, 0.0], $smooth->at($smooth->length));

        $sheet = self::sheet(SheetKind::BigNumerals, 1, variant: Variant::LayAlong);
        self::assertCount(2, $sheet->pages, 'nought and one');
        foreach ($sheet->pages as $page) {
            $places = array_filter($page->drawing->marks, static fn (Mark $mark): bool => $mark instanceof Oval && 25.0 === $mark->width);
            $said = array_values(
                array_filter($page->drawing->marks, static fn (Mark $mark): bool => $mark instanceof Text && 'lie-along' === $mark->message),
            )[0];
            self::assertSame(\count($places), $said->values['n']);
        }
        self::assertSame(
            'too-long',
            self::refusal(static fn (): Sheet => self::sheet(SheetKind::BigNumerals, 1, long: 51.1, variant: Variant::LayAlong))->reason,
        );
        self::assertCount(2, self::sheet(SheetKind::BigNumerals, 1, long: 51.0, variant: Variant::LayAlong)->pages);
    }

    public function test_coins_are_the_familys_own_larger_the_more_they_are_worth_and_no_small_part_where_somebody_is_under_three(): void
    {
        $wide = static fn (bool $little): array => array_values(array_unique(array_map(
            static fn (Oval $oval): float => $oval->width,
            array_filter(
                self::of(Sheet::of(new Order(
                    SheetKind::PlayCoins,
                    Make::glyphs()->hand(),
                    settings: new Settings(coins: CoinSet::parse('1, 3, 9')),
                    copies: 3,
                    isNearLittleOnes: $little,
                )), Oval::class),
                static fn (Oval $oval): bool => 0.6 === $oval->paint->width,
            ),
        )));
        self::assertSame([[24.0, 26.5, 29.0], [45.0, 47.5, 50.0]], [$wide(false), $wide(true)]);
        self::assertSame(
            3 * 3,
            Sheet::of(new Order(SheetKind::PlayCoins, Make::glyphs()->hand(), settings: new Settings(coins: CoinSet::parse('1, 3, 9')), copies: 3))->cuts,
        );
    }

    public function test_a_chart_has_columns_as_wide_as_the_thing_and_goes_on_to_another_page(): void
    {
        $sheet = self::sheet(SheetKind::PileChart, 10, long: 25.0);
        $cells = array_filter(self::of($sheet, Box::class), static fn (Box $box): bool => 25.0 === $box->width && 25.0 === $box->height);
        self::assertCount(1, $sheet->pages);
        self::assertCount(4 * 10, $cells);
        self::assertCount(2, self::sheet(SheetKind::PileChart, 10, long: 25.2)->pages);
        self::assertCount(4, self::sheet(SheetKind::PileChart, 10, long: 70.0)->pages);
        self::assertCount(10, self::sheet(SheetKind::PileChart, 10, long: 132.5)->pages);
        self::assertSame(132, self::refusal(static fn (): Sheet => self::sheet(SheetKind::PileChart, 10, long: 132.6))->values['most']);
    }

    public function test_patterns_are_those_that_are_asked(): void
    {
        $prompts = [new CarryOn('copy-pattern', 'aab', 0), new CarryOn('carry-on', 'aab', 2)];
        $sheet = Sheet::of(self::order(SheetKind::PatternCards, 3, withThing: false, prompts: $prompts));
        self::assertCount(2 * 2, self::of($sheet, Oval::class), 'one card, twice over');
    }

    public function test_labels_are_numbers_tens_places_in_order_or_words(): void
    {
        $cuts = static fn (int $reach, ?Variant $variant): int => self::sheet(SheetKind::Labels, $reach, variant: $variant)->cuts;
        self::assertSame([12, 12, 10, 1], [$cuts(12, null), $cuts(12, Variant::InOrder), $cuts(100, Variant::Tens), $cuts(5, Variant::Words)]);
        self::assertSame(
            'no-words',
            self::refusal(static fn (): Sheet => Sheet::of(new Order(SheetKind::Labels, Make::glyphs()->hand(), variant: Variant::Words)))->reason,
        );
        self::assertSame(
            'words',
            self::refusal(static fn (): Order => new Order(SheetKind::Labels, Make::glyphs()->hand(), words: array_fill(0, 25, 'x')))->reason,
        );
        self::assertSame(
            'variant',
            self::refusal(static fn (): Order => new Order(SheetKind::Labels, Make::glyphs()->hand(), variant: Variant::Floor))->reason,
        );
    }

    public function test_two_of_six_movements_make_no_sound_where_they_are_counted_in_the_head(): void
    {
        self::assertSame([6, 6], [\count(Movement::of(Variant::Usual)), \count(Movement::of(Variant::SilentMovements))]);
        self::assertSame([Movement::Nod, Movement::Blink], array_values(array_diff_key(
            array_column(Movement::of(Variant::SilentMovements), null, 'value'),
            array_column(Movement::of(Variant::Movements), null, 'value'),
        )));
    }

    public function test_beyond_twenty_numbers_are_laid_from_figures(): void
    {
        $cuts = static fn (int $reach): int => self::sheet(SheetKind::SignTiles, $reach)->cuts;
        self::assertSame([2 * 21 + 2 * 4, 4 * 10 + 2 * 4], [$cuts(20), $cuts(21)]);
    }

    /** Five columns over two pages, three and two; an upright frame is joined row to row. */
    public function test_a_frame_over_two_pages_is_filled_the_way_the_child_knows(): void
    {
        $cells = static fn (FrameFilling $filling): array => array_map(
            static fn ($page): array => [
                \count(array_unique(array_column(self::boxes($page->drawing->marks), 'x'))),
                \count(array_unique(array_column(self::boxes($page->drawing->marks), 'y'))),
            ],
            Sheet::of(new Order(SheetKind::Frame, Make::glyphs()->hand(), 10, settings: new Settings(frameFilling: $filling), unit: 70.0))->pages,
        );
        self::assertSame([[3, 2], [2, 2]], $cells(FrameFilling::RowsOfFive));
        self::assertSame([[2, 3], [2, 2]], $cells(FrameFilling::Upright));
    }

    /** What differs is how many there are, not how large they are drawn. */
    public function test_on_one_sheet_all_pictures_are_of_a_size(): void
    {
        foreach ([SheetKind::StringMatch, SheetKind::CountMatch] as $kind) {
            $drawn = array_filter(self::of(self::sheet($kind, 10), Path::class), static fn (Path $path): bool => 'white' === $path->paint->fill);
            self::assertGreaterThan(10, \count($drawn));
            self::assertCount(1, array_unique(array_map(static fn (Path $path): string => \sprintf('%.4F', $path->scale), $drawn)), $kind->value);
        }
    }

    public function test_hatching_keeps_to_its_box(): void
    {
        foreach ([false, true] as $back) {
            $lines = Hatch::box(10.0, 20.0, 30.0, 12.0, 4.0, $back);
            self::assertCount(10, $lines, 'every 4 mm of 42');
            foreach ($lines as $line) {
                self::assertInstanceOf(Line::class, $line);
                foreach ([[$line->fromX, $line->fromY], [$line->toX, $line->toY]] as [$x, $y]) {
                    self::assertTrue($x >= 9.999 && $x <= 40.001 && $y >= 19.999 && $y <= 32.001);
                }
            }
        }
    }

    /** @return iterable<string, array{SheetKind}> */
    public static function kinds(): iterable
    {
        foreach (SheetKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    /** Each setting that a sheet says it shows changes it, and none that it does not say does. */
    #[DataProvider('kinds')]
    public function test_ways_of_teaching_show_on_the_sheets_that_say_so(SheetKind $kind): void
    {
        foreach (Setting::cases() as $setting) {
            $drawn = [];
            foreach ($setting->answers() as $answer) {
                $order = new Order(
                    $kind,
                    Make::glyphs()->hand(),
                    min(10, $kind->mostReach()),
                    Make::thing('cap', 40, [15.0, 15.0, 3.0]),
                    Settings::chosen([$setting->value => $answer], [], 80),
                );
                $drawn[] = serialize(array_map(static fn ($page) => $page->drawing->marks, Sheet::of($order)->pages));
            }
            $different = \count(array_unique($drawn));
            if (\in_array($setting, $kind->settings(), true)) {
                self::assertGreaterThan(1, $different, $setting->value);
            } else {
                self::assertSame(1, $different, $setting->value);
            }
        }
        if ([Setting::Answering] === $kind->settings()) {
            self::assertSame(4, \count(Answering::cases()));
        }
    }

    /**
     * @param list<Mark> $marks
     *
     * @return list<Box> cells of 76 mm
     */
    private static function boxes(array $marks): array
    {
        return array_values(array_filter($marks, static fn (Mark $mark): bool => $mark instanceof Box && 76.0 === $mark->width && 76.0 === $mark->height));
    }

    /** @param callable(): mixed $make */
    private static function refusal(callable $make): InvalidSheet
    {
        try {
            $make();
        } catch (InvalidSheet $e) {
            return $e;
        }
        self::fail('It was made.');
    }

    /** @param list<\Pindle\Core\Question\Prompt> $prompts */
    private static function sheet(SheetKind $kind, int $reach, float $long = 25.0, array $prompts = [], ?Variant $variant = null): Sheet
    {
        return Sheet::of(self::order($kind, $reach, $long, true, $prompts, $variant));
    }

    /** @param list<\Pindle\Core\Question\Prompt> $prompts */
    private static function order(
        SheetKind $kind,
        int $reach,
        float $long = 25.0,
        bool $withThing = true,
        array $prompts = [],
        ?Variant $variant = null,
    ): Order {
        $thing = $withThing ? Make::thing('cap', 40, [$long, $long, 3.0]) : null;

        return new Order($kind, Make::glyphs()->hand(), $reach, $thing, prompts: $prompts, variant: $variant, words: ['Blue tin']);
    }

    /**
     * @template T of Mark
     *
     * @param class-string<T> $class
     *
     * @return list<T>
     */
    private static function of(Sheet $sheet, string $class): array
    {
        return array_values(array_filter(
            array_merge(...array_map(static fn ($page): array => $page->drawing->marks, $sheet->pages)),
            static fn (Mark $mark): bool => $mark instanceof $class,
        ));
    }

    /**
     * @param list<int> $numbers
     *
     * @return list<int>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }

    private static function random(int $seed): Randomizer
    {
        return new Randomizer(new Xoshiro256StarStar($seed));
    }
}

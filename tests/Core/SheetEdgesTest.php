<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Child\Answering;
use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Hatch;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Kind\CoverBoxes;
use Pindle\Core\Printable\Kind\DotCards;
use Pindle\Core\Printable\Kind\SignTiles;
use Pindle\Core\Printable\Kind\Trail;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Variant;
use Pindle\Core\Question\Kind\Join;
use Pindle\Core\Question\Kind\Take;
use Pindle\Core\Question\Prompt;
use Pindle\Tests\Make;

/** The numbers of the sheets, each at its edge. */
final class SheetEdgesTest extends TestCase
{
    /** Outlines of numerals are sixteen high in their own units. */
    private const OUTLINE = 16.0;

    public function test_up_to_twenty_copies(): void
    {
        self::assertSame(20, self::order(SheetKind::Labels, 1, copies: 20)->copies);
        try {
            self::order(SheetKind::Labels, 1, copies: 21);
            self::fail('Twenty-one.');
        } catch (InvalidSheet $e) {
            self::assertSame(['copies', 20], [$e->field, $e->values['most']]);
        }
        self::assertSame(3 * 20, Sheet::of(self::order(SheetKind::Labels, 3, copies: 20))->cuts);
    }

    /** At least 30 mm to be read across a table, 60 from above, whatever the number of figures. */
    #[TestWith([9, null, 30.0])]
    #[TestWith([20, null, 30.0])]
    #[TestWith([100, null, 30.0])]
    #[TestWith([20, Variant::Floor, 60.0])]
    #[TestWith([100, Variant::Floor, 60.0])]
    #[TestWith([20, Variant::Spots, 30.0])]
    public function test_numerals_are_high_enough_to_be_read(int $reach, ?Variant $variant, float $least): void
    {
        self::assertGreaterThanOrEqual($least, self::lowest(self::sheet(SheetKind::NumeralCards, $reach, $variant)));
    }

    #[TestWith([9])]
    #[TestWith([10])]
    #[TestWith([20])]
    #[TestWith([21])]
    public function test_tiles_are_high_enough_and_their_places_take_them(int $reach): void
    {
        self::assertGreaterThanOrEqual(30.0, self::lowest(self::sheet(SheetKind::SignTiles, $reach)));
        $places = array_filter(
            self::of(self::sheet(SheetKind::SumPage, $reach, settings: new Settings(answering: Answering::Tiles)), Box::class),
            static fn (Box $box): bool => SignTiles::SIDE === $box->height,
        );
        self::assertSame([SignTiles::wide($reach)], array_values(array_unique(array_column($places, 'width'))));
        self::assertSame([43.0, 55.0, 55.0, 86.0], array_map(SignTiles::wide(...), [9, 10, 20, 21]));
    }

    public function test_hands_show_as_many_fingers_as_they_say(): void
    {
        $fingers = array_filter(
            self::of(self::sheet(SheetKind::HandCards, 10), Box::class),
            static fn (Box $box): bool => (6.0 === $box->width && $box->height > 10.0) || (6.0 === $box->height && $box->width > 10.0),
        );
        self::assertCount(array_sum(range(0, 10)), $fingers);
        $thumbs = static fn (int $reach): int => \count(array_filter(
            self::of(self::sheet(SheetKind::HandCards, $reach), Box::class),
            static fn (Box $box): bool => 13.0 === $box->width,
        ));
        self::assertSame([0, 1], [$thumbs(4), $thumbs(5)], 'the thumb is the fifth');
    }

    public function test_frames_and_spots_show_as_many_as_they_say(): void
    {
        self::assertCount(array_sum(range(0, 12)), self::of(self::sheet(SheetKind::FrameCards, 12), Oval::class));
        self::assertCount(0, self::of(self::sheet(SheetKind::FrameCards, 10, Variant::Empty), Oval::class));
        self::assertCount(array_sum(range(0, 20)), self::of(self::sheet(SheetKind::NumeralCards, 20, Variant::Spots), Oval::class));
    }

    public function test_a_ten_and_its_ones(): void
    {
        $cuts = static fn (int $reach): int => self::sheet(SheetKind::TeenCards, $reach)->cuts;
        self::assertSame([10, 2, 10], [$cuts(10), $cuts(11), $cuts(19)]);
    }

    public function test_hundreds_have_a_column_of_their_own_beyond_a_hundred(): void
    {
        $columns = static fn (int $reach): array => array_values(array_intersect(
            array_column(self::of(self::sheet(SheetKind::ExchangeMat, $reach), Text::class), 'message'),
            ['hundreds', 'tens', 'ones'],
        ));
        self::assertSame([['tens', 'ones'], ['hundreds', 'tens', 'ones']], [$columns(100), $columns(101)]);
    }

    public function test_ten_numbers_in_a_row_and_twelve_sums_and_six_fields(): void
    {
        $cells = self::of(self::sheet(SheetKind::HundredSquare, 100), Box::class);
        self::assertCount(10, array_filter($cells, static fn (Box $box): bool => $box->y === $cells[0]->y));
        self::assertSame([19.0, 19.0], [$cells[0]->width, $cells[0]->height], 'a true square');
        self::assertSame(12, self::sheet(SheetKind::SumCards, 10)->cuts);
        $said = array_column(self::of(self::sheet(SheetKind::Spinner, 4, Variant::Movements), Text::class), 'message');
        self::assertCount(6, array_keys($said, 'movement', true));
        $edges = static fn (Sheet $sheet): int => \count(array_filter(
            self::of($sheet, Line::class),
            static fn (Line $line): bool => abs(hypot($line->toX - $line->fromX, $line->toY - $line->fromY) - 85.0) < 0.001,
        ));
        self::assertSame([6, 4], [$edges(self::sheet(SheetKind::Spinner, 4, Variant::Movements)), $edges(self::sheet(SheetKind::Spinner, 4))]);
    }

    /** Four fifths of the pot's side, from 24 to 90 mm. */
    #[TestWith([50.0, 40.0])]
    #[TestWith([29.0, 24.0])]
    #[TestWith([120.0, 90.0])]
    public function test_a_label_fits_the_side_of_its_pot(float $pot, float $wide): void
    {
        $thing = Make::thing('cap', 9, [$pot, $pot, 4.0]);
        $upright = array_filter(
            self::of(Sheet::of(new Order(SheetKind::Labels, Make::glyphs()->hand(), 2, $thing)), Line::class),
            static fn (Line $line): bool => $line->fromX === $line->toX && Stroke::CUT === $line->paint->width,
        );
        $at = array_values(array_unique(array_column($upright, 'fromX')));
        sort($at);
        self::assertEqualsWithDelta($wide, $at[1] - $at[0], 0.001);
    }

    public function test_a_story_says_whether_somebody_comes_or_goes(): void
    {
        $paths = static fn (Prompt $prompt): array => array_column(self::of(self::sheet(SheetKind::StoryStrip, 10, prompts: [$prompt]), Path::class), 'd');
        [$plus, $minus] = ['M5 3V13M0 8H10', 'M0 8H10'];
        self::assertSame([true, false], [\in_array($plus, $paths(new Join('join', 2, 3)), true), \in_array($minus, $paths(new Join('join', 2, 3)), true)]);
        self::assertSame([false, true], [\in_array($plus, $paths(new Take('take', 5, 3)), true), \in_array($minus, $paths(new Take('take', 5, 3)), true)]);
    }

    public function test_the_first_part_of_a_tower_is_hatched_and_no_more(): void
    {
        $order = self::order(SheetKind::TowerCards, 6, prompts: [new Join('join', 2, 3), new Join('join', 4, 3)]);
        $pairs = Asked::pairs($order, 10);
        self::assertNotContains([4, 3], $pairs, 'beyond the reach');
        $perCell = \count(Hatch::box(0.0, 0.0, 15.0, 15.0, 2.5));
        $fine = array_filter(self::of(Sheet::of($order), Line::class), static fn (Line $line): bool => Stroke::FINE === $line->paint->width);
        $bars = 7 * \count(Sheet::of($order)->pages);
        self::assertCount($bars + $perCell * array_sum(array_column($pairs, 0)), $fine);
    }

    /** Of 3 there are two pairs: one that makes it, and one of the other. Below 3 there would be nothing to choose from. */
    public function test_a_pair_to_ring_is_always_one_of_several(): void
    {
        self::assertCount(6 * (1 + 3), self::of(self::sheet(SheetKind::RingPair, 3), Path::class));
    }

    public function test_five_dots_in_a_row_are_a_row(): void
    {
        $row = static fn (float $off, int $count): array => array_map(
            static fn (int $i): array => [20.0 * $i, 0 === $i ? $off : 0.0],
            range(0, $count - 1),
        );
        self::assertTrue(DotCards::hasRow($row(0.0, 5)));
        self::assertFalse(DotCards::hasRow($row(0.0, 4)));
        self::assertTrue(DotCards::hasRow($row(4.4, 5)));
        self::assertFalse(DotCards::hasRow($row(4.5, 5)), 'half a dot off');
        self::assertTrue(DotCards::hasRow(array_map(static fn (array $at): array => [$at[1], $at[0]], $row(0.0, 5))), 'or below one another');
    }

    public function test_what_the_rules_of_paper_say(): void
    {
        self::assertSame([25.0, 5], [Trail::THUMB, CoverBoxes::MOST]);
        // A minute a page and nine seconds a cut, at least one.
        self::assertSame([4, 1], [self::sheet(SheetKind::NumeralCards, 9)->minutes(), self::sheet(SheetKind::GuessTable, 10)->minutes()]);
        self::assertSame([2, 10], [\count(self::sheet(SheetKind::NumeralCards, 9)->pages), self::sheet(SheetKind::NumeralCards, 9)->cuts]);
    }

    /** The height of the lowest numeral. Signs are lower by their nature, and keep to the scale of their tile. */
    private static function lowest(Sheet $sheet): float
    {
        $heights = array_map(static fn (Path $path): float => self::OUTLINE * $path->scale, self::of($sheet, Path::class));

        return [] === $heights ? 0.0 : min($heights);
    }

    /** @param list<Prompt> $prompts */
    private static function sheet(
        SheetKind $kind,
        int $reach,
        ?Variant $variant = null,
        array $prompts = [],
        Settings $settings = new Settings(),
    ): Sheet {
        return Sheet::of(self::order($kind, $reach, $variant, $prompts, $settings));
    }

    /** @param list<Prompt> $prompts */
    private static function order(
        SheetKind $kind,
        int $reach,
        ?Variant $variant = null,
        array $prompts = [],
        Settings $settings = new Settings(),
        int $copies = 1,
    ): Order {
        $thing = SheetKind::Labels === $kind ? null : Make::thing('cap', 40, [15.0, 15.0, 3.0]);

        return new Order($kind, Make::glyphs()->hand(), $reach, $thing, $settings, copies: $copies, prompts: $prompts, variant: $variant);
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
}

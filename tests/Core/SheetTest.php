<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Kind\DotCards;
use Pindle\Core\Printable\Kind\NumeralCards;
use Pindle\Core\Printable\Kind\Strips;
use Pindle\Core\Printable\Kind\Trail;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Page;
use Pindle\Core\Printable\Paper;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Printable\Variant;
use Pindle\Tests\Make;

/** Sheets true to the millimetre, from the things that lie on them. */
final class SheetTest extends TestCase
{
    public function test_a_frame_for_caps_of_25_mm_is_155_by_62(): void
    {
        $sheet = self::sheet(SheetKind::Frame, 10, 25.0);
        $boxes = self::of($sheet->pages[0], Box::class);

        self::assertCount(11, $boxes, 'ten places and the edge');
        self::assertSame([31.0, 31.0], [$boxes[0]->width, $boxes[0]->height]);
        self::assertSame([155.0, 62.0], [$boxes[10]->width, $boxes[10]->height]);
        self::assertFalse($sheet->pages[0]->format->lying);
    }

    /** On A4 upright up to 32 mm, lying up to 49.4 mm, over two pages up to what three columns allow. */
    public function test_a_frame_finds_its_page_or_two_or_says_how_long_a_thing_may_be(): void
    {
        $found = static fn (float $long, int $reach = 10): array => array_map(
            static fn (Page $page): bool => $page->format->lying,
            self::sheet(SheetKind::Frame, $reach, $long)->pages,
        );

        self::assertSame([[false], [true], [true]], [$found(32.0), $found(32.1), $found(49.4)]);
        self::assertSame([false, false], $found(49.5), 'three columns and two');
        self::assertSame([false], $found(32.0, 20), 'two frames edge to edge');
        self::assertSame([true, true], $found(49.4, 20), 'two frames');
        self::assertSame('too-long', self::refused(SheetKind::Frame, 10, 90.0)->reason);
        self::assertSame('no-size', self::refused(SheetKind::Frame, 10, null)->reason);
        self::assertSame('no-thing', self::refused(SheetKind::Frame, 10, null, false)->reason);
    }

    public function test_a_line_of_20_steps_of_25_mm_is_two_lying_pieces_with_equal_steps_across_the_joint(): void
    {
        $sheet = self::sheet(SheetKind::Line, 20, 25.0);
        self::assertTrue($sheet->pages[0]->format->lying);
        $isTick = static fn (Line $line): bool => $line->fromX === $line->toX && $line->toY < 180.0;
        $ticks = array_values(array_filter(self::of($sheet->pages[0], Line::class), $isTick));
        $byRow = [];
        foreach ($ticks as $tick) {
            $byRow[(string) (($tick->fromY + $tick->toY) / 2)][] = $tick->fromX;
        }
        self::assertSame([11, 11], array_values(array_map(\count(...), $byRow)), 'ten steps each, the last of the one the first of the other');
        foreach ($byRow as $row) {
            foreach (\array_slice($row, 1) as $i => $x) {
                self::assertEqualsWithDelta(25.0, $x - $row[$i], 0.001);
            }
        }
        $isJoint = static fn (Path $path): bool => str_ends_with($path->d, 'z') && 0.0 === $path->x;
        self::assertCount(2, array_filter(self::of($sheet->pages[0], Path::class), $isJoint), 'joining marks');
        self::assertSame('too-long', self::refused(SheetKind::Line, 10, 263.0)->reason);
        self::assertCount(1, self::sheet(SheetKind::Line, 1, 262.0)->pages);
    }

    public function test_strips_of_one_to_ten_twice_are_110_units_and_no_row_is_too_long(): void
    {
        $pieces = [10, 10, 9, 9, 8, 8, 7, 7, 6, 6, 5, 5, 4, 4, 3, 3, 2, 2, 1, 1];
        $packed = Strips::packed(array_map(static fn (int $long): array => [$long, 0, $long], $pieces), 11);
        $rows = array_map(static fn (array $row): int => array_sum(array_column($row, 0)), $packed);
        self::assertSame(array_fill(0, 10, 11), $rows, '110 units, and each row is full');
        self::assertTrue(self::sheet(SheetKind::Strips, 10, 27.7)->pages[0]->format->lying);
    }

    /** 277 mm of a lying page hold ten units of 27.7 mm; beyond that a strip is joined, as long as one unit fits. */
    public function test_strips_longer_than_the_paper_are_joined_at_a_whole_unit(): void
    {
        $joined = self::sheet(SheetKind::Strips, 10, 27.8);
        self::assertContains(Tool::Glue, $joined->tools);
        self::assertNotContains(Tool::Glue, self::sheet(SheetKind::Strips, 10, 27.7)->tools);
        self::assertSame(22, $joined->cuts, 'both tens in two');
        $long = array_map(static fn (Box $box): float => $box->width, array_filter(
            self::allOf($joined, Box::class),
            static fn (Box $box): bool => null !== $box->paint->line,
        ));
        self::assertEqualsWithDelta(110 * 27.8, array_sum($long), 0.001);
        self::assertSame('too-long', self::refused(SheetKind::Strips, 10, 277.1)->reason);
    }

    public function test_a_bond_mat_has_circles_for_all_of_the_things(): void
    {
        $sheet = self::sheet(SheetKind::BondMat, 10, 25.0);
        $circles = array_merge(...array_map(static fn (Page $page): array => self::of($page, Oval::class), $sheet->pages));

        self::assertCount(3, $circles);
        self::assertEqualsWithDelta(106.8, $circles[0]->width, 0.05);
        self::assertCount(2, $sheet->pages, 'the whole has its own');
        self::assertCount(1, self::sheet(SheetKind::BondMat, 5, 20.0)->pages);
        self::assertSame('too-long', self::refused(SheetKind::BondMat, 10, 60.0)->reason);
    }

    public function test_dice_have_the_faces_that_were_worked_out_the_smallest_opposite_the_largest(): void
    {
        $side = static fn (bool $little): float => self::of(Sheet::of(new Order(
            SheetKind::DiceNets,
            Make::glyphs()->hand(),
            5,
            isNearLittleOnes: $little,
        ))->pages[0], Box::class)[0]->width;
        self::assertSame([40.0, 50.0], [$side(false), $side(true)]);
        $sheet = self::sheet(SheetKind::DiceNets, 5, null);
        self::assertCount(2, $sheet->pages);
        $chances = array_filter(self::of($sheet->pages[0], Text::class), static fn (Text $text): bool => 'chance' === $text->message);
        self::assertSame(36, array_sum(array_map(static fn (Text $text): int => (int) $text->values['of'], $chances)));
        self::assertCount(2, self::sheet(SheetKind::DiceNets, 6, null, variant: Variant::Taking)->pages);
        self::assertSame(6, self::refused(SheetKind::DiceNets, 7, null, variant: Variant::Taking)->values['most']);
        $dots = self::sheet(SheetKind::DiceNets, 3, null, variant: Variant::Dots)->pages[0];
        self::assertCount(1 + 1 + 2 + 2 + 3 + 3, self::of($dots, Oval::class), 'one, two and three, each on two faces');
        self::assertCount(1, self::sheet(SheetKind::DiceNets, 6, null, variant: Variant::Movements)->pages);
    }

    public function test_what_reads_otherwise_upside_down_has_a_bar(): void
    {
        $turning = array_values(array_filter(range(0, 100), static fn (int $number): bool => NumeralCards::turns((string) $number)));

        self::assertSame([6, 9, 60, 66, 68, 69, 80 + 6, 80 + 9, 90, 96, 98, 99], $turning);
    }

    public function test_scattered_dots_never_touch_and_never_make_a_row_of_five(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $count = 5 + $seed % 8;
            $places = DotCards::scattered($count, $seed);
            self::assertCount($count, $places);
            foreach ($places as $i => $one) {
                foreach (\array_slice($places, $i + 1) as $other) {
                    self::assertGreaterThan(DotCards::DOT, hypot($one[0] - $other[0], $one[1] - $other[1]));
                }
                foreach ([0, 1] as $axis) {
                    $isBeside = static fn (array $other): bool => abs($other[$axis] - $one[$axis]) < DotCards::DOT / 2;
                    self::assertLessThan(5, \count(array_filter($places, $isBeside)));
                }
            }
        }
    }

    public function test_trails_never_cut_themselves_and_neighbours_are_a_thumb_apart(): void
    {
        $format = new Format(Paper::A4);
        for ($seed = 1; $seed <= 50; ++$seed) {
            $way = Trail::way($format, 20, $seed);
            self::assertCount(20, $way);
            foreach ($way as $i => $from) {
                for ($j = $i + 1; $j < 20; ++$j) {
                    self::assertGreaterThanOrEqual(Trail::THUMB - 0.001, hypot($from[0] - $way[$j][0], $from[1] - $way[$j][1]));
                    if ($j > $i + 1 && isset($way[$i + 1], $way[$j + 1])) {
                        self::assertFalse(Trail::cross($from, $way[$i + 1], $way[$j], $way[$j + 1]), "seed $seed");
                    }
                }
            }
        }
    }

    /** @return iterable<string, array{SheetKind, Paper}> */
    public static function kinds(): iterable
    {
        foreach (SheetKind::cases() as $kind) {
            foreach (Paper::cases() as $paper) {
                yield $kind->value.' '.$paper->value => [$kind, $paper];
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_every_page_keeps_its_margins_and_has_the_bar_to_measure(SheetKind $kind, Paper $paper): void
    {
        $ways = array_map(static fn (Variant $variant): array => [10, $variant], $kind->variants());
        foreach ([[3, null], [20, null], ...$ways] as [$reach, $variant]) {
            $most = Variant::Taking === $variant ? 6 : $kind->mostReach();
            $sheet = self::sheet($kind, min($reach, $most), 12.0, paper: $paper, variant: $variant);
            foreach ($sheet->pages as $i => $page) {
                self::assertSame([$page->format->width, $page->format->height], [$page->drawing->width, $page->drawing->height]);
                foreach ($page->drawing->marks as $mark) {
                    [$left, $top, $right, $bottom] = self::bounds($mark);
                    self::assertGreaterThanOrEqual(Paper::MARGIN - 0.001, $left, $kind->value);
                    self::assertGreaterThanOrEqual(Paper::MARGIN - 0.001, $top, $kind->value);
                    self::assertLessThanOrEqual($page->format->width - Paper::MARGIN + 0.001, $right, $kind->value);
                    self::assertLessThanOrEqual($page->format->height - Paper::MARGIN + 0.001, $bottom, $kind->value);
                }
                $isBar = static fn (Line $line): bool => Page::BAR === $line->toX - $line->fromX && $line->fromY > 180.0;
                self::assertCount(1, array_filter(self::of($page, Line::class), $isBar));
                self::assertSame([$i + 1, \count($sheet->pages)], [$page->drawing->values['nth'], $page->drawing->values['of']]);
            }
            self::assertGreaterThanOrEqual(1, $sheet->minutes());
        }
    }

    #[TestWith([0])]
    #[TestWith([1000])]
    public function test_what_goes_too_far_is_refused_with_how_far_it_goes(int $reach): void
    {
        $refused = self::refused(SheetKind::NumeralCards, $reach, null);
        self::assertSame(['reach', 100], [$refused->field, $refused->values['most']]);
    }

    /** @return array{float, float, float, float} without the width of its line */
    private static function bounds(Mark $mark): array
    {
        return match (true) {
            $mark instanceof Box, $mark instanceof Oval => [
                $mark->x - $mark->width / 2, $mark->y - $mark->height / 2, $mark->x + $mark->width / 2, $mark->y + $mark->height / 2,
            ],
            $mark instanceof Line => [
                min($mark->fromX, $mark->toX), min($mark->fromY, $mark->toY), max($mark->fromX, $mark->toX), max($mark->fromY, $mark->toY),
            ],
            default => [50.0, 50.0, 50.0, 50.0],
        };
    }

    /**
     * @template T of Mark
     *
     * @param class-string<T> $class
     *
     * @return list<T>
     */
    private static function of(Page $page, string $class): array
    {
        return array_values(array_filter($page->drawing->marks, static fn (Mark $mark): bool => $mark instanceof $class));
    }

    private static function refused(SheetKind $kind, int $reach, ?float $long, bool $withThing = true, ?Variant $variant = null): InvalidSheet
    {
        try {
            self::sheet($kind, $reach, $long, $withThing, variant: $variant);
        } catch (InvalidSheet $e) {
            return $e;
        }
        self::fail('It was made.');
    }

    /**
     * @template T of Mark
     *
     * @param class-string<T> $class
     *
     * @return list<T> of all its pages
     */
    private static function allOf(Sheet $sheet, string $class): array
    {
        return array_merge(...array_map(static fn (Page $page): array => self::of($page, $class), $sheet->pages));
    }

    private static function sheet(
        SheetKind $kind,
        int $reach,
        ?float $long,
        bool $withThing = true,
        Paper $paper = Paper::A4,
        ?Variant $variant = null,
    ): Sheet {
        $thing = $withThing ? Make::thing('cap', 40, null === $long ? null : [$long, $long, 3.0]) : null;

        return Sheet::of(new Order($kind, Make::glyphs()->hand(), $reach, $thing, paper: $paper, variant: $variant, words: ['Blue tin']));
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Item;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Property;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Drawn;
use Pindle\Tests\Make;

/** A picture shows what is laid out and what was brought, and nothing else. */
final class BroughtTest extends TestCase
{
    /** @return iterable<string, array{Picture, Prompt, list<Gear>, string, string}> what is drawn of it, and what it says with and without */
    public static function gear(): iterable
    {
        yield 'bowls' => [Picture::Bowls, new Kind\Join('join', 2, 3), [Gear::Bowl], 'bowls', 'bowls-bare'];
        yield 'a bowl and a plate' => [Picture::TakeFrom, new Kind\Take('take', 5, 2), [Gear::Plate, Gear::Bowl], 'take-from', 'take-from-bare'];
        yield 'a plate to put them on' => [Picture::Pile, new Kind\TakeJustSo(4), [Gear::Plate], 'pile', 'pile-bare'];
        yield 'plates to share on' => [Picture::Plates, new Kind\ShareOut(6, 2), [Gear::Plate], 'plates', 'plates-bare'];
        yield 'a cup' => [Picture::Cup, new Kind\Split(5, 2), [Gear::Cup], 'cup', 'cup-bare'];
        yield 'a cloth' => [Picture::Cloth, new Kind\AddOn(4, 2), [Gear::Cloth], 'cloth', 'cloth-bare'];
        yield 'a frame' => [Picture::Frame, new Kind\FillFrame('read-frame', 4), [Gear::Frame], 'frame', 'frame'];
        yield 'a bond' => [Picture::Bond, new Kind\Split(5, 2), [Gear::Plate], 'bond', 'bond-bare'];
        yield 'a mirror' => [Picture::Mirror, new Kind\Double(3), [Gear::Mirror], 'mirror', 'mirror-bare'];
        yield 'a pot' => [Picture::Jar, new Kind\GuessCount('guess-count', 8), [Gear::Pot], 'jar', 'jar-bare'];
        yield 'a line' => [Picture::Hops, new Kind\LineAdd(3, 2), [Gear::Line], 'hops', 'hops'];
        yield 'cards' => [Picture::Cards, new Kind\Join('join', 2, 3), [Gear::Card], 'cards', 'cards'];
    }

    /** @param list<Gear> $gear */
    #[DataProvider('gear')]
    public function test_gear_is_drawn_where_it_is_brought_and_nowhere_else(Picture $picture, Prompt $prompt, array $gear, string $with, string $without): void
    {
        $brought = Drawn::of($picture, $prompt, brought: $gear);
        $bare = Drawn::of($picture, $prompt, brought: []);

        self::assertSame([], array_diff(array_column($gear, 'value'), self::drawn($brought)));
        self::assertSame([], array_intersect(array_column(Gear::cases(), 'value'), self::drawn($bare)));
        self::assertSame([$with, $without], [$brought->alt, $bare->alt]);
        self::assertSame(self::whole($brought, 'caps'), self::whole($bare, 'caps'), 'the things are there all the same');
    }

    public function test_nothing_stands_in_for_things_on_a_table_and_dots_do_on_paper(): void
    {
        $prompt = new Kind\TellHowMany('how-many', 4);
        $dot = Make::thing('dot', 100, null);

        self::assertSame([], Drawn::of(Picture::Row, $prompt, Form::Things, thing: $dot)->items);
        self::assertCount(4, Drawn::of(Picture::Row, $prompt, Form::Pictures, thing: $dot)->items);
    }

    public function test_another_colour_of_a_thing_is_drawn_in_another_ink(): void
    {
        $bricks = new Thing('bricks', 'bricks', 'brick', 40, Size::of(30, 30, 30), Shape::Block, glyph: 'blocks', colours: 3);
        $row = Drawn::of(Picture::Pairs, new Kind\Compare('which-more', 2, 2), thing: $bricks, other: $bricks->inColour(1));
        $inks = array_map(static fn (Path $path): ?string => $path->paint->fill, Drawn::things($row, 'blocks'));

        self::assertSame(['cap', 'cap', 'colour-1', 'colour-1'], $inks);
    }

    public function test_as_many_kinds_are_drawn_as_the_question_speaks_of(): void
    {
        [$caps, $pegs, $beans] = array_map(static fn (string $name): Thing => Make::thing($name, 30, [20, 20, 30]), ['caps', 'pegs', 'beans']);
        $of = static fn (Picture $picture, Prompt $prompt): array => self::counts(Drawn::of($picture, $prompt, thing: $caps, other: $pegs, third: $beans));

        self::assertSame(['caps' => 5, 'pegs' => 4, 'beans' => 3], $of(Picture::Chart, new Kind\PileChart('chart-most', 5, 4, 3)));
        self::assertSame(['caps' => 3, 'pegs' => 3, 'beans' => 3], $of(Picture::Pattern, new Kind\CarryOn('carry-on', 'abc', 2)));
        self::assertSame(['caps' => 6, 'pegs' => 3], $of(Picture::Pattern, new Kind\CarryOn('carry-on', 'aab', 2)));
    }

    public function test_of_a_stack_some_stand_behind_and_a_snapped_stick_hides_a_piece(): void
    {
        $blocks = Make::thing('blocks', 30, [40, 40, 40]);
        foreach ([1 => 0, 2 => 1, 3 => 1, 6 => 2, 9 => 3] as $n => $behind) {
            $drawing = Drawn::of(Picture::Stack, new Kind\TellHowMany('how-many', $n), thing: $blocks);
            $seen = Drawn::things($drawing, 'blocks');
            self::assertCount($n, $seen);
            // What is drawn first is half covered by what is drawn later.
            $covered = array_filter(\array_slice($seen, 0, $behind), static fn (Path $one): bool => [] !== array_filter(
                \array_slice($seen, $behind),
                static fn (Path $other): bool => abs($one->x - $other->x) < 39 && abs($one->y - $other->y) < 39,
            ));
            self::assertCount($behind, $covered, $n.' in a stack');
        }
        self::assertSame(3, self::whole(Drawn::of(Picture::Stick, new Kind\Split(7, 3), thing: $blocks), 'blocks'));
        self::assertSame(7, self::whole(Drawn::of(Picture::Stick, new Kind\Split(7, null), thing: $blocks), 'blocks'));
    }

    public function test_sizes_are_as_long_as_the_things_are_only_where_length_is_the_question(): void
    {
        $short = Make::thing('caps', 3, [10, 10, 50]);
        $long = Make::thing('pegs', 3, [10, 10, 150]);
        $scales = static function (Property $by) use ($short, $long): array {
            $paths = Drawn::things(Drawn::of(Picture::Sizes, new Kind\CompareSize($by, 2, 1), thing: $short, other: $long));
            $scales = array_column(array_map(static fn (Path $path): array => [$path->d, $path->scale], $paths), 1, 0);
            ksort($scales);

            return array_values($scales);
        };

        self::assertSame([2.5, 7.5], $scales(Property::Length));
        self::assertSame([3.0, 3.0], $scales(Property::Weight));
    }

    /** @return list<string> */
    private static function drawn(Drawing $drawing): array
    {
        return array_values(array_unique(array_map(static fn (Item $item): string => $item->what, $drawing->items)));
    }

    /** @return array<string, int> */
    private static function counts(Drawing $drawing): array
    {
        return array_count_values(array_map(static fn (Item $item): string => $item->what, $drawing->items));
    }

    private static function whole(Drawing $drawing, string $what): int
    {
        return \count(array_filter($drawing->items, static fn (Item $item): bool => $item->what === $what && !$item->faint));
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Gear;
use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Child\ComparingSign;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Child\WholeInBond;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Question\Comparison;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Moved;
use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Scene\Scenes;
use Pindle\Core\Skill\Form;
use Pindle\Tests\Drawn;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

final class ScenesTest extends TestCase
{
    public function test_every_question_of_every_activity_has_a_picture_that_lies_inside_its_edges(): void
    {
        $words = Make::words();
        $hand = Make::glyphs()->hand();
        $caps = Make::things()->things()['bottle-caps'];
        $drawn = 0;
        $wrong = $seen = [];
        foreach (Make::catalogue()->activities as $activity) {
            foreach (Make::map()->steps as $step) {
                foreach ([] === $step->forms ? [null] : $step->forms as $form) {
                    if (!$activity->shows($step, $form)) {
                        continue;
                    }
                    foreach (\array_slice($activity->serves[$step->skill->id]->prompts($step), 0, 25) as $prompt) {
                        $settings = 0 === $drawn % 2 ? new Settings() : new Settings(
                            WayIn::Bars,
                            frameFilling: FrameFilling::Upright,
                            comparingSign: ComparingSign::Balance,
                            acrossTen: AcrossTen::ThroughFives,
                            wholeInBond: WholeInBond::AtLeft,
                        );
                        // Two activities that show a question alike draw one picture.
                        $same = implode(' ', [$activity->scene($form)->value, $form->value ?? '', $prompt->key(), $drawn % 2]);
                        if (isset($seen[$same])) {
                            ++$drawn;
                            continue;
                        }
                        $seen[$same] = true;
                        $drawing = Scenes::draw(
                            $activity->scene($form),
                            $prompt,
                            $form,
                            [Form::Things === $form ? $caps : Make::things()->things()['counters'], $caps],
                            $settings,
                            Gear::cases(),
                            $hand,
                            new Randomizer(new Xoshiro256StarStar(4)),
                        );
                        $what = $activity->id.' '.$prompt->key();
                        if ([] === $drawing->marks && 0 !== $prompt->amounts()->n) {
                            $wrong[] = $what.' is empty';
                        }
                        // What it says can be filled into its sentence, or this throws.
                        $words->say('scenes', $drawing->alt, $drawing->values);
                        foreach ($drawing->marks as $mark) {
                            [$x, $y] = self::middle($mark);
                            // Paths begin at a corner of their own; half a card is the most that lies beside it.
                            $slack = $mark instanceof Path ? 24.0 : 0.01;
                            if ($x < -$slack || $x > $drawing->width + $slack || $y < -$slack || $y > $drawing->height + $slack) {
                                $wrong[] = \sprintf(
                                    '%s: %s at %.1f, %.1f outside %.1f by %.1f',
                                    $what,
                                    $mark::class,
                                    $x,
                                    $y,
                                    $drawing->width,
                                    $drawing->height,
                                );
                            }
                        }
                        ++$drawn;
                    }
                }
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(1500, $drawn);
    }

    public function test_things_do_not_overlap(): void
    {
        foreach ([
            [Picture::Row, new Kind\TellHowMany('how-many', 9)],
            [Picture::Scatter, new Kind\TellHowMany('how-many', 9)],
            [Picture::Frame, new Kind\FillFrame('read-frame', 9)],
        ] as [$picture, $prompt]) {
            $things = Drawn::things(Drawn::of($picture, $prompt));
            self::assertCount(9, $things);
            foreach ($things as $i => $one) {
                foreach (\array_slice($things, $i + 1) as $other) {
                    self::assertGreaterThan(20, hypot($one->x - $other->x, $one->y - $other->y), $picture->value);
                }
            }
        }
    }

    public function test_a_frame_is_filled_the_chosen_way(): void
    {
        $columns = static fn (FrameFilling $filling): int => \count(array_unique(array_map(
            static fn (Path $thing): string => (string) round($thing->x, 3),
            Drawn::things(Drawn::of(Picture::Frame, new Kind\FillFrame('read-frame', 6), settings: new Settings(frameFilling: $filling))),
        )));

        self::assertSame(5, $columns(FrameFilling::RowsOfFive));
        self::assertSame(3, $columns(FrameFilling::Pairs));
        self::assertSame(2, $columns(FrameFilling::Upright));
    }

    public function test_a_frame_cell_is_the_longest_side_and_six_millimetres(): void
    {
        // 25 mm caps: a frame of two by five is 155 by 62 mm.
        $drawing = Drawn::of(Picture::Frame, new Kind\FillFrame('read-frame', 10));

        self::assertSame([155.0, 62.0], [$drawing->width, $drawing->height]);
    }

    /** What lies in the picture of a question: whole things of the first and of the second kind, outlines, and the labels of cards. */
    #[DataProvider('pictures')]
    public function test_a_picture_shows_the_numbers_of_its_question_and_hides_what_is_asked(
        Picture $picture,
        Prompt $prompt,
        int $first,
        int $second,
        int $outlines,
        string ...$cards,
    ): void {
        $drawing = Drawn::of($picture, $prompt, other: Make::thing('blocks', 30, [30, 30, 30]));

        self::assertSame([$first, $second], [\count(Drawn::things($drawing, 'caps', false)), \count(Drawn::things($drawing, 'blocks', false))]);
        self::assertCount($outlines, Drawn::things($drawing, null, true));
        self::assertSame(array_values($cards), Drawn::cards($drawing));
    }

    /** @return iterable<string, list<Picture|Prompt|int|string>> */
    public static function pictures(): iterable
    {
        yield 'scattered' => [Picture::Scatter, new Kind\TellHowMany('how-many', 7), 7, 0, 0];
        yield 'among others to leave alone' => [Picture::Mix, new Kind\TellHowMany('how-many', 4), 4, 5, 0];
        yield 'moved: as it was, and after' => [Picture::Row, new Kind\StillSame('still-same', 6, Moved::Spread), 6, 0, 6];
        yield 'a pile to take from' => [Picture::Pile, new Kind\TakeJustSo(3), 6, 0, 0];
        yield 'as many as the card says' => [Picture::Pile, new Kind\MatchNumeral('show-amount', 4, 10), 7, 0, 0, '4'];
        yield 'a full box without its number' => [Picture::Pile, new Kind\MatchNumeral('label-amount', 4, 10), 4, 0, 0, ''];
        yield 'a number to find for an amount is not on a card' => [Picture::Cards, new Kind\MatchNumeral('label-amount', 6, 10), 6, 0, 0, ''];
        yield 'a frame with some missing' => [Picture::Frame, new Kind\PartnerTo(10, 6), 6, 0, 0];
        yield 'two colours in a frame' => [Picture::Frame, new Kind\Join('join-sentence', 4, 5), 4, 5, 0];
        yield 'two rows' => [Picture::Pairs, new Kind\Compare('which-more', 5, 3), 5, 3, 0];
        yield 'two pans' => [Picture::Balance, new Kind\Compare('which-more', 5, 3), 8, 0, 0];
        yield 'a pan to fill' => [Picture::Balance, new Kind\Balance(6, null), 0, 0, 0, '6'];
        yield 'both sides with a sum' => [Picture::Balance, new Kind\MakeEqual(7, 3, 2), 9, 0, 0];
        yield 'two bowls' => [Picture::Bowls, new Kind\Join('join', 3, 4), 3, 4, 0];
        yield 'two bowls and a sentence' => [Picture::Bowls, new Kind\Join('join-sentence', 3, 4), 3, 4, 0, '3', '+', '4', '=', ''];
        yield 'some taken away' => [Picture::TakeFrom, new Kind\Take('take', 7, 3), 7, 0, 0];
        yield 'some taken away, and a sentence' => [Picture::TakeFrom, new Kind\Take('take-sentence', 7, 3), 7, 0, 0, '7', '−', '3', '=', ''];
        yield 'some under the cup' => [Picture::Cup, new Kind\Split(7, 4), 4, 0, 0];
        yield 'a whole to part' => [Picture::Cup, new Kind\Split(7, null), 7, 0, 0];
        yield 'a part to find beside the whole' => [Picture::Bond, new Kind\Split(7, 4), 4, 0, 7];
        yield 'both parts to find' => [Picture::Bond, new Kind\Split(7, null), 7, 0, 0];
        yield 'a group under the cloth' => [Picture::Cloth, new Kind\AddOn(6, 3), 0, 3, 0];
        yield 'the same in the mirror' => [Picture::Mirror, new Kind\Double(4), 4, 0, 4];
        yield 'fill the ten' => [Picture::Bridge, new Kind\BridgeTen(8, 5), 8, 5, 0];
        yield 'back through ten' => [Picture::Bridge, new Kind\BridgeBack(13, 5), 13, 0, 0];
        yield 'to share' => [Picture::Plates, new Kind\ShareOut(9, 4), 9, 0, 0];
        yield 'the first of some piles of one size' => [Picture::Piles, new Kind\EqualPiles(4, 5), 5, 0, 0, '', '', ''];
        yield 'as many cards as piles' => [Picture::Cards, new Kind\EqualPiles(7, 5), 0, 0, 0, '5', '5', '5', '5', '5', '5', '5'];
        yield 'along a length' => [Picture::Measure, new Kind\TellHowMany('how-many', 6), 6, 0, 0];
        yield 'a length to go on along' => [Picture::Measure, new Kind\MeasureWith(6), 2, 0, 0];
        yield 'up to a number' => [Picture::Hops, new Kind\CountUp(8, 5), 0, 0, 0];
        yield 'a hole in a sum' => [Picture::Cards, new Kind\MissingStory('missing-start', 9, 4), 0, 0, 0, '', '+', '4', '=', '9'];
        yield 'before a numeral' => [Picture::Cards, new Kind\OrderNumerals('before', 6), 0, 0, 0, '', '7'];
        yield 'a price' => [Picture::Coins, new Kind\MakeAmount('make-amount', 8), 0, 0, 0, '8'];
        yield 'a pattern to carry on' => [Picture::Pattern, new Kind\CarryOn('carry-on', 'aab', 2), 6, 3, 0, '', ''];
        yield 'the next stair' => [Picture::Stairs, new Kind\StairOrder('stair-next', 3), 6, 0, 0];
        yield 'stairs to build' => [Picture::Stairs, new Kind\StairOrder('stair-build', 5), 3, 0, 0];
        yield 'a number to cover its box' => [Picture::Boxes, new Kind\TakeJustSo(4), 0, 0, 0, '4'];
        yield 'a teen to build' => [Picture::Frame, new Kind\TenAndSome('build-teen', 14), 0, 0, 0];
        yield 'a teen to read' => [Picture::Frame, new Kind\TenAndSome('ten-and-some', 14), 14, 0, 0];
        yield 'a numeral, whatever the activity draws' => [Picture::Pile, new Kind\NameNumeral('name-numeral', 7), 0, 0, 0, '7'];
        yield 'a sign to put' => [Picture::Sign, new Kind\CompareSigns('put-sign', 3, 9), 0, 0, 0, '3', '', '9', '<', '=', '>'];
    }

    /** What lies there when all of it is shown, and when the first half of what the child is to do is done: whole things, and outlines. */
    #[DataProvider('helped')]
    public function test_as_far_as_there_is_help_it_is_drawn_done(Picture $picture, Prompt $prompt, int $whole, int $gone, int $half, int $halfGone): void
    {
        foreach ([[Help::Shown, $whole, $gone], [Help::PartDone, $half, $halfGone]] as [$help, $things, $outlines]) {
            $drawing = Drawn::of($picture, $prompt, other: Make::thing('blocks', 30, [30, 30, 30]), help: $help);

            self::assertSame([$things, $outlines], [\count(Drawn::things($drawing, null, false)), \count(Drawn::things($drawing, null, true))], $help->value);
        }
    }

    /** @return iterable<string, list<Picture|Prompt|int>> */
    public static function helped(): iterable
    {
        yield 'taken away' => [Picture::TakeFrom, new Kind\Take('take', 7, 3), 4, 3, 5, 2];
        yield 'the ten filled' => [Picture::Bridge, new Kind\BridgeTen(7, 5), 9, 3, 10, 2];
        yield 'back through ten' => [Picture::Bridge, new Kind\BridgeBack(13, 5), 8, 5, 10, 3];
        yield 'piles' => [Picture::Piles, new Kind\EqualPiles(4, 5), 20, 0, 15, 0];
        yield 'a length' => [Picture::Measure, new Kind\MeasureWith(7), 2, 5, 2, 3];
        yield 'the next stair' => [Picture::Stairs, new Kind\StairOrder('stair-next', 3), 6, 4, 6, 2];
        yield 'stairs to build' => [Picture::Stairs, new Kind\StairOrder('stair-build', 5), 15, 0, 10, 0];
        yield 'a box to cover' => [Picture::Boxes, new Kind\TakeJustSo(5), 0, 5, 0, 3];
        yield 'a teen to build' => [Picture::Frame, new Kind\TenAndSome('build-teen', 14), 14, 0, 7, 0];
    }

    public function test_hops_are_drawn_as_far_as_there_is_help_and_a_heap_of_bundles_is_there_to_build_with(): void
    {
        $arcs = static fn (Help $help): int => \count(array_filter(
            Drawn::of(Picture::Hops, new Kind\LineAdd(4, 5), Form::Pictures, help: $help)->marks,
            static fn (Mark $mark): bool => $mark instanceof Path && str_contains($mark->d, 'Q'),
        ));
        self::assertSame([0, 3, 5], [$arcs(Help::Bare), $arcs(Help::PartDone), $arcs(Help::Shown)]);

        $sticks = static fn (string $ask, int $n, Help $help): int => \count(Drawn::boxes(
            Drawn::of(Picture::Bundles, new Kind\TensOnes($ask, $n), help: $help),
            'bundle',
        ));
        self::assertSame([18, 18], [$sticks('build-tens', 35, Help::Bare), $sticks('build-tens', 72, Help::Bare)], 'as many whatever the number');
        self::assertSame(8, $sticks('build-tens', 35, Help::Shown));
        self::assertSame(8, $sticks('read-tens', 35, Help::Bare));
    }

    public function test_what_hides_the_first_group_says_how_many_it_hides(): void
    {
        self::assertSame('6', Drawn::written(Drawn::of(Picture::Cloth, new Kind\AddOn(6, 3))));
        self::assertSame('?', Drawn::written(Drawn::of(Picture::Cup, new Kind\Split(7, 4))));
    }

    public function test_the_one_that_is_asked_for_is_marked_in_its_row(): void
    {
        $bands = static fn (string $ask): array => array_map(
            static fn (Box $band): float => $band->x,
            Drawn::boxes(Drawn::of(Picture::Marked, new Kind\WhichPlace($ask, 5, 3)), null),
        );
        $third = Drawn::things(Drawn::of(Picture::Marked, new Kind\WhichPlace('say-place', 5, 3)))[2];

        self::assertSame([$third->x], $bands('say-place'));
        self::assertSame([], $bands('which-is-at'), 'where the child shows which it is');
    }

    public function test_a_card_lies_beside_its_box_however_small_the_things(): void
    {
        foreach ([6, 25, 120] as $side) {
            $drawing = Drawn::of(Picture::Boxes, new Kind\MatchNumeral('show-amount', 4, 10), thing: Make::thing('beans', 30, [$side, $side, $side]));
            [$box, $card] = array_values(array_filter($drawing->marks, static fn (Mark $mark): bool => $mark instanceof Box));
            self::assertInstanceOf(Box::class, $box);
            self::assertInstanceOf(Box::class, $card);
            self::assertGreaterThan($box->x + $box->width / 2, $card->x - $card->width / 2, (string) $side);
        }
    }

    public function test_coins_are_enough_for_every_price_and_two_ways_to_pay_it(): void
    {
        foreach (range(2, 20) as $n) {
            $coins = [];
            foreach (Drawn::of(Picture::Coins, new Kind\MakeAmount('make-amount', $n))->marks as $mark) {
                if ($mark instanceof Oval) {
                    $coins[] = '';
                } elseif ($mark instanceof Path && [] !== $coins) {
                    $coins[\count($coins) - 1] .= $mark->d;
                }
            }
            $ways = [0 => [[]]];
            foreach (array_map(intval(...), $coins) as $coin) {
                foreach (array_reverse($ways, true) as $sum => $some) {
                    foreach ($some as $way) {
                        $ways[$sum + $coin][] = [...$way, $coin];
                    }
                }
            }
            self::assertGreaterThan(1, \count(array_unique(array_map(static fn (array $way): string => implode('+', $way), $ways[$n] ?? []))), (string) $n);
        }
    }

    public function test_bundles_and_mats_are_the_number(): void
    {
        $count = static function (Prompt $prompt): array {
            $wide = array_map(
                static fn (Box $box): float => $box->width,
                [...Drawn::boxes(Drawn::of(Picture::Bundles, $prompt), 'mat'), ...Drawn::boxes(Drawn::of(Picture::Bundles, $prompt), 'bundle')],
            );

            return [\count(array_keys($wide, 60.0, true)), \count(array_keys($wide, 14.0, true)), \count(array_keys($wide, 8.0, true))];
        };

        self::assertSame([0, 4, 7], $count(new Kind\TensOnes('read-tens', 47)));
        self::assertSame([0, 6, 3], $count(new Kind\TenMoreLess('ten-more', 63)));
        self::assertSame([0, 2, 5], $count(new Kind\AddTwoFigure(25, 31)));
        self::assertSame([3, 0, 5], $count(new Kind\ThreeSizes('read-hundreds', 305)));
    }

    public function test_a_thing_without_a_drawing_shows_its_letter(): void
    {
        $thing = new \Pindle\Core\Thing\Thing('t', 'marbles', 'marble', 20, glyph: 'counter');
        $drawing = Drawn::of(Picture::Row, new Kind\TellHowMany('how-many', 3), thing: $thing);
        $letters = array_filter($drawing->marks, static fn (Mark $mark): bool => $mark instanceof Text);

        self::assertCount(3, $letters);
        self::assertSame('M', array_values($letters)[0]->values['letter']);
    }

    public function test_comparing_is_said_in_the_values_not_drawn(): void
    {
        self::assertSame(Comparison::Fewer, (new Kind\CompareSigns('put-sign', 3, 9))->answer());
    }

    public function test_the_tower_that_a_label_wants_is_not_built_yet(): void
    {
        $drawing = Drawn::of(Picture::Stairs, new Kind\MatchNumeral('show-amount', 2, 5));

        self::assertSame([], Drawn::things($drawing));
        self::assertSame('2', Drawn::written($drawing));
    }

    /** @return array{float, float} */
    private static function middle(Mark $mark): array
    {
        return match (true) {
            $mark instanceof Line => [($mark->fromX + $mark->toX) / 2, ($mark->fromY + $mark->toY) / 2],
            $mark instanceof Box, $mark instanceof Oval, $mark instanceof Path, $mark instanceof Text => [$mark->x, $mark->y],
            default => throw new \LogicException($mark::class),
        };
    }
}

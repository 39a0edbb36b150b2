<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\App\Platform\Words;
use Pindle\Core\Activity\SceneKind;
use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Child\ComparingSign;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Child\WholeInBond;
use Pindle\Core\Question\Ask;
use Pindle\Core\Question\Fact;
use Pindle\Core\Question\Facts;
use Pindle\Core\Scene\Item;
use Pindle\Core\Scene\ItemKind;
use Pindle\Core\Scene\Scene;
use Pindle\Core\Scene\Scenes;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Shape;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

final class ScenesTest extends TestCase
{
    public function test_every_question_of_every_family_has_a_picture_that_lies_inside_its_edges(): void
    {
        $library = Make::library();
        $drawn = 0;
        $wrong = [];
        foreach ($library->catalogue()->families as $family) {
            foreach ($library->map()->steps as $step) {
                foreach ([] === $step->forms ? [null] : $step->forms as $form) {
                    if (!$family->shows($step, $form)) {
                        continue;
                    }
                    foreach (\array_slice(Facts::of($family->serves[$step->skill->id], $step), 0, 25) as $fact) {
                        $settings = 0 === $drawn % 2 ? new Settings() : new Settings(WayIn::Bars, frameFilling: FrameFilling::Upright, comparingSign: ComparingSign::Balance, acrossTen: AcrossTen::ThroughFives, wholeInBond: WholeInBond::AtLeft);
                        $scene = self::draw($family->scene($form), $fact, $form, $settings);
                        $what = $family->id.' '.$fact->key();
                        if ([] === $scene->items && 0 !== ($fact->numbers['n'] ?? 1)) {
                            $wrong[] = $what.' is empty';
                        }
                        // What it says can be filled into its sentence, or this throws.
                        Words::fill($library->sentence('scenes', $scene->alt), $scene->values);
                        foreach ($scene->items as $item) {
                            if ($item->x < -0.01 || $item->x > $scene->width + 0.01 || $item->y < -0.01 || $item->y > $scene->height + 0.01) {
                                $wrong[] = \sprintf('%s: %s at %.1f, %.1f outside %.1f by %.1f', $what, $item->kind->value, $item->x, $item->y, $scene->width, $scene->height);
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
        foreach ([SceneKind::Row, SceneKind::Scatter, SceneKind::Frame] as $kind) {
            $things = self::things(self::draw($kind, new Fact(Ask::ReadFrame, ['n' => 9], 9), Form::Things));
            self::assertCount(9, $things);
            foreach ($things as $i => $one) {
                foreach (\array_slice($things, $i + 1) as $other) {
                    self::assertGreaterThan(20, hypot($one->x - $other->x, $one->y - $other->y), $kind->value);
                }
            }
        }
    }

    public function test_a_frame_is_filled_the_chosen_way(): void
    {
        $six = new Fact(Ask::ReadFrame, ['n' => 6], 6);
        $columns = static fn (FrameFilling $filling): int => \count(array_unique(array_map(static fn (Item $item): string => (string) $item->x, self::things(self::draw(SceneKind::Frame, $six, Form::Things, new Settings(frameFilling: $filling))))));

        self::assertSame(5, $columns(FrameFilling::RowsOfFive));
        self::assertSame(3, $columns(FrameFilling::Pairs));
        self::assertSame(2, $columns(FrameFilling::Upright));
    }

    public function test_a_frame_cell_is_the_longest_side_and_six_millimetres(): void
    {
        // 25 mm caps: a frame of two by five is 155 by 62 mm.
        $scene = self::draw(SceneKind::Frame, new Fact(Ask::ReadFrame, ['n' => 10], 10), Form::Things);

        self::assertSame([155.0, 62.0], [$scene->width, $scene->height]);
    }

    /**
     * What lies in the picture of a question: whole things of the first and of the second kind, outlines, and the labels of cards.
     *
     * @param array<string, int> $numbers
     * @param list<string>       $labels
     */
    #[DataProvider('pictures')]
    public function test_a_picture_shows_the_numbers_of_its_question_and_hides_what_is_asked(SceneKind $kind, Ask $ask, array $numbers, int $first, int $second, int $outlines, array $labels = []): void
    {
        $caps = Make::thing('caps', 30, [13, 25, 25], Shape::Disc);
        $blocks = Make::thing('blocks', 30, [30, 30, 30]);
        $scene = Scenes::draw($kind, new Fact($ask, $numbers, 0), Form::Things, $caps, $blocks, new Settings(), new Randomizer(new Xoshiro256StarStar(4)));
        $whole = static fn (string $glyph): int => \count(array_filter(self::things($scene), static fn (Item $item): bool => !$item->faint && $glyph === $item->glyph));
        $shown = array_values(array_map(static fn (Item $item): string => (string) $item->label, array_filter($scene->items, static fn (Item $item): bool => \in_array($item->kind, [ItemKind::Card, ItemKind::Gap], true))));

        self::assertSame([$first, $second], [$whole($caps->glyph), $whole($blocks->glyph)]);
        self::assertCount($outlines, array_filter(self::things($scene), static fn (Item $item): bool => $item->faint));
        self::assertSame($labels, $shown);
    }

    /** @return iterable<string, array{SceneKind, Ask, array<string, int>, int, int, int, 6?: list<string>}> */
    public static function pictures(): iterable
    {
        yield 'scattered' => [SceneKind::Scatter, Ask::HowMany, ['n' => 7], 7, 0, 0];
        yield 'among others to leave alone' => [SceneKind::Mix, Ask::HowMany, ['n' => 4], 4, 5, 0];
        yield 'moved: as it was, and after' => [SceneKind::Row, Ask::StillSame, ['n' => 6, 'how' => 0], 6, 0, 6];
        yield 'a pile to take from' => [SceneKind::Pile, Ask::GiveMe, ['n' => 3], 6, 0, 0];
        yield 'as many as the card says' => [SceneKind::Pile, Ask::ShowAmount, ['n' => 4], 8, 0, 0, ['4']];
        yield 'a full box without its number' => [SceneKind::Pile, Ask::LabelAmount, ['n' => 4], 4, 0, 0, ['']];
        yield 'a number to find for an amount is not on a card' => [SceneKind::Cards, Ask::LabelAmount, ['n' => 6], 6, 0, 0, ['']];
        yield 'a frame with some missing' => [SceneKind::Frame, Ask::HowManyTo, ['n' => 10, 'a' => 6], 6, 0, 0];
        yield 'two colours in a frame' => [SceneKind::Frame, Ask::JoinSentence, ['a' => 4, 'b' => 5], 4, 5, 0];
        yield 'two rows' => [SceneKind::Pairs, Ask::WhichMore, ['a' => 5, 'b' => 3], 5, 3, 0];
        yield 'two pans' => [SceneKind::Balance, Ask::WhichMore, ['a' => 5, 'b' => 3], 8, 0, 0];
        yield 'a pan to fill' => [SceneKind::Balance, Ask::BalanceTo, ['n' => 6], 0, 0, 0, ['6']];
        yield 'both sides with a sum' => [SceneKind::Balance, Ask::BothSides, ['a' => 3, 'b' => 4, 'c' => 2], 9, 0, 0];
        yield 'two bowls' => [SceneKind::Bowls, Ask::Join, ['a' => 3, 'b' => 4], 3, 4, 0];
        yield 'two bowls and a sentence' => [SceneKind::Bowls, Ask::JoinSentence, ['a' => 3, 'b' => 4], 3, 4, 0, ['3', '+', '4', '=', '']];
        yield 'some taken away' => [SceneKind::TakeFrom, Ask::Take, ['n' => 7, 'b' => 3], 4, 0, 3];
        yield 'some under the cup' => [SceneKind::Cup, Ask::OtherPart, ['n' => 7, 'a' => 4, 'b' => 3], 4, 0, 0];
        yield 'a whole to part' => [SceneKind::Cup, Ask::SplitIt, ['n' => 7], 7, 0, 0];
        yield 'a part to find beside the whole' => [SceneKind::Bond, Ask::OtherPart, ['n' => 7, 'a' => 4, 'b' => 3], 4, 0, 7];
        yield 'a group under the cloth' => [SceneKind::Cloth, Ask::AddOn, ['a' => 6, 'b' => 3], 0, 3, 0];
        yield 'the same in the mirror' => [SceneKind::Mirror, Ask::Double, ['a' => 4, 'b' => 4], 4, 0, 4];
        yield 'fill the ten' => [SceneKind::Bridge, Ask::BridgeTen, ['a' => 8, 'b' => 5], 8, 3, 2];
        yield 'back through ten' => [SceneKind::Bridge, Ask::BridgeBack, ['n' => 13, 'b' => 5], 8, 0, 5];
        yield 'to share' => [SceneKind::Plates, Ask::ShareOut, ['n' => 9, 'plates' => 4, 'left' => 1], 9, 0, 0];
        yield 'piles of one size' => [SceneKind::Piles, Ask::EqualPiles, ['piles' => 4, 'each' => 5], 20, 0, 0];
        yield 'as many cards as piles' => [SceneKind::Cards, Ask::EqualPiles, ['piles' => 7, 'each' => 5], 0, 0, 0, ['5', '5', '5', '5', '5', '5', '5']];
        yield 'along a length' => [SceneKind::Measure, Ask::HowMany, ['n' => 6], 6, 0, 0];
        yield 'a length to go on along' => [SceneKind::Measure, Ask::MeasureWith, ['n' => 6], 2, 0, 4];
        yield 'up to a number' => [SceneKind::Hops, Ask::CountUp, ['a' => 5, 'n' => 8], 1, 0, 1];
        yield 'a hole in a sum' => [SceneKind::Cards, Ask::MissingStart, ['n' => 9, 'b' => 4], 0, 0, 0, ['', '+', '4', '=', '9']];
        yield 'before a numeral' => [SceneKind::Cards, Ask::Before, ['n' => 7], 0, 0, 0, ['', '7']];
        yield 'a price' => [SceneKind::Coins, Ask::MakeAmount, ['n' => 8], 0, 0, 0, ['8']];
        yield 'a pattern to carry on' => [SceneKind::Pattern, Ask::CarryOn, ['unit' => 112, 'next' => 2], 6, 3, 0, ['', '']];
        yield 'a numeral, whatever the family draws' => [SceneKind::Pile, Ask::NameNumeral, ['n' => 7], 0, 0, 0, ['7']];
    }

    public function test_a_card_lies_beside_its_box_however_small_the_things(): void
    {
        foreach ([6, 25, 120] as $side) {
            $items = Scenes::draw(SceneKind::Boxes, new Fact(Ask::GiveMe, ['n' => 4], 4), Form::Things, Make::thing('beans', 30, [$side, $side, $side]), null, new Settings(), new Randomizer(new Xoshiro256StarStar(4)))->items;
            $box = array_values(array_filter($items, static fn (Item $item): bool => ItemKind::Box === $item->kind))[0];
            $card = array_values(array_filter($items, static fn (Item $item): bool => ItemKind::Card === $item->kind))[0];
            self::assertGreaterThan($box->x + $box->width / 2, $card->x - $card->width / 2, (string) $side);
        }
    }

    public function test_coins_are_enough_for_every_price_and_two_ways_to_pay_it(): void
    {
        foreach (range(2, 20) as $n) {
            $coins = array_map(static fn (Item $item): int => (int) $item->label, array_filter(self::draw(SceneKind::Coins, new Fact(Ask::MakeAmount, ['n' => $n], $n), Form::Things)->items, static fn (Item $item): bool => ItemKind::Coin === $item->kind));
            $ways = [0 => [[]]];
            foreach ($coins as $coin) {
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
        $count = static fn (Ask $ask, array $numbers, ItemKind $kind): int => \count(array_filter(self::draw(SceneKind::Bundles, new Fact($ask, $numbers, 0), Form::Things)->items, static fn (Item $item): bool => $kind === $item->kind));

        foreach ([[Ask::ReadTens, ['n' => 47, 't' => 4, 'o' => 7], 0, 4, 7], [Ask::TenMore, ['n' => 63], 0, 6, 3], [Ask::AddTwoFigure, ['a' => 25, 'b' => 31], 0, 2, 5], [Ask::ReadHundreds, ['n' => 305, 'h' => 3, 't' => 0, 'o' => 5], 3, 0, 5]] as [$ask, $numbers, $mats, $bundles, $singles]) {
            self::assertSame([$mats, $bundles, $singles], [$count($ask, $numbers, ItemKind::Mat), $count($ask, $numbers, ItemKind::Bundle), $count($ask, $numbers, ItemKind::Single)], $ask->value);
        }
    }

    private static function draw(SceneKind $kind, Fact $fact, ?Form $form, ?Settings $settings = null): Scene
    {
        $caps = Make::thing('caps', 30, [13, 25, 25], Shape::Disc);

        return Scenes::draw($kind, $fact, $form, Form::Things === $form ? $caps : null, null, $settings ?? new Settings(), new Randomizer(new Xoshiro256StarStar(4)));
    }

    /** @return list<Item> */
    private static function things(Scene $scene): array
    {
        return array_values(array_filter($scene->items, static fn (Item $item): bool => ItemKind::Thing === $item->kind));
    }
}

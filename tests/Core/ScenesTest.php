<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

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

    public function test_a_hidden_part_stays_hidden(): void
    {
        $scene = self::draw(SceneKind::Cup, new Fact(Ask::OtherPart, ['n' => 7, 'a' => 4, 'b' => 3], 3), Form::Things);

        self::assertCount(4, self::things($scene));
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

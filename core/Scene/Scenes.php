<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\SceneKind;
use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Child\ComparingSign;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Child\WholeInBond;
use Pindle\Core\Question\Ask;
use Pindle\Core\Question\Fact;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Thing;
use Random\Randomizer;

/** Draws the set-up picture of a question from its real numbers and the chosen things. Answers that are to be found stay out of it. */
final readonly class Scenes
{
    /** Room around a thing for small fingers, in millimetres. */
    public const FINGER_ROOM = 6.0;

    private const CARD = 44.0;

    private function __construct(private Fact $fact, private Thing $thing, private Thing $other, private Settings $settings, private FrameFilling $filling, private Randomizer $random)
    {
    }

    /**
     * @param Thing|null $thing the things of the first role; plain counters where there are none
     * @param Thing|null $other  the things of the second role
     * @param bool       $varied whether the child is sure enough of the step for frames filled other ways
     */
    public static function draw(SceneKind $kind, Fact $fact, ?Form $form, ?Thing $thing, ?Thing $other, Settings $settings, Randomizer $random, bool $varied = false): Scene
    {
        $thing ??= new Thing('counter', Form::Pictures === $form ? 'drawn dots' : 'counters', 'counter', 100, glyph: 'dot');
        $other ??= 'dot' === $thing->glyph ? new Thing('counter', 'drawn crosses', 'drawn cross', 100, glyph: 'cross') : $thing;
        // Kept the same until the step is secure, then varied on purpose.
        $filling = $varied ? FrameFilling::cases()[$random->getInt(0, 2)] : $settings->frameFilling;
        $scenes = new self($fact, $thing, $other, $settings, $filling, $random);

        // Some questions have one picture only, whatever the family shows otherwise.
        $kind = match (true) {
            Ask::SortBy === $fact->ask, Ask::SayTheRule === $fact->ask => SceneKind::Rings,
            Ask::CarryOn === $fact->ask => SceneKind::Pattern,
            Ask::StoryTake === $fact->ask => SceneKind::TakeFrom,
            Ask::HowMany === $fact->ask && SceneKind::Frame === $kind => SceneKind::Scatter,
            default => $kind,
        };

        return match ($kind) {
            SceneKind::Row => $scenes->row(),
            SceneKind::Scatter => $scenes->scatter(),
            SceneKind::Pile => $scenes->pile(),
            SceneKind::Bowls => $scenes->bowls(),
            SceneKind::TakeFrom => $scenes->takeFrom(),
            SceneKind::Frame => $scenes->amount($form),
            SceneKind::Cards => $scenes->cards(),
            SceneKind::Pairs => $scenes->pairs(),
            SceneKind::Bond => $scenes->bond(),
            SceneKind::Cup => $scenes->cup(),
            SceneKind::Track => $scenes->track(),
            SceneKind::Hops => $scenes->hops(),
            SceneKind::Plates => $scenes->plates(),
            SceneKind::Rings => $scenes->rings(),
            SceneKind::Pattern => $scenes->pattern(),
            SceneKind::Boxes => $scenes->boxes(),
            SceneKind::Sign => $scenes->sign(),
            SceneKind::Bridge => $scenes->bridge(),
        };
    }

    private function number(string $name): int
    {
        return $this->fact->numbers[$name] ?? 0;
    }

    /** One cell: the longest side of the thing and finger room. */
    private function cell(?Thing $thing = null): float
    {
        return ($thing ?? $this->thing)->longSide() + self::FINGER_ROOM;
    }

    private function put(float $x, float $y, ?Thing $thing = null, bool $faint = false): Item
    {
        $thing ??= $this->thing;

        return new Item(ItemKind::Thing, $x, $y, $thing->longSide(), $thing->longSide(), $thing->glyph, null, $faint);
    }

    /**
     * So many things in lines of five, from an upper left corner.
     *
     * @return list<Item>
     */
    private function lines(int $count, float $left, float $top, int $perLine = 5, ?Thing $thing = null, bool $faint = false): array
    {
        $cell = $this->cell($thing);

        return array_map(
            fn (int $i): Item => $this->put($left + ($i % $perLine + 0.5) * $cell, $top + (intdiv($i, $perLine) + 0.5) * $cell, $thing, $faint),
            $count > 0 ? range(0, $count - 1) : [],
        );
    }

    private function row(): Scene
    {
        $n = $this->number('n');
        $cell = $this->cell();
        if (Ask::HowManyNow === $this->fact->ask || Ask::StillSame === $this->fact->ask) {
            return $this->movedRow($n, $cell);
        }

        return new Scene(max(1, min(10, $n)) * $cell, ceil(max(1, $n) / 10) * $cell, $this->lines($n, 0, 0, 10), 'row', ['n' => $n, 'things' => $this->things($n)]);
    }

    /** The same amount twice: as it was, and spread out, bunched up, or counted from the other end. */
    private function movedRow(int $n, float $cell): Scene
    {
        $stretch = [1.5, 0.9, 1.0][$this->number('how')] ?? 1.0;
        $after = array_map(fn (int $i): Item => $this->put(($i + 0.5) * $cell * $stretch, 2.0 * $cell), range(0, $n - 1));

        return new Scene($n * $cell * max(1.0, $stretch), 2.6 * $cell, [...$this->lines($n, 0, 0, $n, null, true), ...$after], 'moved', ['n' => $n, 'things' => $this->things($n)]);
    }

    private function scatter(): Scene
    {
        $n = max(0, $this->number('n'));
        $cell = $this->cell() * 1.25;
        $side = max(2, (int) ceil(sqrt(max(1, $n) * 1.6)));
        $places = $this->random->shuffleArray(range(0, $side * $side - 1));
        $items = [];
        foreach (\array_slice($places, 0, $n) as $place) {
            $wobble = fn (): float => $this->random->getInt(-10, 10) / 100 * $cell;
            $items[] = $this->put(($place % $side + 0.5) * $cell + $wobble(), (intdiv($place, $side) + 0.5) * $cell + $wobble());
        }

        return new Scene($side * $cell, $side * $cell, $items, 'scatter', ['n' => $n, 'things' => $this->things($n)]);
    }

    /** A pile to take from, and an empty plate to put them on. */
    private function pile(): Scene
    {
        $n = max($this->number('n'), \is_int($this->fact->answer) ? $this->fact->answer : 0);
        $cell = $this->cell();
        $pile = $this->lines(min(30, 2 * $n), 0, 0, 6);
        $height = max(3, ceil(min(30, 2 * $n) / 6)) * $cell;
        $plate = new Item(ItemKind::Plate, 6 * $cell + 2.2 * $cell, $height / 2, 3.4 * $cell, 3.0 * $cell);
        $card = Ask::ShowAmount === $this->fact->ask ? [new Item(ItemKind::Card, 6 * $cell + 2.2 * $cell, $height / 2, self::CARD, self::CARD, null, (string) $n)] : [];

        return new Scene(10 * $cell, $height, [...$pile, $plate, ...$card], 'pile', ['n' => $n, 'things' => $this->thing->name]);
    }

    private function bowls(): Scene
    {
        [$a, $b] = [$this->number('a'), $this->number('b')];
        $cell = max($this->cell(), $this->cell($this->other));
        $wide = 4.6 * $cell;
        $lines = max(2, (int) ceil(max($a, $b) / 4));
        $height = ($lines + 1.2) * $cell;
        $items = [];
        foreach ([[$a, 0.0, $this->thing], [$b, $wide + 0.6 * $cell, $this->other]] as [$count, $left, $thing]) {
            $items[] = new Item(ItemKind::Bowl, $left + $wide / 2, $height / 2, $wide, $height);
            array_push($items, ...$this->lines($count, $left + ($wide - 4 * $this->cell($thing)) / 2, 0.6 * $cell, 4, $thing));
        }
        $width = 2 * $wide + 0.6 * $cell;
        if (Ask::JoinSentence === $this->fact->ask) {
            foreach ([(string) $a, '+', (string) $b, '=', ''] as $i => $label) {
                $items[] = new Item('' === $label ? ItemKind::Gap : ItemKind::Card, $width / 2 + ($i - 2) * 50.0, $height + 30.0, self::CARD, self::CARD, null, $label);
            }
            $height += 56.0;
        }

        return new Scene(max($width, 250.0), $height, self::centred($items, max($width, 250.0), $width), 'bowls', ['a' => $a, 'b' => $b, 'things' => $this->things($a), 'others' => $this->name($this->other, $b)]);
    }

    private function takeFrom(): Scene
    {
        [$n, $b] = [$this->number('n'), $this->number('b')];
        $cell = $this->cell();
        $kept = $this->lines($n - $b, 0.4 * $cell, 0.4 * $cell);
        $leftLines = max(1, (int) ceil(($n - $b) / 5));
        $gone = $this->lines($b, 6.6 * $cell, 0.4 * $cell, 5, null, true);
        $height = (max($leftLines, (int) ceil($b / 5), 1) + 0.8) * $cell;
        $items = [
            new Item(ItemKind::Plate, 2.9 * $cell, $height / 2, 5.8 * $cell, $height),
            new Item(ItemKind::Bowl, 9.1 * $cell, $height / 2, 5.8 * $cell, $height),
            ...$kept,
            ...$gone,
        ];
        $width = 12.0 * $cell;
        if (Ask::TakeSentence === $this->fact->ask) {
            foreach ([(string) $n, '−', (string) $b, '=', ''] as $i => $label) {
                $items[] = new Item('' === $label ? ItemKind::Gap : ItemKind::Card, $width / 2 + ($i - 2) * 50.0, $height + 30.0, self::CARD, self::CARD, null, $label);
            }
            $height += 56.0;
        }

        return new Scene($width, $height, $items, 'take-from', ['n' => $n, 'b' => $b, 'things' => $this->things($n)]);
    }

    /** An amount as the child's way in likes to see it: with things always on the frame; drawn, as a frame, a bar or a pattern of dots. */
    private function amount(?Form $form): Scene
    {
        $wayIn = Form::Pictures === $form && Ask::HowManyTo !== $this->fact->ask ? $this->settings->wayIn : WayIn::SeeIt;

        return match ($wayIn) {
            WayIn::Bars => $this->bar(),
            WayIn::TouchAndCount => $this->dots(),
            WayIn::SeeIt, WayIn::MoveAndTell => $this->frame(),
        };
    }

    /** Joined cells in one line, every ten on a line of its own. */
    private function bar(): Scene
    {
        $n = $this->number('n');
        $cell = 24.0;
        $items = [];
        for ($i = 0; $i < $n; ++$i) {
            $items[] = new Item(ItemKind::Block, ($i % 10 + 0.5) * $cell, (intdiv($i, 10) * 1.4 + 0.5) * $cell, $cell, $cell);
        }

        return new Scene(max(1, min(10, $n)) * $cell, max(1.0, ceil($n / 10) * 1.4 - 0.4) * $cell, $items, 'bar', ['n' => $n]);
    }

    /** Fives as on a die (four corners and a middle), then what is left over. */
    private function dots(): Scene
    {
        $n = $this->number('n');
        $cell = $this->cell();
        $corners = [[0, 0], [2, 2], [2, 0], [0, 2], [1, 1]];
        $items = [];
        for ($i = 0; $i < $n; ++$i) {
            [$x, $y] = $corners[$i % 5];
            $items[] = $this->put((intdiv($i, 5) * 4.0 + $x + 0.5) * $cell, ($y + 0.5) * $cell);
        }

        return new Scene(max(3.0, ceil($n / 5) * 4.0 - 1.0) * $cell, 3.0 * $cell, $items, 'dots', ['n' => $n, 'things' => $this->things($n)]);
    }

    /** Two amounts or numerals and the place for the sign between them; under it the signs to choose from, as the child is shown them. */
    private function sign(): Scene
    {
        [$a, $b] = [$this->number('a'), $this->number('b')];
        $cards = [new Item(ItemKind::Card, 30.0, 34.0, 48.0, 60.0, null, (string) $a), new Item(ItemKind::Gap, 90.0, 34.0, 48.0, 48.0, null, ''), new Item(ItemKind::Card, 150.0, 34.0, 48.0, 60.0, null, (string) $b)];
        $kind = match ($this->settings->comparingSign) {
            ComparingSign::OpenSide => ItemKind::Card,
            ComparingSign::AnimalMouth => ItemKind::Mouth,
            ComparingSign::Balance => ItemKind::Beam,
            ComparingSign::WordsOnly => null,
        };
        if (null !== $kind) {
            foreach (['<', '=', '>'] as $i => $sign) {
                $cards[] = new Item($kind, 30.0 + $i * 60.0, 104.0, 44.0, 44.0, null, $sign);
            }
        }

        return new Scene(180.0, null === $kind ? 68.0 : 130.0, $cards, 'sign', ['a' => $a, 'b' => $b]);
    }

    /**
     * Two frames for a sum or a difference over the ten: with the first frame filled up from the second amount, or with a five
     * out of each amount on top.
     */
    private function bridge(): Scene
    {
        $back = Ask::BridgeBack === $this->fact->ask;
        [$a, $b] = $back ? [10, $this->number('n') - 10] : [$this->number('a'), $this->number('b')];
        $fives = AcrossTen::ThroughFives === $this->settings->acrossTen;
        $cell = $this->cell();
        $items = [];
        foreach ([[$a, 0.0, $this->thing], [$b, 5.8 * $cell, $back ? $this->thing : $this->other]] as $frame => [$count, $left, $thing]) {
            for ($i = 0; $i < 10; ++$i) {
                $items[] = new Item(ItemKind::Cell, $left + ($i % 5 + 0.5) * $cell, (intdiv($i, 5) + 0.5) * $cell, $cell, $cell);
            }
            for ($i = 0; $i < $count; ++$i) {
                // What moves over, or goes first, is only outlined where it lies now.
                $moves = match (true) {
                    $back => 1 === $frame ? true : 10 - $i <= $this->number('b') - $b,
                    $fives => false,
                    default => 1 === $frame && $i < 10 - $a,
                };
                $items[] = $this->put($left + ($i % 5 + 0.5) * $cell, (intdiv($i, 5) + 0.5) * $cell, $thing, $moves);
            }
        }
        if ($fives && !$back) {
            $items[] = new Item(ItemKind::Band, 2.5 * $cell, 0.5 * $cell, 5 * $cell, $cell);
            $items[] = new Item(ItemKind::Band, 8.3 * $cell, 0.5 * $cell, 5 * $cell, $cell);
        }

        return new Scene(10.8 * $cell, 2.0 * $cell, $items, $back ? 'bridge-back' : ($fives ? 'bridge-fives' : 'bridge'), ['a' => $a, 'b' => $b, 'n' => $a + $b, 'fill' => 10 - $a, 'gone' => $this->number('b'), 'things' => $this->things($a)]);
    }

    private function frame(): Scene
    {
        $n = match ($this->fact->ask) {
            Ask::HowManyTo => $this->number('a'),
            default => $this->number('n'),
        };
        $places = 5 === $this->number('n') && Ask::HowManyTo === $this->fact->ask ? 5 : ($n > 5 || Ask::HowManyTo === $this->fact->ask ? 10 : 5);
        $frames = $n > 10 ? 2 : 1;
        $cell = $this->cell();
        $items = [];
        for ($frame = 0; $frame < $frames; ++$frame) {
            $left = $frame * 5.6 * $cell;
            foreach (self::places($places, $this->filling) as $i => [$column, $line]) {
                [$x, $y] = [$left + ($column + 0.5) * $cell, ($line + 0.5) * $cell];
                $items[] = new Item(ItemKind::Cell, $x, $y, $cell, $cell);
                if ($frame * 10 + $i < $n) {
                    $items[] = $this->put($x, $y);
                }
            }
        }
        $upright = FrameFilling::Upright === $this->filling && 10 === $places;

        return new Scene(
            $upright ? 2 * $cell + ($frames - 1) * 5.6 * $cell : 5 * $cell + ($frames - 1) * 5.6 * $cell,
            $upright ? 5 * $cell : $places / 5 * $cell,
            $items,
            $n > 5 && $n <= 10 ? 'frame-five-and' : ($n > 10 ? 'frames' : 'frame'),
            ['n' => $n, 'rest' => max(0, $n - 5), 'over' => max(0, $n - 10), 'places' => $places, 'things' => $this->things($n)],
        );
    }

    /** @return list<array{int, int}> column and line of each place in the order it is filled */
    private static function places(int $count, FrameFilling $filling): array
    {
        $places = [];
        for ($i = 0; $i < $count; ++$i) {
            $places[] = match (true) {
                5 === $count || FrameFilling::RowsOfFive === $filling => [$i % 5, intdiv($i, 5)],
                FrameFilling::Pairs === $filling => [intdiv($i, 2), $i % 2],
                default => [intdiv($i, 5), 4 - $i % 5],
            };
        }

        return $places;
    }

    /** Numeral cards: the one in question, or a few to choose from, with a gap where one is to be found. */
    private function cards(): Scene
    {
        $n = $this->number('n');
        $labels = match ($this->fact->ask) {
            Ask::FindNumeral => $this->among($n),
            Ask::After => [(string) $n, ''],
            Ask::Before => ['', (string) $n],
            Ask::Between => [(string) $this->number('a'), '', (string) $this->number('b')],
            Ask::PutInOrder => $this->muddled(),
            Ask::StageIt, Ask::WhatSign => [(string) $this->number('a'), Ask::WhatSign === $this->fact->ask ? '' : (2 === $this->number('sign') ? '−' : '+'), (string) $this->number('b'), '='],
            Ask::HowManyTo, Ask::OtherPart => [(string) $this->number('a'), '+', '', '=', (string) $n],
            Ask::Join, Ask::JoinSentence => [(string) $this->number('a'), '+', (string) $this->number('b'), '=', ''],
            Ask::BridgeTen => [(string) $this->number('a'), '+', (string) $this->number('b'), '=', ''],
            Ask::BridgeBack => [(string) $n, '−', (string) $this->number('b'), '=', ''],
            Ask::Take, Ask::TakeSentence => [(string) $n, '−', (string) $this->number('b'), '=', ''],
            Ask::OneMore => [(string) $n, ''],
            Ask::OneFewer => ['', (string) $n],
            default => [(string) $n],
        };
        $items = [];
        foreach ($labels as $i => $label) {
            $items[] = new Item('' === $label ? ItemKind::Gap : ItemKind::Card, ($i + 0.5) * 56.0, 34.0, 48.0, 60.0, null, $label);
        }
        $shown = array_values(array_filter($labels, static fn (string $label): bool => '' !== $label));

        return new Scene(\count($labels) * 56.0, 68.0, $items, 1 === \count($shown) ? 'card' : 'cards', ['shown' => implode(', ', $shown), 'n' => \count($shown)]);
    }

    /** @return list<string> the numeral among two others, in a mixed order */
    private function among(int $n): array
    {
        return array_map(strval(...), $this->random->shuffleArray([$n, $n + 1, $n > 0 ? $n - 1 : $n + 2]));
    }

    /** @return list<string> */
    private function muddled(): array
    {
        [$from, $gap] = [$this->number('from'), max(1, $this->number('gap'))];

        return array_map(strval(...), $this->random->shuffleArray([$from, $from + $gap, $from + 2 * $gap, $from + 3 * $gap]));
    }

    /** Two rows of different spread, so that looking alone misleads now and then. */
    private function pairs(): Scene
    {
        [$a, $b] = [$this->number('a'), $this->number('b')];
        $cell = max($this->cell(), $this->cell($this->other));
        $spread = $a > $b && $b > 1 && 0 === ($a + $b) % 3 ? min(1.8, ($a + 1) / $b) : 1.0;
        $items = [];
        for ($i = 0; $i < $a; ++$i) {
            $items[] = $this->put(($i + 0.5) * $cell, 0.6 * $cell);
        }
        for ($i = 0; $i < $b; ++$i) {
            $items[] = $this->put(($i * $spread + 0.5) * $cell, 1.9 * $cell, $this->other);
        }
        $width = max(2.0, (float) $a, $b > 0 ? ($b - 1) * $spread + 1 : 0.0) * $cell;

        return new Scene($width, 2.5 * $cell, $items, 0 === $b ? 'one-row' : 'pairs', ['a' => $a, 'b' => $b, 'things' => $this->things($a), 'others' => $this->name($this->other, $b)]);
    }

    /** A whole above two parts, one of them to be found. */
    private function bond(): Scene
    {
        [$n, $a] = [$this->number('n'), $this->number('a')];
        $open = Ask::SplitIt === $this->fact->ask;
        $cell = $this->cell();
        $big = max(2.6, ceil(sqrt($n)) + 1.2) * $cell;
        if (WholeInBond::AtLeft === $this->settings->wholeInBond) {
            return $this->bondFromTheLeft($n, $a, $open, $big);
        }
        [$middle, $low] = [1.25 * $big, 1.75 * $big];
        $items = [
            new Item(ItemKind::Link, $middle - 0.4 * $big, 1.1 * $big, -0.8 * $big, 1.2 * $big),
            new Item(ItemKind::Link, $middle + 0.4 * $big, 1.1 * $big, 0.8 * $big, 1.2 * $big),
            new Item(ItemKind::Plate, $middle, $big / 2, $big, $big),
            new Item(ItemKind::Plate, $middle - 0.75 * $big, $low, $big, $big),
            new Item(ItemKind::Plate, $middle + 0.75 * $big, $low, $big, $big, null, $open ? null : '?'),
            ...$this->heap($n, $middle, $big / 2, $open ? false : true),
            ...($open ? [] : $this->heap($a, $middle - 0.75 * $big, $low, false)),
        ];

        return new Scene(2.5 * $big, 2.3 * $big, $items, $open ? 'bond-open' : 'bond', ['n' => $n, 'a' => $a, 'things' => $this->things($n)]);
    }

    private function bondFromTheLeft(int $n, int $a, bool $open, float $big): Scene
    {
        [$middle, $right] = [1.15 * $big, 1.95 * $big];
        $items = [
            new Item(ItemKind::Link, 1.2 * $big, $middle - 0.3 * $big, 1.2 * $big, -0.6 * $big),
            new Item(ItemKind::Link, 1.2 * $big, $middle + 0.3 * $big, 1.2 * $big, 0.6 * $big),
            new Item(ItemKind::Plate, $big / 2, $middle, $big, $big),
            new Item(ItemKind::Plate, $right, $middle - 0.6 * $big, $big, $big),
            new Item(ItemKind::Plate, $right, $middle + 0.6 * $big, $big, $big, null, $open ? null : '?'),
            ...$this->heap($n, $big / 2, $middle, !$open),
            ...($open ? [] : $this->heap($a, $right, $middle - 0.6 * $big, false)),
        ];

        return new Scene(2.5 * $big, 2.3 * $big, $items, $open ? 'bond-open-left' : 'bond-left', ['n' => $n, 'a' => $a, 'things' => $this->things($n)]);
    }

    /**
     * A square-ish heap about a middle.
     *
     * @return list<Item>
     */
    private function heap(int $count, float $x, float $y, bool $faint): array
    {
        $cell = $this->cell();
        $side = max(1, (int) ceil(sqrt($count)));
        $lines = (int) ceil($count / $side);

        return $this->lines($count, $x - $side * $cell / 2, $y - $lines * $cell / 2, $side, null, $faint);
    }

    /** Some to see, the rest under a cup. */
    private function cup(): Scene
    {
        [$n, $a] = [$this->number('n'), $this->number('a')];
        $cell = $this->cell();
        $seen = Ask::SplitIt === $this->fact->ask ? $n : $a;
        $lines = max(2, (int) ceil($seen / 5));
        $cup = Ask::SplitIt === $this->fact->ask ? [] : [new Item(ItemKind::Cup, 7.0 * $cell, $lines * $cell / 2, 2.4 * $cell, 2.0 * $cell, null, '?')];

        return new Scene(8.4 * $cell, $lines * $cell, [...$this->lines($seen, 0, 0), ...$cup], [] === $cup ? 'row' : 'cup', ['n' => $n, 'a' => $a, 'things' => $this->things([] === $cup ? $n : $a)]);
    }

    /** A stretch of numerals for saying on or back; the start is filled in, the others are places to point along. */
    private function track(): Scene
    {
        [$from, $to] = match ($this->fact->ask) {
            Ask::SayOn, Ask::SayBack => [$this->number('from'), $this->number('to')],
            default => [1, $this->number('n')],
        };
        $down = $to < $from;
        $count = min(12, abs($to - $from) + 1);
        $items = [];
        for ($i = 0; $i < $count; ++$i) {
            $items[] = new Item(ItemKind::Box, ($i + 0.5) * 30, 18.0, 28.0, 28.0, null, 0 === $i ? (string) $from : null);
        }

        return new Scene($count * 30.0, 36.0, $items, $down ? 'track-down' : 'track', ['from' => $from, 'to' => $to, 'n' => $this->number('n')]);
    }

    /** A number line with the start marked; the hops are the question. */
    private function hops(): Scene
    {
        $reach = max(10, (int) (10 * ceil(max($this->number('n'), $this->number('a') + $this->number('b')) / 10)));
        $step = 20 === $reach ? 18.0 : 28.0;
        $items = [new Item(ItemKind::Line, ($reach * $step) / 2 + 20, 46.0, $reach * $step, 0.0)];
        for ($i = 0; $i <= $reach; ++$i) {
            $items[] = new Item(ItemKind::Tick, 20 + $i * $step, 46.0, $step * 0.7, 10.0, null, (string) $i);
        }
        $back = Ask::Take === $this->fact->ask || Ask::TakeSentence === $this->fact->ask;
        $start = $back ? $this->number('n') : $this->number('a');
        for ($i = 0; $i < $this->number('b'); ++$i) {
            $items[] = new Item(ItemKind::Hop, 20 + ($start + ($back ? -$i - 0.5 : $i + 0.5)) * $step, 46.0, $step * ($back ? -1 : 1), 22.0, null, null, $i > 0);
        }
        $items[] = new Item(ItemKind::Thing, 20 + $start * $step, 34.0, 18.0, 18.0, $this->thing->glyph);

        return new Scene($reach * $step + 40, 74.0, $items, $back ? 'hops-back' : 'hops', ['start' => $start, 'b' => $this->number('b'), 'reach' => $reach]);
    }

    private function plates(): Scene
    {
        [$n, $plates] = [$this->number('n'), max(1, $this->number('plates'))];
        $cell = $this->cell();
        $pile = $this->lines($n, 0, 0, 10);
        $top = ceil(max(1, $n) / 10) * $cell + 0.6 * $cell;
        $items = array_map(static fn (int $i): Item => new Item(ItemKind::Plate, ($i + 0.5) * 3.2 * $cell, $top + 1.4 * $cell, 2.9 * $cell, 2.6 * $cell), range(0, $plates - 1));

        return new Scene(max(10 * $cell, $plates * 3.2 * $cell), $top + 2.9 * $cell, [...$pile, ...$items], 'plates', ['n' => $n, 'plates' => $plates, 'things' => $this->things($n)]);
    }

    private function rings(): Scene
    {
        $groups = max(2, $this->number('groups'));
        $cell = max($this->cell(), $this->cell($this->other));
        $items = array_map(static fn (int $i): Item => new Item(ItemKind::Ring, ($i + 0.5) * 4.2 * $cell, 2.0 * $cell, 3.8 * $cell, 3.6 * $cell), range(0, $groups - 1));
        $mix = [];
        for ($i = 0; $i < 8; ++$i) {
            $mix[] = $this->put(($i + 0.5) * $cell * 0.52 * $groups, 4.8 * $cell, 0 === $i % 2 ? $this->thing : $this->other);
        }

        return new Scene($groups * 4.2 * $cell, 5.4 * $cell, [...$items, ...$mix], 'rings', ['groups' => $groups, 'things' => $this->thing->name, 'others' => $this->other->name]);
    }

    /** Three full repeats, then places still to fill. */
    private function pattern(): Scene
    {
        $unit = (string) $this->number('unit');
        $long = \strlen($unit);
        $cell = max($this->cell(), $this->cell($this->other));
        $items = [];
        for ($i = 0; $i < 3 * $long + $this->number('next'); ++$i) {
            $which = $unit[$i % $long];
            $thing = '2' === $which ? $this->other : $this->thing;
            $items[] = $i < 3 * $long
                ? new Item(ItemKind::Thing, ($i + 0.5) * $cell, 0.6 * $cell, $thing->longSide() * ('3' === $which ? 0.6 : 1), $thing->longSide() * ('3' === $which ? 0.6 : 1), $thing->glyph)
                : new Item(ItemKind::Gap, ($i + 0.5) * $cell, 0.6 * $cell, 0.8 * $cell, 0.8 * $cell, null, '');
        }

        return new Scene((3 * $long + $this->number('next')) * $cell, 1.2 * $cell, $items, 'pattern', ['next' => $this->number('next'), 'things' => $this->thing->name, 'others' => $this->other->name]);
    }

    /** A numbered box to cover, with the pile beside it. */
    private function boxes(): Scene
    {
        $n = $this->number('n');
        $cell = $this->cell();
        $lines = max(2, (int) ceil(max(1, $n) / 5));
        $shows = Ask::LabelAmount === $this->fact->ask;
        $items = [
            new Item(ItemKind::Box, 2.9 * $cell, ($lines + 1) * $cell / 2, 5.6 * $cell, ($lines + 0.8) * $cell),
            ...$this->lines($n, 0.4 * $cell, 0.5 * $cell, 5, null, !$shows),
            $shows
                ? new Item(ItemKind::Gap, 6.9 * $cell, ($lines + 1) * $cell / 2, self::CARD, self::CARD, null, '')
                : new Item(ItemKind::Card, 6.9 * $cell, ($lines + 1) * $cell / 2, self::CARD, self::CARD, null, (string) $n),
        ];

        return new Scene(8.0 * $cell, ($lines + 1) * $cell, $items, $shows ? 'box-label' : 'box', ['n' => $n, 'things' => $this->things($n)]);
    }

    private function things(int $count): string
    {
        return $this->name($this->thing, $count);
    }

    private function name(Thing $thing, int $count): string
    {
        return 1 === $count ? $thing->single : $thing->name;
    }

    /**
     * @param list<Item> $items
     *
     * @return list<Item> moved right so that what was so wide lies in the middle
     */
    private static function centred(array $items, float $width, float $was): array
    {
        $by = ($width - $was) / 2;

        return 0.0 === $by ? $items : array_map(static fn (Item $item): Item => new Item($item->kind, $item->x + $by, $item->y, $item->width, $item->height, $item->glyph, $item->label, $item->faint), $items);
    }
}

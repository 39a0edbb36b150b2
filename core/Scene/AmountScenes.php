<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Question\Ask;
use Pindle\Core\Skill\Form;

/** One amount: in a row, scattered, in a pile, a frame, a bar, dots, a box, a pot; or two amounts beside each other. */
final readonly class AmountScenes extends Drawing
{
    /** Things of another sort in a mix, as many as the lay-out wants of them. */
    private const OTHERS = 5;

    public function row(): Scene
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

    public function scatter(): Scene
    {
        $n = max(0, $this->number('n'));

        return $this->strewn($n, 0, 'scatter', ['n' => $n, 'things' => $this->things($n)]);
    }

    /** Things to count among others to leave alone; of one kind in two colours the others are outlines. */
    public function mix(): Scene
    {
        $n = max(0, $this->number('n'));

        return $this->strewn($n, self::OTHERS, 'mix', ['n' => $n, 'things' => $this->things($n), 'others' => $this->other->name]);
    }

    /** @param array<string, int|string> $values */
    private function strewn(int $n, int $others, string $alt, array $values): Scene
    {
        $cell = max($this->cell(), 0 === $others ? 0.0 : $this->cell($this->other)) * 1.25;
        $side = max(2, (int) ceil(sqrt(max(1, $n + $others) * 1.6)));
        $outline = $this->other->glyph === $this->thing->glyph;
        $items = [];
        foreach (\array_slice($this->random->shuffleArray(range(0, $side * $side - 1)), 0, $n + $others) as $i => $place) {
            $wobble = fn (): float => $this->random->getInt(-10, 10) / 100 * $cell;
            [$x, $y] = [($place % $side + 0.5) * $cell + $wobble(), (intdiv($place, $side) + 0.5) * $cell + $wobble()];
            $items[] = $i < $n ? $this->put($x, $y) : $this->put($x, $y, $this->other, $outline);
        }

        return new Scene($side * $cell, $side * $cell, $items, $alt, $values);
    }

    /** A pile to take from, and an empty plate to put them on. */
    public function pile(): Scene
    {
        $n = max($this->number('n'), \is_int($this->fact->answer) ? $this->fact->answer : 0);
        $cell = $this->cell();
        $pile = $this->lines(min(30, 2 * $n), 0, 0, 6);
        $height = max(3, ceil(min(30, 2 * $n) / 6)) * $cell;
        $plate = new Item(ItemKind::Plate, 6 * $cell + 2.2 * $cell, $height / 2, 3.4 * $cell, 3.0 * $cell);
        $card = Ask::ShowAmount === $this->fact->ask ? [new Item(ItemKind::Card, 6 * $cell + 2.2 * $cell, $height / 2, self::CARD, self::CARD, null, (string) $n)] : [];

        return new Scene(10 * $cell, $height, [...$pile, $plate, ...$card], 'pile', ['n' => $n, 'things' => $this->thing->name]);
    }

    /** An amount as the child's way in likes to see it: with things always on the frame; drawn, as a frame, a bar or a pattern of dots. */
    public function amount(?Form $form): Scene
    {
        $wayIn = Form::Pictures === $form && !\in_array($this->fact->ask, [Ask::HowManyTo, Ask::JoinSentence], true) ? $this->settings->wayIn : WayIn::SeeIt;

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

    private function frame(): Scene
    {
        $n = match ($this->fact->ask) {
            Ask::HowManyTo => $this->number('a'),
            Ask::JoinSentence => $this->number('a') + $this->number('b'),
            default => $this->number('n'),
        };
        // Of a sum the second part is of the other kind; of one kind in two colours it is outlines.
        $ofFirst = Ask::JoinSentence === $this->fact->ask ? $this->number('a') : $n;
        $outline = $this->other->glyph === $this->thing->glyph;
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
                    $items[] = $frame * 10 + $i < $ofFirst ? $this->put($x, $y) : $this->put($x, $y, $this->other, $outline);
                }
            }
        }
        $upright = FrameFilling::Upright === $this->filling && 10 === $places;

        return new Scene(
            $upright ? 2 * $cell + ($frames - 1) * 5.6 * $cell : 5 * $cell + ($frames - 1) * 5.6 * $cell,
            $upright ? 5 * $cell : $places / 5 * $cell,
            $items,
            match (true) {
                $ofFirst < $n => 'frame-two',
                $n > 10 => 'frames',
                $n > 5 => 'frame-five-and',
                default => 'frame',
            },
            ['a' => $ofFirst, 'b' => $n - $ofFirst, 'others' => $this->name($this->other, $n - $ofFirst), 'n' => $n, 'rest' => max(0, $n - 5), 'over' => max(0, $n - 10), 'places' => $places, 'things' => $this->things($n)],
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

    /** Two rows of different spread, so that looking alone misleads now and then. */
    public function pairs(): Scene
    {
        [$a, $b] = Ask::CountUp === $this->fact->ask ? [$this->number('n'), $this->number('a')] : [$this->number('a'), $this->number('b')];
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

    /** A numbered box to cover, with the pile beside it. */
    public function boxes(): Scene
    {
        $n = $this->number('n');
        $cell = $this->cell();
        $lines = max(2, (int) ceil(max(1, $n) / 5));
        $shows = Ask::LabelAmount === $this->fact->ask;
        $height = max(($lines + 1) * $cell, self::CARD + 8.0);
        // Beside the box, however small the things are.
        $card = 5.7 * $cell + 8.0 + self::CARD / 2;
        $items = [
            new Item(ItemKind::Box, 2.9 * $cell, $height / 2, 5.6 * $cell, $height - 0.2 * $cell),
            ...$this->lines($n, 0.4 * $cell, ($height - $lines * $cell) / 2, 5, null, !$shows),
            $shows
                ? new Item(ItemKind::Gap, $card, $height / 2, self::CARD, self::CARD, null, '')
                : new Item(ItemKind::Card, $card, $height / 2, self::CARD, self::CARD, null, (string) $n),
        ];

        return new Scene($card + self::CARD / 2 + 4.0, $height, $items, $shows ? 'box-label' : 'box', ['n' => $n, 'things' => $this->things($n)]);
    }

    /** A see-through pot with the amount in it, so that it has to be guessed. */
    public function jar(): Scene
    {
        $n = $this->number('n');
        $cell = $this->cell() * 0.85;
        $wide = max(3, (int) ceil(sqrt($n)));
        $high = max(3.0, ceil($n / $wide) + 1.5) * $cell;
        $items = [new Item(ItemKind::Jar, ($wide + 1) * $cell / 2, $high / 2, ($wide + 1) * $cell, $high)];
        for ($i = 0; $i < $n; ++$i) {
            $wobble = $this->random->getInt(-20, 20) / 100 * $cell;
            $items[] = $this->put((1 + $i % $wide) * $cell + $wobble, $high - (intdiv($i, $wide) + 0.6) * $cell);
        }

        return new Scene(($wide + 1) * $cell, $high, $items, 'jar', ['things' => $this->thing->name]);
    }
}

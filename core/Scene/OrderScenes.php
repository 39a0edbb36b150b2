<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Question\Ask;

/** What has an order: places in a row, groups, patterns, stairs, charts, lengths, shapes. */
final readonly class OrderScenes extends Drawing
{
    public function rings(): Scene
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
    public function pattern(): Scene
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

    /** A row in which one is marked, or which only has a front. */
    public function marked(): Scene
    {
        [$n, $k] = [$this->number('n'), $this->number('k')];
        $cell = $this->cell();
        $items = [new Item(ItemKind::Tick, 0.3 * $cell, 0.8 * $cell, 10.0, 0.0, null, '')];
        foreach (range(1, max(1, $n)) as $i) {
            $items[] = $this->put(($i + 0.5) * $cell, 0.7 * $cell);
        }
        if (Ask::SayPlace === $this->fact->ask) {
            $items[] = new Item(ItemKind::Band, ($k + 0.5) * $cell, 0.7 * $cell, $cell, 1.2 * $cell);
        }

        return new Scene(($n + 1.2) * $cell, 1.6 * $cell, $items, Ask::SayPlace === $this->fact->ask ? 'marked' : 'queue', ['n' => $n, 'k' => $k, 'things' => $this->things($n)]);
    }

    /** Stairs of joined blocks, each one taller; the next one is only outlined. */
    public function stairs(): Scene
    {
        $next = Ask::StairNext === $this->fact->ask;
        $top = max(2, $this->number('n') + ($next ? 1 : 0));
        $size = 16.0;
        $items = [];
        for ($stair = 1; $stair <= $top; ++$stair) {
            for ($block = 0; $block < $stair; ++$block) {
                $items[] = new Item($next && $stair === $top ? ItemKind::Cell : ItemKind::Block, ($stair - 0.5) * $size * 1.15, ($top - $block - 0.5) * $size, $size, $size);
            }
        }

        return new Scene($top * $size * 1.15, $top * $size, $items, 'stairs', ['n' => $this->number('n')]);
    }

    /** Kinds lined up from one edge. */
    public function chart(): Scene
    {
        $kinds = [['a', $this->thing, 1.0], ['b', $this->other, 1.0], ['c', $this->thing, 0.6]];
        $cell = max($this->cell(), $this->cell($this->other));
        $items = [new Item(ItemKind::Link, 0.15 * $cell, 1.8 * $cell, 0.0, 3.6 * $cell)];
        $most = 1;
        foreach ($kinds as $line => [$name, $thing, $scale]) {
            $count = $this->number($name);
            $most = max($most, $count);
            for ($i = 0; $i < $count; ++$i) {
                $items[] = new Item(ItemKind::Thing, ($i + 0.9) * $cell, ($line * 1.2 + 0.6) * $cell, $thing->longSide() * $scale, $thing->longSide() * $scale, $thing->glyph);
            }
        }

        return new Scene(($most + 0.6) * $cell, 3.6 * $cell, $items, 'chart', ['a' => $this->number('a'), 'b' => $this->number('b'), 'c' => $this->number('c')]);
    }

    /** Things end to end along something to measure. */
    public function measure(): Scene
    {
        $n = $this->number('n');
        $side = $this->thing->longSide();
        $items = [new Item(ItemKind::Strip, $n * $side / 2, 12.0, $n * $side, 16.0)];
        for ($i = 0; $i < $n; ++$i) {
            $items[] = new Item(ItemKind::Thing, ($i + 0.5) * $side, 26.0 + $side / 2, $side, $side, $this->thing->glyph, null, Ask::MeasureWith === $this->fact->ask && $i > 1);
        }

        return new Scene($n * $side, 30.0 + $side, $items, 'measure', ['n' => $n, 'things' => $this->things($n)]);
    }

    /** Strips of different length, in no order. */
    public function sizes(): Scene
    {
        $n = max(2, $this->number('n'));
        $lengths = $this->random->shuffleArray(array_map(static fn (int $i): int => 50 + 22 * $i, range(1, $n)));
        $items = [];
        foreach ($lengths as $i => $length) {
            $items[] = new Item(ItemKind::Strip, $length / 2 + 6.0 * ($i % 2), 14.0 + $i * 26.0, $length, 16.0);
        }

        return new Scene(60.0 + 22 * $n, 26.0 * $n + 4.0, $items, 'sizes', ['n' => $n]);
    }

    public function shape(): Scene
    {
        return new Scene(120.0, 120.0, [new Item(ItemKind::Shape, 60.0, 60.0, 90.0, 90.0, null, (string) $this->number('shape'))], 'shape', []);
    }
}

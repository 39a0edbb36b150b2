<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Child\WholeInBond;
use Pindle\Core\Question\Ask;

/** Parts and wholes: bowls, what is taken away, bonds, frames over the ten, cups and cloths, mirrors, balances, shares. */
final readonly class SumScenes extends Drawing
{
    public function bowls(): Scene
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
        if (\in_array($this->fact->ask, [Ask::JoinSentence, Ask::TurnAround, Ask::AddZero], true)) {
            array_push($items, ...self::sentence([(string) $a, '+', (string) $b, '=', ''], $width / 2, $height + 30.0));
            $height += 56.0;
        }

        return new Scene(max($width, 250.0), $height, self::centred($items, max($width, 250.0), $width), 'bowls', ['a' => $a, 'b' => $b, 'things' => $this->things($a), 'others' => $this->name($this->other, $b)]);
    }

    public function takeFrom(): Scene
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
            array_push($items, ...self::sentence([(string) $n, '−', (string) $b, '=', ''], $width / 2, $height + 30.0));
            $height += 56.0;
        }

        return new Scene($width, $height, $items, 'take-from', ['n' => $n, 'b' => $b, 'things' => $this->things($n)]);
    }

    /**
     * Two frames for a sum or a difference over the ten: with the first frame filled up from the second amount, or with a five
     * out of each amount on top.
     */
    public function bridge(): Scene
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

    /** A whole above two parts, one of them to be found. */
    public function bond(): Scene
    {
        [$n, $a] = [$this->number('n'), $this->number('a')];
        $open = \in_array($this->fact->ask, [Ask::SplitIt, Ask::HalfOf, Ask::HalfHow], true);
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
    public function cup(): Scene
    {
        [$n, $a] = [$this->number('n'), $this->fact->numbers['a'] ?? $this->number('b')];
        $cell = $this->cell();
        $seen = Ask::SplitIt === $this->fact->ask ? $n : $a;
        $lines = max(2, (int) ceil($seen / 5));
        $cup = Ask::SplitIt === $this->fact->ask ? [] : [new Item(ItemKind::Cup, 7.0 * $cell, $lines * $cell / 2, 2.4 * $cell, 2.0 * $cell, null, '?')];

        return new Scene(8.4 * $cell, $lines * $cell, [...$this->lines($seen, 0, 0), ...$cup], [] === $cup ? 'row' : 'cup', ['n' => $n, 'a' => $a, 'things' => $this->things([] === $cup ? $n : $a)]);
    }

    public function plates(): Scene
    {
        [$n, $plates] = [$this->number('n'), max(1, $this->fact->numbers['plates'] ?? 2)];
        $cell = $this->cell();
        $pile = $this->lines($n, 0, 0, 10);
        $top = ceil(max(1, $n) / 10) * $cell + 0.6 * $cell;
        $items = array_map(static fn (int $i): Item => new Item(ItemKind::Plate, ($i + 0.5) * 3.2 * $cell, $top + 1.4 * $cell, 2.9 * $cell, 2.6 * $cell), range(0, $plates - 1));

        return new Scene(max(10 * $cell, $plates * 3.2 * $cell), $top + 2.9 * $cell, [...$pile, ...$items], 'plates', ['n' => $n, 'plates' => $plates, 'things' => $this->things($n)]);
    }

    /** A group under a cloth with its number on it, and a few beside. */
    public function cloth(): Scene
    {
        [$a, $b] = [$this->number('a'), $this->number('b')];
        $cell = $this->cell($this->other);
        $high = max(2.0, ceil($b / 5)) * $cell;

        return new Scene(8.6 * $cell, max(60.0, $high), [
            new Item(ItemKind::Cup, 1.5 * $cell, max(60.0, $high) / 2, 2.8 * $cell, min(max(60.0, $high), 2.4 * $cell), null, (string) $a),
            ...$this->lines($b, 3.4 * $cell, 0.0, 5, $this->other),
        ], 'cloth', ['a' => $a, 'b' => $b, 'things' => $this->things($a), 'others' => $this->name($this->other, $b)]);
    }

    /** The same again behind a mirror; one more for a near double. */
    public function mirror(): Scene
    {
        [$a, $b] = [$this->number('a'), $this->number('b')];
        $cell = $this->cell();
        $lines = max(1, (int) ceil(max($a, $b) / 5));
        $high = $lines * $cell;
        $near = Ask::NearDouble === $this->fact->ask;

        return new Scene(max(5.0, min(5, max(1, $a, $b))) * $cell, 2 * $high + 16.0, [
            ...$this->lines($a, 0.0, 0.0),
            new Item(ItemKind::Line, 2.5 * $cell, $high + 8.0, 5.0 * $cell, 0.0),
            ...$this->lines($b, 0.0, $high + 16.0, 5, null, !$near),
        ], $near ? 'near-mirror' : 'mirror', ['a' => $a, 'b' => $b, 'things' => $this->things($a)]);
    }

    /** A hanger with two pans: things against things, or against the bag that weighs as much as its numeral says. */
    public function balance(): Scene
    {
        $to = Ask::BalanceTo === $this->fact->ask;
        $sides = match ($this->fact->ask) {
            Ask::MakesWhole => [$this->number('n'), $this->number('a')],
            Ask::BothSides => [$this->number('a') + $this->number('b'), $this->number('c')],
            default => [$to ? $this->number('n') : $this->number('a'), $to ? 0 : $this->number('b')],
        };
        $cell = $this->cell();
        $pan = 4.6 * $cell;
        $high = max(2, (int) ceil(max($sides) / 4)) * $cell;
        $width = 2 * $pan + 1.4 * $cell;
        $items = [new Item(ItemKind::Line, $width / 2, 10.0, $width - $pan, 0.0)];
        foreach ($sides as $side => $count) {
            $left = 0 === $side ? 0.0 : $pan + 1.4 * $cell;
            $items[] = new Item(ItemKind::Link, $left + $pan / 2, 18.0, 0.0, 16.0);
            $items[] = new Item(ItemKind::Bowl, $left + $pan / 2, 30.0 + $high / 2, $pan, $high + 0.6 * $cell);
            $items = $to && 0 === $side
                ? [...$items, new Item(ItemKind::Card, $left + $pan / 2, 30.0 + $high / 2, self::CARD, self::CARD, null, (string) $count)]
                : [...$items, ...$this->lines($count, $left + ($pan - 4 * $cell) / 2, 30.0, 4)];
        }

        return new Scene($width, 34.0 + $high + 0.4 * $cell, $items, $to ? 'balance-to' : 'balance', ['a' => $sides[0], 'b' => $sides[1], 'things' => $this->things($sides[0])]);
    }

    /** So many piles of the same. */
    public function piles(): Scene
    {
        [$piles, $each] = [max(1, $this->number('piles')), $this->number('each')];
        $cell = $this->cell() * 0.8;
        $perLine = $each > 5 ? 5 : 2;
        $wide = $perLine * $cell + 8.0;
        $high = ceil($each / $perLine) * $cell + 8.0;
        $items = [];
        for ($pile = 0; $pile < $piles; ++$pile) {
            [$x, $y] = [($pile % 5) * ($wide + 8.0), intdiv($pile, 5) * ($high + 8.0)];
            $items[] = new Item(ItemKind::Plate, $x + $wide / 2, $y + $high / 2, $wide, $high);
            for ($i = 0; $i < $each; ++$i) {
                $items[] = new Item(ItemKind::Thing, $x + 4.0 + ($i % $perLine + 0.5) * $cell, $y + 4.0 + (intdiv($i, $perLine) + 0.5) * $cell, 0.8 * $this->thing->longSide(), 0.8 * $this->thing->longSide(), $this->thing->glyph);
            }
        }

        return new Scene(min(5, $piles) * ($wide + 8.0), ceil($piles / 5) * ($high + 8.0), $items, 'piles', ['piles' => $piles, 'each' => $each, 'things' => $this->things($each)]);
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Settings;
use Pindle\Core\Question\Fact;
use Pindle\Core\Thing\Thing;
use Random\Randomizer;

/** What every picture is drawn with: the fact, the things, the way the child is taught, and a few strokes. */
abstract readonly class Drawing
{
    /** Room around a thing for small fingers, in millimetres. */
    public const FINGER_ROOM = 6.0;

    protected const CARD = 44.0;

    final public function __construct(protected Fact $fact, protected Thing $thing, protected Thing $other, protected Settings $settings, protected FrameFilling $filling, protected Randomizer $random)
    {
    }

    protected function number(string $name): int
    {
        return $this->fact->numbers[$name] ?? 0;
    }

    /** One cell: the longest side of the thing and finger room. */
    protected function cell(?Thing $thing = null): float
    {
        return ($thing ?? $this->thing)->longSide() + self::FINGER_ROOM;
    }

    protected function put(float $x, float $y, ?Thing $thing = null, bool $faint = false): Item
    {
        $thing ??= $this->thing;

        return new Item(ItemKind::Thing, $x, $y, $thing->longSide(), $thing->longSide(), $thing->glyph, 'counter' === $thing->glyph ? mb_strtoupper(mb_substr($thing->name, 0, 1)) : null, $faint);
    }

    /**
     * So many things in lines of five, from an upper left corner.
     *
     * @return list<Item>
     */
    protected function lines(int $count, float $left, float $top, int $perLine = 5, ?Thing $thing = null, bool $faint = false): array
    {
        $cell = $this->cell($thing);

        return array_map(
            fn (int $i): Item => $this->put($left + ($i % $perLine + 0.5) * $cell, $top + (intdiv($i, $perLine) + 0.5) * $cell, $thing, $faint),
            $count > 0 ? range(0, $count - 1) : [],
        );
    }

    protected function things(int $count): string
    {
        return $this->name($this->thing, $count);
    }

    protected function name(Thing $thing, int $count): string
    {
        return 1 === $count ? $thing->single : $thing->name;
    }

    /**
     * @param list<Item> $items
     *
     * @return list<Item> moved right so that what was so wide lies in the middle
     */
    protected static function centred(array $items, float $width, float $was): array
    {
        $by = ($width - $was) / 2;

        return 0.0 === $by ? $items : array_map(static fn (Item $item): Item => new Item($item->kind, $item->x + $by, $item->y, $item->width, $item->height, $item->glyph, $item->label, $item->faint), $items);
    }

    /**
     * A sentence of cards and gaps in one line.
     *
     * @param list<string> $labels an empty one is a gap
     *
     * @return list<Item>
     */
    protected static function sentence(array $labels, float $middle, float $y): array
    {
        $items = [];
        foreach ($labels as $i => $label) {
            $items[] = new Item('' === $label ? ItemKind::Gap : ItemKind::Card, $middle + ($i - (\count($labels) - 1) / 2) * 50.0, $y, self::CARD, self::CARD, null, $label);
        }

        return $items;
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Hand;
use Pindle\Core\Drawing\Item;
use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Thing\Thing;
use Random\Randomizer;

/** What every picture is drawn with: the things, the way the child is taught, and the shapes that many pictures share. All in millimetres. */
final readonly class Canvas
{
    /** Room around a thing for small fingers. */
    public const FINGER_ROOM = 6.0;

    /** A card beside things, square. */
    public const CARD = 44.0;

    /** Drawn where nothing lies out, on paper. */
    private const STAND_INS = ['dot', 'cross'];

    /** Of the first role, the second and the third; where there are fewer, the last there is. */
    public Thing $thing;
    public Thing $other;
    public Thing $third;

    /**
     * @param non-empty-list<Thing> $things  of each role
     * @param bool                  $drawn   whether the child works with drawings rather than things
     * @param bool                  $onTable whether the child works with things: then nothing stands in for them
     * @param list<Gear>            $brought what is there besides the things; nothing else is drawn
     * @param Help                  $help    how much of what the child is to do is drawn done
     */
    public function __construct(
        private Hand $hand,
        private array $things,
        public Settings $settings,
        public FrameFilling $filling,
        public Randomizer $random,
        public bool $drawn,
        private bool $onTable,
        private array $brought,
        private Help $help = Help::Bare,
    ) {
        $this->thing = $things[0];
        $this->other = $things[1] ?? $this->thing;
        $this->third = $things[2] ?? $this->other;
    }

    /** How many steps of so many that the child is to do are drawn done: all where it is shown, the first half where it is begun, none without help. */
    public function done(int $steps): int
    {
        return match ($this->help) {
            Help::Shown => $steps,
            Help::PartDone => intdiv($steps + 1, 2),
            Help::Bare => 0,
        };
    }

    /** @return list<Thing> those that lie out */
    public function laid(): array
    {
        return array_values(array_filter($this->things, static fn (Thing $thing): bool => !\in_array($thing->glyph, self::STAND_INS, true)));
    }

    /** One cell: the longest side of the thing and finger room. */
    public function cell(?Thing $thing = null): float
    {
        return ($thing ?? $this->thing)->longSide() + self::FINGER_ROOM;
    }

    /** A cell in which the things of every role fit. */
    public function widerCell(): float
    {
        return max($this->cell(), $this->cell($this->other), $this->cell($this->third));
    }

    /** Whether the second role has things that look like those of the first, so that they are told apart as outlines. */
    public function oneKind(): bool
    {
        return $this->other->glyph === $this->thing->glyph && $this->other->colour === $this->thing->colour;
    }

    /** What the things of the first role are called, one or many. */
    public function things(int $count): string
    {
        return self::name($this->thing, $count);
    }

    /** What the things of the second role are called, one or many. */
    public function others(int $count): string
    {
        return self::name($this->other, $count);
    }

    /**
     * One thing about a middle.
     *
     * @param bool  $faint as an outline: taken away, still to come, or for showing only
     * @param float $size  how large beside its true size, above 0
     *
     * @return list<Mark>
     */
    public function put(float $x, float $y, ?Thing $thing = null, bool $faint = false, float $size = 1.0): array
    {
        $thing ??= $this->thing;
        if ($this->onTable && \in_array($thing->glyph, self::STAND_INS, true)) {
            return [];
        }

        return [new Item($thing->id, $this->hand->thing(
            $thing->glyph,
            $thing->name,
            $x,
            $y,
            $thing->longSide() * $size,
            $faint,
            false,
            $thing->colour,
        ), $faint)];
    }

    /**
     * One thing with its longer side along a line, so that several lie end to end.
     *
     * @return list<Mark>
     */
    public function lying(float $x, float $y, bool $faint, ?Thing $thing = null, float $size = 1.0): array
    {
        $thing ??= $this->thing;
        if ($this->onTable && [] === $this->laid()) {
            return [];
        }
        $marks = $this->hand->thing($thing->glyph, $thing->name, $x, $y, $thing->longSide() * $size, $faint, true, $thing->colour);

        return [new Item($thing->id, $marks, $faint)];
    }

    /**
     * So many things in lines, from an upper left corner, as the child's way in likes to see an amount: in cells, with a spot to touch at each, closed
     * up to bars, or as steps one after the other.
     *
     * @param callable(int): bool|bool $faint which of them, counted from 0, are outlines
     *
     * @return list<Mark>
     */
    public function lines(int $count, float $left, float $top, int $perLine = 5, ?Thing $thing = null, bool|callable $faint = false): array
    {
        $cell = $this->cell($thing);
        [$marks, $under] = [[], []];
        for ($i = 0; $i < $count; ++$i) {
            [$column, $line] = [$i % $perLine, intdiv($i, $perLine)];
            $y = $top + ($line + 0.5) * $cell;
            [$x, $y, $beside] = match ($this->settings->wayIn) {
                WayIn::SeeIt => [$left + ($column + 0.5) * $cell, $y, []],
                WayIn::TouchAndCount => [$left + ($column + 0.5) * $cell, $y, [self::spot($left + ($column + 0.5) * $cell, $y + 0.5 * $cell)]],
                WayIn::Bars => self::inBar($column, min($perLine, $count - $line * $perLine), $left, $y, ($thing ?? $this->thing)->longSide()),
                WayIn::MoveAndTell => self::step($i, $column, $left, $y, $cell),
            };
            $put = $this->put($x, $y, $thing, \is_bool($faint) ? $faint : $faint($i));
            array_push($under, ...[] === $put ? [] : $beside);
            array_push($marks, ...$put);
        }

        return [...$under, ...$marks];
    }

    /** A place for the finger under a thing. */
    private static function spot(float $x, float $y): Mark
    {
        return new Oval($x, $y - 2.0, 4.0, 4.0, new Paint('deep'));
    }

    /** @return array{float, float, list<Mark>} where a thing of a closed-up line lies, and the outline of the bar before the first */
    private static function inBar(int $column, int $inLine, float $left, float $y, float $side): array
    {
        $bar = new Box($left + 2.0 + $inLine * $side / 2, $y, $inLine * $side + 3.0, $side + 3.0, 2.0, new Paint(null, 'deep', 1.4));

        return [$left + 2.0 + ($column + 0.5) * $side, $y, 0 === $column ? [$bar] : []];
    }

    /** @return array{float, float, list<Mark>} where a thing stands that is one step further along, and the step that leads there */
    private static function step(int $i, int $column, float $left, float $y, float $cell): array
    {
        $x = $left + ($column + 0.5) * $cell;
        $step = new Path(
            \sprintf('M%.1F %.1Fq%.1F %.1F %.1F 0', $x - $cell, $y + 0.45 * $cell, $cell / 2, 0.2 * $cell, $cell),
            new Paint(null, 'deep', 1.6, true),
        );

        return [$x, $y + (0 === $i % 2 ? -0.1 : 0.1) * $cell, 0 === $column ? [] : [$step]];
    }

    /**
     * A square-ish heap about a middle.
     *
     * @return list<Mark>
     */
    public function heap(int $count, float $x, float $y, bool $faint): array
    {
        $cell = $this->cell();
        $side = max(1, (int) ceil(sqrt($count)));

        return $this->lines($count, $x - $side * $cell / 2, $y - (int) ceil($count / $side) * $cell / 2, $side, null, $faint);
    }

    public function has(Gear $gear): bool
    {
        return \in_array($gear, $this->brought, true);
    }

    /** What a drawing says for those who hear it: another message where the gear it speaks of is not there. */
    public function alt(string $alt, string $bare, Gear $of): string
    {
        return $this->has($of) ? $alt : $bare;
    }

    /**
     * Something besides the things; nothing where it is not there.
     *
     * @return list<Mark>
     */
    public function gear(Gear $gear, Mark ...$marks): array
    {
        return $this->has($gear) ? [new Item($gear->value, array_values($marks))] : [];
    }

    /** @return list<Mark> */
    public function plate(float $x, float $y, float $width, float $height): array
    {
        return $this->gear(Gear::Plate, new Oval($x, $y, $width, $height, new Paint('paper', 'rim', 2.0)));
    }

    /** @return list<Mark> */
    public function bowl(float $x, float $y, float $width, float $height): array
    {
        return $this->gear(Gear::Bowl, new Oval($x, $y, $width, $height, new Paint('crockery', 'rim', 2.0)));
    }

    /** @return list<Mark> one place of a frame */
    public function cellBox(float $x, float $y, float $cell): array
    {
        return $this->gear(Gear::Frame, new Box($x, $y, $cell, $cell, 0.0, new Paint('paper', 'line-of-cards', 1.6)));
    }

    /** A line under which, over which or between which things lie. */
    public function line(float $fromX, float $fromY, float $toX, float $toY): Mark
    {
        return new Line($fromX, $fromY, $toX, $toY, new Paint(null, 'ink', 2.0));
    }

    public function link(float $fromX, float $fromY, float $toX, float $toY): Mark
    {
        return new Line($fromX, $fromY, $toX, $toY, new Paint(null, 'rim', 3.0));
    }

    /** Something to ring what is meant. */
    public function band(float $x, float $y, float $width, float $height): Mark
    {
        return new Box($x, $y, $width, $height, 6.0, new Paint(null, 'wood', 3.0));
    }

    /** @return list<Mark> */
    public function strip(float $x, float $y, float $width, float $height): array
    {
        return $this->gear(Gear::Strip, new Box($x, $y, $width, $height, 3.0, new Paint('strip', 'strip-edge', 1.4)));
    }

    /**
     * A card with a numeral or a sign; a gap where the label is empty.
     *
     * @return list<Mark>
     */
    public function card(float $x, float $y, string $label, float $width = self::CARD, float $height = self::CARD): array
    {
        return $this->gear(Gear::Card, ...('' === $label ? [$this->gap($x, $y, $width, $height)] : [
            new Box($x, $y, $width, $height, 5.0, new Paint('paper', 'line-of-cards', 1.6)),
            ...$this->write($label, $x, $y, 0.5 * min($width, $height), 0.76 * $width),
        ]));
    }

    /** A place that is still empty. */
    public function gap(float $x, float $y, float $width, float $height): Mark
    {
        return new Box($x, $y, $width, $height, 5.0, new Paint(null, 'line-of-cards', 1.6, true));
    }

    /**
     * A numeral or a sign about a middle, so high and at most so wide.
     *
     * @return list<Mark>
     */
    public function write(string $text, float $x, float $y, float $height, float $most = \INF, string $ink = 'ink'): array
    {
        return $this->hand->write($text, $x, $y, $height, $ink, $most);
    }

    /**
     * A sentence of cards and gaps in one line about a middle.
     *
     * @param list<string> $labels an empty one is a gap
     *
     * @return list<Mark>
     */
    public function sentence(array $labels, float $middle, float $y): array
    {
        $marks = [];
        foreach ($labels as $i => $label) {
            array_push($marks, ...$this->card($middle + ($i - (\count($labels) - 1) / 2) * 50.0, $y, $label));
        }

        return $marks;
    }

    private static function name(Thing $thing, int $count): string
    {
        return 1 === $count ? $thing->single : $thing->name;
    }
}

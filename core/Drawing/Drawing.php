<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** A drawing in millimetres, and what it says for those who hear it: a message of content with its values. */
final readonly class Drawing
{
    /** @var list<Mark> in the order they are drawn, those of items among them */
    public array $marks;

    /** @var list<Item> what lies in it, in the order it is drawn */
    public array $items;

    /**
     * @param float                     $width  above 0
     * @param float                     $height above 0
     * @param list<Mark>                $marks  drawn in this order
     * @param array<string, int|string> $values
     *
     * @throws InvalidDrawing when a side is 0 or less
     */
    public function __construct(public float $width, public float $height, array $marks, public string $alt, public array $values = [])
    {
        if ($width <= 0.0 || $height <= 0.0) {
            throw InvalidDrawing::size($width, $height);
        }
        $this->marks = array_merge(...array_map(static fn (Mark $mark): array => $mark instanceof Item ? $mark->marks : [$mark], $marks));
        $this->items = array_values(array_filter($marks, static fn (Mark $mark): bool => $mark instanceof Item));
    }

    /**
     * The same within a box, as large as fits and not larger than it is, about its middle.
     *
     * @param float $x of the middle
     *
     * @return list<Mark>
     */
    public function within(float $x, float $y, float $wide, float $high): array
    {
        $by = min(1.0, $wide / $this->width, $high / $this->height);
        [$left, $top] = [$x - $by * $this->width / 2, $y - $by * $this->height / 2];
        $paint = static fn (Paint $one): Paint => $one->times($by);

        return array_map(static fn (Mark $mark): Mark => match (true) {
            $mark instanceof Box => new Box(
                $left + $by * $mark->x,
                $top + $by * $mark->y,
                $by * $mark->width,
                $by * $mark->height,
                $by * $mark->corner,
                $paint($mark->paint),
            ),
            $mark instanceof Oval => new Oval($left + $by * $mark->x, $top + $by * $mark->y, $by * $mark->width, $by * $mark->height, $paint($mark->paint)),
            $mark instanceof Line => new Line(
                $left + $by * $mark->fromX,
                $top + $by * $mark->fromY,
                $left + $by * $mark->toX,
                $top + $by * $mark->toY,
                $paint($mark->paint),
            ),
            // A path has units of its own, and so has the width of its pen.
            $mark instanceof Path => new Path(
                $mark->d,
                $mark->paint,
                $left + $by * $mark->x,
                $top + $by * $mark->y,
                $by * $mark->scale,
                $mark->turn,
                $mark->flip,
            ),
            $mark instanceof Text => new Text($left + $by * $mark->x, $top + $by * $mark->y, $by * $mark->height, $mark->message, $mark->values, $mark->ink),
            default => throw InvalidDrawing::mark($mark),
        }, $this->marks);
    }
}

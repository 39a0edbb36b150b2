<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** A drawing of a household thing in a box of its own, to be drawn as large as the thing is. */
final readonly class Glyph
{
    /**
     * @param array{float, float, float, float} $box   left, top, width, height in its own units
     * @param string|null                       $fill  ink; null where it is only lines
     * @param string                            $line  ink
     * @param string                            $body  path
     * @param string|null                       $marks path of the fine lines on it
     */
    public function __construct(public string $id, public array $box, public ?string $fill, public string $line, public string $body, public ?string $marks)
    {
    }

    /**
     * The thing about a middle, its longer side so long in millimetres.
     *
     * @param bool        $faint drawn as an outline: taken away, still to come, or for showing only
     * @param bool        $lying with its longer side along the line, whichever way it is drawn
     * @param string|null $fill  ink of another of its colours; its own where it is left out
     *
     * @return list<Mark>
     */
    public function at(float $x, float $y, float $long, bool $faint = false, bool $lying = false, ?string $fill = null): array
    {
        [$left, $top, $width, $height] = $this->box;
        $scale = $long / max($width, $height);
        [$middleX, $middleY] = [($left + $width / 2) * $scale, ($top + $height / 2) * $scale];
        $turned = $lying && $height > $width;
        // A quarter turn about its own origin takes (x, y) to (-y, x).
        [$atX, $atY] = $turned ? [$x + $middleY, $y - $middleX] : [$x - $middleX, $y - $middleY];
        $turn = $turned ? 90.0 : 0.0;
        $line = null === $this->fill ? 2.4 : 1.0;
        $inside = $faint || null === $this->fill ? null : $fill ?? $this->fill;
        $marks = [new Path($this->body, new Paint($inside, $this->line, $line, $faint, $faint ? 0.45 : 1.0), $atX, $atY, $scale, $turn)];
        if (null !== $this->marks && !$faint) {
            $marks[] = new Path($this->marks, new Paint(null, $this->line, 0.8), $atX, $atY, $scale, $turn);
        }

        return $marks;
    }
}

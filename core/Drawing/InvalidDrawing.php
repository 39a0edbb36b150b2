<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** A drawing that cannot be drawn. */
final class InvalidDrawing extends \InvalidArgumentException
{
    public static function paint(float $width, float $strength): self
    {
        return new self(\sprintf('A line of %s mm with a strength of %s can not be drawn.', $width, $strength));
    }

    public static function size(float $width, float $height): self
    {
        return new self(\sprintf('A drawing is not %s by %s mm.', $width, $height));
    }

    public static function scale(float $scale): self
    {
        return new self(\sprintf('A path is not drawn at a scale of %s.', $scale));
    }

    public static function numeral(string $text): self
    {
        return new self(\sprintf('"%s" has no outline.', substr($text, 0, 20)));
    }

    public static function glyph(string $id): self
    {
        return new self(\sprintf('There is no glyph "%s".', substr($id, 0, 40)));
    }

    public static function path(string $d): self
    {
        return new self(\sprintf('"%s" cannot be walked along.', substr($d, 0, 40)));
    }

    public static function mark(Mark $mark): self
    {
        return new self(\sprintf('%s is not scaled.', $mark::class));
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

/** A page of paper, upright or lying, and what of it can be drawn on: inside the margins and above the foot with the bar to measure. */
final readonly class Format
{
    /** Room for the bar, the page's number and the name, in millimetres. */
    public const FOOT = 14.0;

    /** Of the whole page and of what can be drawn on, in millimetres. */
    public float $width;
    public float $height;
    public float $left;
    public float $top;
    public float $wide;
    public float $high;

    public function __construct(public Paper $paper, public bool $lying = false)
    {
        [$this->width, $this->height] = $paper->size($lying);
        [$this->left, $this->top] = [Paper::MARGIN, Paper::MARGIN];
        [$this->wide, $this->high] = [$this->width - 2 * Paper::MARGIN, $this->height - 2 * Paper::MARGIN - self::FOOT];
    }

    /** Upright where so wide and so high a thing fits so, else lying; null where it fits neither way. */
    public static function fitting(Paper $paper, float $wide, float $high): ?self
    {
        foreach ([new self($paper), new self($paper, true)] as $format) {
            if ($wide <= $format->wide && $high <= $format->high) {
                return $format;
            }
        }

        return null;
    }

    public function middle(): float
    {
        return $this->left + $this->wide / 2;
    }

    public function bottom(): float
    {
        return $this->top + $this->high;
    }
}

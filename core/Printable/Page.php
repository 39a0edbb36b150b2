<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Text;

/** One page of a sheet, drawn in millimetres from its upper left corner. */
final readonly class Page
{
    /** The bar to measure whether a printer shrinks, in millimetres. */
    public const BAR = 50.0;

    private const TICK = 2.0;
    private const SMALL = 3.2;

    private function __construct(public Format $format, public Drawing $drawing)
    {
    }

    /**
     * @param list<Mark> $marks
     * @param int        $nth   from 1
     * @param bool       $isCut whether something is cut out, which is for an adult
     */
    public static function of(Format $format, array $marks, Order $order, int $nth, int $of, bool $isCut): self
    {
        $y = $format->height - Paper::MARGIN - self::SMALL;
        $bar = [new Line($format->left, $y, $format->left + self::BAR, $y, Stroke::fine())];
        for ($tick = 0; $tick <= 5; ++$tick) {
            $x = $format->left + 10.0 * $tick;
            $bar[] = new Line($x, $y - self::TICK, $x, $y, Stroke::fine());
        }
        $bar[] = new Text($format->left + self::BAR + 26.0, $y - self::SMALL, self::SMALL, 'measure-me', ['mm' => (int) self::BAR], 'ink');
        $kind = $order->kind->value;
        $right = $format->left + $format->wide - 44.0;
        $bar[] = new Text($right, $y - self::SMALL, self::SMALL, 'page-of', ['sheet' => $kind, 'nth' => $nth, 'of' => $of], 'ink');
        if ($isCut) {
            $bar[] = new Text($right, $y - 2.6 * self::SMALL, 0.8 * self::SMALL, 'adult-cuts', [], 'soft');
        }
        $said = ['reach' => $order->reach, 'things' => $order->what(), 'nth' => $nth, 'of' => $of];

        return new self($format, new Drawing($format->width, $format->height, [...$marks, ...$bar], $kind, $said));
    }
}

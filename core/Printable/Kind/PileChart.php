<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;

/** Columns as wide as the thing, from one edge on, that take the things themselves: what is highest is most. Joined where it is higher than the paper. */
final class PileChart
{
    private const MOST_COLUMNS = 4;
    private const LEAST_COLUMNS = 2;
    /** Below the edge, for a picture of the kind, in millimetres. */
    private const FOOT = 12.0;
    private const NUMERAL = 7.0;
    private const MARGIN = 12.0;

    public static function sheet(Order $order): Sheet
    {
        $side = $order->side();
        $best = null;
        foreach ([new Format($order->paper), new Format($order->paper, true)] as $format) {
            $columns = min(self::MOST_COLUMNS, (int) floor(($format->wide - self::MARGIN) / $side + 1e-6));
            $rows = (int) floor(($format->high - self::FOOT) / $side + 1e-6);
            if ($columns >= self::LEAST_COLUMNS && $rows > 0) {
                $pages = (int) ceil($order->reach / $rows);
                $best = null === $best || $pages < $best[3] ? [$format, $columns, $rows, $pages] : $best;
            }
        }
        [$format, $columns, $rows] = $best ?? throw self::tooLong($order);
        $pages = [];
        for ($from = 0; $from < $order->reach; $from += $rows) {
            $pages[] = self::page($order, $format, $columns, $from, min($order->reach, $from + $rows), $side);
        }

        return Sheet::printed($order, $format, $pages, \count($pages) > 1 ? [Tool::Scissors, Tool::Glue] : [], \count($pages) > 1 ? \count($pages) : 0);
    }

    private static function tooLong(Order $order): InvalidSheet
    {
        $lying = new Format($order->paper, true);

        return $order->tooLong(min(($lying->wide - self::MARGIN) / self::LEAST_COLUMNS, $lying->high - self::FOOT));
    }

    /** @return list<Mark> */
    private static function page(Order $order, Format $format, int $columns, int $from, int $to, float $side): array
    {
        $left = $format->left + self::MARGIN;
        $bottom = $format->bottom() - self::FOOT;
        $marks = [new Stroked($left, $bottom, $left + $columns * $side, $bottom, Stroke::bold())];
        for ($row = $from; $row < $to; ++$row) {
            $y = $bottom - ($row - $from + 0.5) * $side;
            for ($column = 0; $column < $columns; ++$column) {
                $marks[] = new Box($left + ($column + 0.5) * $side, $y, $side, $side, 0.0, Stroke::fine());
            }
            array_push(
                $marks,
                ...$order->hand->write((string) ($row + 1), $left - self::MARGIN / 2, $y, min(self::NUMERAL, 0.7 * $side), 'soft', 0.8 * self::MARGIN),
            );
        }
        for ($column = 0; 0 === $from && $column < $columns; ++$column) {
            $marks[] = new Box($left + ($column + 0.5) * $side, $bottom + self::FOOT / 2, 0.9 * min($side, 40.0), 0.8 * self::FOOT, 2.0, Stroke::fold());
        }

        return $marks;
    }
}

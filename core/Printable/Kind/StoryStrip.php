<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Child\Answering;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line as Stroked;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Printable\Amount;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Sum;
use Pindle\Core\Printable\Tool;

/** A story in three frames: how it began, who came or went, and how it ended, which the child finds. The answer is on a flap that is folded behind. */
final class StoryStrip
{
    private const ROWS = 5;
    private const COUNT = 5;
    private const FRAME = 54.0;
    private const FLAP = 24.0;
    private const SIGN = 9.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $row = $format->high / self::ROWS;
        $sums = Asked::sums($order, self::COUNT);
        $pages = array_map(static fn (array $some): array => array_merge(...array_map(
            static fn (Sum $sum, int $i): array => self::strip($order, $format, $sum, $format->top + $i * $row, $row),
            $some,
            array_keys($some),
        )), array_chunk($sums, self::ROWS));

        return Sheet::printed($order, $format, $pages, [Tool::Scissors], \count($sums));
    }

    /** @return list<Mark> */
    private static function strip(Order $order, Format $format, Sum $sum, float $top, float $high): array
    {
        [$left, $y] = [$format->left, $top + $high / 2];
        $end = $left + 3 * self::FRAME;
        $marks = [
            new Box($left + (3 * self::FRAME + self::FLAP) / 2, $y, 3 * self::FRAME + self::FLAP, $high, 0.0, Stroke::cut()),
            new Stroked($left + self::FRAME, $top, $left + self::FRAME, $top + $high, Stroke::fill()),
            new Stroked($left + 2 * self::FRAME, $top, $left + 2 * self::FRAME, $top + $high, Stroke::fill()),
            new Stroked($end, $top, $end, $top + $high, Stroke::fold()),
            ...$order->hand->write((string) $sum->answer, $end + self::FLAP / 2, $y, 12.0, 'soft', 0.8 * self::FLAP),
        ];
        $most = $sum->largest();
        foreach ($sum->story() as $i => $n) {
            $x = $left + ($i + 0.5) * self::FRAME;
            array_push($marks, ...null === $n
                ? self::asked($order, $sum, $x, $y, $high)
                : Amount::drawn($order, $n, $x - 0.45 * self::FRAME, $top + 0.2 * $high, 0.9 * self::FRAME, 0.7 * $high, most: $most));
            // Who comes has a plus, who goes a minus.
            array_push($marks, ...1 === $i ? $order->hand->write($sum->takes ? '−' : '+', $x - 0.4 * self::FRAME, $top + 0.12 * $high, self::SIGN, 'ink') : []);
        }

        return $marks;
    }

    /** @return list<Mark> where the answer goes, the way the child answers */
    private static function asked(Order $order, Sum $sum, float $x, float $y, float $high): array
    {
        return match ($order->settings->answering) {
            Answering::Tiles => [
                new Box($x, $y, min(self::FRAME - 2.0, SignTiles::wide($order->reach)), min($high - 4.0, SignTiles::SIDE), 2.0, Stroke::fold()),
            ],
            Answering::Writing => [new Box($x, $y + 4.0, SumPage::BOX, SumPage::BOX, 2.0, Stroke::fill())],
            Answering::Saying => $order->hand->write('?', $x, $y, 16.0, 'ink'),
            Answering::RingIt => SumPage::choices($order, $sum, $x, $y, 0.95 * self::FRAME, 11.0, 3),
        };
    }
}

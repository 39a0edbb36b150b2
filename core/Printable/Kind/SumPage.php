<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Child\Answering;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Printable\Asked;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Sum;

/**
 * Sums in numerals with room for things beside each; a place for the answer as the child gives it: a box to write in, one for a tile, numerals to ring,
 * or nothing where it is said. The answers are on a page of their own for the parent.
 */
final class SumPage
{
    public const BOX = 24.0;
    private const NUMERAL = 15.0;
    private const COUNT = 6;
    /** So wide is one numeral or sign. */
    private const STEP = 18.0;
    private const CHOICES = 4;
    /** Answers for the parent, in two columns, so high in millimetres. */
    private const ANSWERS = 24;
    private const ANSWER = 8.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        // A tile is higher than a line to write on.
        $row = max($format->high / self::COUNT, Answering::Tiles === $order->settings->answering ? SignTiles::SIDE + 0.5 : 0.0);
        $sums = Asked::sums($order, self::COUNT);
        $pages = [];
        foreach (array_chunk($sums, max(1, (int) floor($format->high / $row + 1e-6))) as $some) {
            $marks = [];
            foreach ($some as $i => $sum) {
                $y = $format->top + ($i + 0.5) * $row;
                array_push($marks, ...self::row($order, $format, $sum, $y, $row));
            }
            $pages[] = $marks;
        }
        $answers = array_map(static fn (array $some): array => self::answers($order, $format, $some), array_chunk($sums, self::ANSWERS));

        return Sheet::printed($order, $format, [...$pages, ...$answers], [], 0);
    }

    /**
     * @param list<Sum> $sums
     *
     * @return list<Mark>
     */
    private static function answers(Order $order, Format $format, array $sums): array
    {
        $marks = [];
        foreach ($sums as $i => $sum) {
            $x = $format->left + (0.25 + 0.5 * ($i % 2)) * $format->wide;
            $y = $format->top + (intdiv($i, 2) + 0.5) * 2 * self::ANSWER;
            $solved = implode('', array_map(static fn (string $token): string => '' === $token ? (string) $sum->answer : $token, $sum->tokens));
            array_push($marks, ...$order->hand->write($solved, $x, $y, self::ANSWER, 'soft', 0.45 * $format->wide));
        }

        return $marks;
    }

    /** @return list<Mark> */
    private static function row(Order $order, Format $format, Sum $sum, float $y, float $high): array
    {
        $marks = [];
        $x = $format->left;
        $answering = $order->settings->answering;
        foreach ($sum->tokens as $token) {
            $wide = '' !== $token ? self::STEP : (Answering::Tiles === $answering ? SignTiles::wide($order->reach) : self::BOX);
            array_push($marks, ...match (true) {
                '' !== $token => $order->hand->write($token, $x + $wide / 2, $y, self::NUMERAL, 'ink', 0.9 * $wide),
                Answering::Tiles === $answering => [new Box($x + $wide / 2, $y, $wide, SignTiles::SIDE, 2.0, Stroke::fold())],
                Answering::Writing === $answering => [new Box($x + $wide / 2, $y, self::BOX, self::BOX, 2.0, Stroke::fill())],
                default => $order->hand->write('?', $x + $wide / 2, $y, self::NUMERAL, 'soft'),
            });
            $x += $wide;
        }
        // Here the things lie; below them the numerals to ring.
        $left = $x + 5.0;
        $room = $format->left + $format->wide - $left;
        $isRung = Answering::RingIt === $answering;
        $place = $isRung ? 0.5 * $high : 0.84 * $high;
        $marks[] = new Box($left + $room / 2, $isRung ? $y - 0.2 * $high : $y, $room, $place, 4.0, Stroke::fold());

        return $isRung ? [...$marks, ...self::choices($order, $sum, $left + $room / 2, $y + 0.28 * $high, $room, 9.0, self::CHOICES)] : $marks;
    }

    /**
     * Numerals to ring one of: the answer and its neighbours, in order, none of them beyond the reach where that can be helped.
     *
     * @return list<Mark>
     */
    public static function choices(Order $order, Sum $sum, float $x, float $y, float $wide, float $numeral, int $count): array
    {
        $marks = [];
        foreach (self::choose($sum->answer, max($order->reach, $sum->largest()), $count, $order->seed) as $i => $number) {
            $at = $x + ($i - ($count - 1) / 2) * $wide / $count;
            array_push($marks, ...$order->hand->write((string) $number, $at, $y, $numeral, 'ink', 0.8 * $wide / $count));
        }

        return $marks;
    }

    /** @return list<int> so many numbers one after the other, the answer among them, not always at the same place */
    public static function choose(int $answer, int $reach, int $count, int $seed): array
    {
        $from = max(0, min($answer - ($answer + $seed) % $count, $reach - $count + 1));

        return range($from, $from + $count - 1);
    }
}

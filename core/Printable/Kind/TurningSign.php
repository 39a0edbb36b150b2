<?php

declare(strict_types=1);

namespace Pindle\Core\Printable\Kind;

use Pindle\Core\Child\ComparingSign;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Printable\Format;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Stroke;
use Pindle\Core\Printable\Tool;

/** The sign between two amounts, the way the child is taught it, on a card that turns, with both readings below; the same on both sides has its own. */
final class TurningSign
{
    private const SIDE = 85.0;
    private const BOLD = 4.0;
    private const SMALL = 5.0;
    private const WORDS = 8.0;

    public static function sheet(Order $order): Sheet
    {
        $format = new Format($order->paper);
        $x = $format->middle();
        $marks = [];
        $taught = $order->settings->comparingSign;
        foreach ([self::turning($taught), ComparingSign::WordsOnly === $taught ? self::sameInWords(...) : self::same(...)] as $i => $draw) {
            $y = $format->top + self::SIDE / 2 + $i * (self::SIDE + 25.0);
            array_push($marks, new Box($x, $y, self::SIDE, self::SIDE, 4.0, Stroke::cut()), new Oval($x, $y, 2.0, 2.0, Stroke::fine()), ...$draw($x, $y));
            $below = 0 === $i ? ['is-more', 'is-fewer'] : ['is-same'];
            foreach ($below as $nth => $words) {
                $marks[] = new Text($x, $y + self::SIDE / 2 + 6.0 + 8.0 * $nth, self::SMALL, $words, [], 'ink');
            }
        }

        return Sheet::printed($order, $format, [$marks], [Tool::Scissors, Tool::Card, Tool::Fastener], 2);
    }

    /** @return \Closure(float, float): list<Mark> */
    private static function turning(ComparingSign $taught): \Closure
    {
        if (ComparingSign::WordsOnly === $taught) {
            // Turned over it reads the other way.
            return static fn (float $x, float $y): array => [
                new Text($x, $y - 14.0, self::WORDS, 'is-more', [], 'ink'),
                new Line($x - 30.0, $y, $x + 30.0, $y, Stroke::fold()),
                new Text($x, $y + 8.0, self::WORDS, 'is-fewer', [], 'ink'),
            ];
        }
        $bold = new Paint(null, 'ink', self::BOLD);
        $d = match ($taught) {
            ComparingSign::OpenSide => 'M-24 -22L24 0L-24 22',
            // A mouth of our own, open to the larger: a snout, an eye, no teeth.
            ComparingSign::AnimalMouth => 'M-24 -24C0 -30 26 -18 28 0C26 18 0 30 -24 24L6 0zM10 -13a2 2 0 1 1 0.1 0',
            ComparingSign::Balance => 'M-30 10L30 -10M0 0V26M-12 26H12M-30 10v8M30 -10v8M-37 18h14M23 -2h14',
        };

        return static fn (float $x, float $y): array => [new Path($d, $bold, $x, $y)];
    }

    /** @return list<Mark> */
    private static function sameInWords(float $x, float $y): array
    {
        return [new Text($x, $y - self::WORDS / 2, self::WORDS, 'is-same', [], 'ink')];
    }

    /** @return list<Mark> */
    private static function same(float $x, float $y): array
    {
        return [new Path('M-24 -10H24M-24 10H24', new Paint(null, 'ink', self::BOLD), $x, $y)];
    }
}

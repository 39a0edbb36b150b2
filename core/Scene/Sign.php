<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Child\ComparingSign;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Oval;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Question\Sight;

/** Two numerals and the place for the sign between them; under it the signs to choose from, as the child is shown them. */
final class Sign
{
    public static function draw(Sight\Sign $sight, Canvas $canvas): Drawing
    {
        $marks = [
            ...$canvas->card(30.0, 34.0, (string) $sight->a, 48.0, 60.0),
            ...$canvas->card(90.0, 34.0, '', 48.0, 48.0),
            ...$canvas->card(150.0, 34.0, (string) $sight->b, 48.0, 60.0),
        ];
        $shown = $canvas->settings->comparingSign;
        if (ComparingSign::WordsOnly !== $shown) {
            foreach (['<', '=', '>'] as $i => $sign) {
                $x = 30.0 + $i * 60.0;
                array_push($marks, ...match ($shown) {
                    ComparingSign::AnimalMouth => $canvas->gear(Gear::Card, ...self::mouth($sign, $x)),
                    ComparingSign::Balance => $canvas->gear(Gear::Card, ...self::beam($sign, $x)),
                    default => $canvas->card($x, 104.0, $sign),
                });
            }
        }

        return new Drawing(180.0, ComparingSign::WordsOnly === $shown ? 68.0 : 130.0, $marks, 'sign', ['a' => $sight->a, 'b' => $sight->b]);
    }

    /** @return list<Mark> */
    private static function mouth(string $sign, float $x): array
    {
        [$y, $scale, $flip] = [104.0, 1.1, '>' === $sign];
        if ('=' === $sign) {
            return [new Path('M-12-6h24M-12 6h24', new Paint(null, 'ink', 3.0), $x, $y, $scale)];
        }

        return [
            new Path('M14-15L-12 0 14 15', new Paint(null, 'deep', 5.0), $x, $y, $scale, 0.0, $flip),
            new Path('M8-11l-1 5M2-8l-1 5M8 11l-1-5M2 8l-1-5', new Paint(null, 'deep', 1.6), $x, $y, $scale, 0.0, $flip),
            new Oval($x, $y - 13.0 * $scale, 4.8 * $scale, 4.8 * $scale, new Paint('ink')),
        ];
    }

    /** @return list<Mark> */
    private static function beam(string $sign, float $x): array
    {
        [$y, $scale] = [104.0, 1.1];
        $turn = ['<' => 14.0, '=' => 0.0, '>' => -14.0][$sign];

        return [
            new Path('M-5 16L0 4 5 16z', new Paint('wood'), $x, $y, $scale),
            new Path('M-17 3h34', new Paint(null, 'ink', 2.6), $x, $y, $scale, $turn),
            new Path('M-20 3a6 6 0 0 0 10 0zM10 3a6 6 0 0 0 10 0z', new Paint('deep'), $x, $y, $scale, $turn),
        ];
    }
}

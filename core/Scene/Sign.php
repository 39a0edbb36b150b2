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
use Pindle\Core\Question\Comparison;
use Pindle\Core\Question\Sight;

/**
 * Two numerals and the place for what is between them, or one numeral and the place for the other. Under them the signs to choose from, as the child
 * is shown them; where the sign is there already, it lies in its place.
 */
final class Sign
{
    public static function draw(Sight\Sign $sight, Canvas $canvas): Drawing
    {
        $shown = $canvas->settings->comparingSign;
        $marks = [
            ...$canvas->card(30.0, 34.0, (string) $sight->a, 48.0, 60.0),
            ...(null === $sight->sign ? $canvas->card(90.0, 34.0, '', 48.0, 48.0) : self::sign(self::written($sight->sign), 90.0, 34.0, $canvas)),
            ...$canvas->card(150.0, 34.0, (string) $sight->b, 48.0, 60.0),
        ];
        $choose = null === $sight->sign && ComparingSign::WordsOnly !== $shown;
        foreach ($choose ? ['<', '=', '>'] : [] as $i => $sign) {
            array_push($marks, ...self::sign($sign, 30.0 + $i * 60.0, 104.0, $canvas));
        }

        return new Drawing(180.0, $choose ? 130.0 : 68.0, $marks, match (true) {
            null === $sight->b => 'sign-open',
            null === $sight->sign => 'sign',
            default => 'sign-there',
        }, ['a' => $sight->a] + (null === $sight->b ? [] : ['b' => $sight->b]));
    }

    private static function written(Comparison $sign): string
    {
        return [Comparison::More->value => '>', Comparison::Fewer->value => '<', Comparison::Same->value => '='][$sign->value];
    }

    /** @return list<Mark> nothing where signs wait and words do */
    private static function sign(string $sign, float $x, float $y, Canvas $canvas): array
    {
        return match ($canvas->settings->comparingSign) {
            ComparingSign::AnimalMouth => $canvas->gear(Gear::Card, ...self::mouth($sign, $x, $y)),
            ComparingSign::Balance => $canvas->gear(Gear::Card, ...self::beam($sign, $x, $y)),
            ComparingSign::WordsOnly => [],
            ComparingSign::OpenSide => $canvas->card($x, $y, $sign),
        };
    }

    /** @return list<Mark> */
    private static function mouth(string $sign, float $x, float $y): array
    {
        [$scale, $flip] = [1.1, '>' === $sign];
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
    private static function beam(string $sign, float $x, float $y): array
    {
        $scale = 1.1;
        $turn = ['<' => 14.0, '=' => 0.0, '>' => -14.0][$sign];

        return [
            new Path('M-5 16L0 4 5 16z', new Paint('wood'), $x, $y, $scale),
            new Path('M-17 3h34', new Paint(null, 'ink', 2.6), $x, $y, $scale, $turn),
            new Path('M-20 3a6 6 0 0 0 10 0zM10 3a6 6 0 0 0 10 0z', new Paint('deep'), $x, $y, $scale, $turn),
        ];
    }
}

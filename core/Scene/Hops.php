<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Line;
use Pindle\Core\Drawing\Mark;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Question\Sight;

/** A number line with the start marked; the hops are the child's. A goal is marked where the way is the question. */
final class Hops
{
    public static function draw(Sight\Hops $sight, Canvas $canvas): Drawing
    {
        [$start, $by] = [$sight->start, $sight->by];
        $reach = max(10, (int) (10 * ceil(max($start, $sight->back ? 0 : $start + $by, $sight->goal ?? 0) / 10)));
        $step = 20 === $reach ? 18.0 : 28.0;
        $at = static fn (float $number): float => 20 + $number * $step;
        $marks = [$canvas->line($at(0), 46.0, $at($reach), 46.0)];
        for ($i = 0; $i <= $reach; ++$i) {
            $marks[] = new Line($at($i), 42.0, $at($i), 50.0, new Paint(null, 'ink', 1.4));
            array_push($marks, ...$canvas->write((string) $i, $at($i), 61.0, 10.0, 0.8 * $step));
        }
        for ($i = 0; $i < $canvas->done($by); ++$i) {
            $from = $at($sight->back ? $start - $i : $start + $i);
            $way = $sight->back ? -$step : $step;
            $marks[] = new Path(\sprintf('M%.1F 43Q%.1F 10.8 %.1F 43', $from, $from + $way / 2, $from + $way), new Paint(null, 'thread-1', 1.8, $i > 0));
        }
        $marks[] = self::figure($at($start), false);
        if (null !== $sight->goal) {
            $marks[] = self::figure($at($sight->goal), true);
        }

        return new Drawing(
            $reach * $step + 40,
            74.0,
            $canvas->gear(Gear::Line, ...$marks),
            $sight->back ? 'hops-back' : 'hops',
            ['start' => $start, 'b' => $by, 'reach' => $reach],
        );
    }

    /** Who stands on the line, or where they want to be. */
    private static function figure(float $x, bool $faint): Mark
    {
        return new Path('M0-12a4.5 4.5 0 1 1 0.01 0zM-6 6q0-17 6-17t6 17z', new Paint($faint ? null : 'deep', 'deep', 1.2, $faint), $x, 34.0);
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Box;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Question\Sight;

/** A stretch of places for saying on or back; the start is filled in, the others are places to point along. */
final class Track
{
    public static function draw(Sight\Track $sight, Canvas $canvas): Drawing
    {
        $count = min(12, intdiv(abs($sight->to - $sight->from), $sight->by) + 1);
        $marks = [];
        for ($i = 0; $i < $count; ++$i) {
            array_push($marks, ...$canvas->gear(
                Gear::Track,
                new Box(($i + 0.5) * 30, 18.0, 28.0, 28.0, 2.0, new Paint('paper', 'line-of-cards', 1.6)),
                ...(0 === $i ? $canvas->write((string) $sight->from, 15.0, 18.0, 14.0, 22.0) : []),
            ));
        }

        return new Drawing(
            $count * 30.0,
            36.0,
            $marks,
            $sight->to < $sight->from ? 'track-down' : 'track',
            ['from' => $sight->from, 'to' => $sight->to],
        );
    }
}

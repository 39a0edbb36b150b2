<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Question\Sight;

/** Things to count among some of another sort to leave alone. */
final class Mix
{
    /** Things of another sort, as many as the lay-out wants of them. */
    private const OTHERS = 5;

    public static function draw(Sight\Mix $sight, Canvas $canvas): Drawing
    {
        return Scatter::strewn(
            $canvas,
            $sight->n,
            self::OTHERS,
            'mix',
            ['n' => $sight->n, 'things' => $canvas->things($sight->n), 'others' => $canvas->other->name],
        );
    }
}

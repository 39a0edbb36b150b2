<?php

declare(strict_types=1);

namespace Pindle\Core\Scene;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Paint;
use Pindle\Core\Drawing\Path;
use Pindle\Core\Question\Shape;
use Pindle\Core\Question\Sight;

/** One shape; solid ones as they are seen from the front and a little above. */
final class OneShape
{
    public static function draw(Sight\OneShape $sight, Canvas $canvas): Drawing
    {
        $shape = new Path(self::outline($sight->shape), new Paint('shape', 'shape-edge', 2.5), 60.0, 60.0, 0.9);

        return new Drawing(120.0, 120.0, $canvas->gear(Gear::Shape, $shape), 'shape');
    }

    /** A path about its middle, about a hundred wide. */
    public static function outline(Shape $shape): string
    {
        return match ($shape) {
            Shape::Circle => 'M-46 0a46 46 0 1 0 92 0a46 46 0 1 0 -92 0z',
            Shape::Square => 'M-42-42H42V42H-42z',
            Shape::Triangle => 'M0-44L48 42H-48z',
            Shape::Rectangle => 'M-48-28H48V28H-48z',
            Shape::Oval => 'M-48 0a48 30 0 1 0 96 0a48 30 0 1 0 -96 0z',
            Shape::Hexagon => self::corners(6),
            Shape::Pentagon => self::corners(5),
            Shape::Rhombus => 'M0-46L34 0 0 46-34 0z',
            Shape::Ball => 'M-46 0a46 46 0 1 0 92 0a46 46 0 1 0 -92 0zM-46 0q46 20 92 0q-46 24 -92 0z',
            Shape::Box => 'M-48-16l22-18h74l-22 18zM-48-16h74v50h-74zM26-16l22-18v50l-22 18z',
            Shape::Cylinder => 'M-32-34a32 12 0 1 0 64 0a32 12 0 1 0 -64 0zM-32-34v66a32 12 0 0 0 64 0v-66a32 12 0 0 1 -64 0z',
            Shape::Cone => 'M0-46L38 32a38 13 0 0 1 -76 0z',
            Shape::Cube => 'M-40-18l20-20h60l-20 20zM-40-18h60v60h-60zM20-18l20-20v60l-20 20z',
        };
    }

    private static function corners(int $count): string
    {
        $path = '';
        for ($i = 0; $i < $count; ++$i) {
            $angle = 2 * \M_PI * $i / $count - \M_PI / 2;
            $path .= \sprintf('%s%.1F %.1F', 0 === $i ? 'M' : 'L', 48 * cos($angle), 48 * sin($angle));
        }

        return $path.'z';
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

/** The paper in the printer. */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    /** Nothing is printed nearer to an edge, in millimetres. */
    public const MARGIN = 10.0;

    /** @return array{float, float} width and height in millimetres */
    public function size(bool $lying): array
    {
        [$short, $long] = match ($this) {
            self::A4 => [210.0, 297.0],
            self::Letter => [215.9, 279.4],
        };

        return $lying ? [$long, $short] : [$short, $long];
    }
}

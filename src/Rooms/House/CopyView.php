<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** A safe copy: when it was made (milliseconds since 1970), why, and how large it is. */
final readonly class CopyView
{
    public function __construct(public string $name, public int $made, public string $why, public string $size)
    {
    }
}

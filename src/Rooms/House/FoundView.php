<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** Something found by name: a step, an activity, a thing or a child, and where it is. */
final readonly class FoundView
{
    public function __construct(public string $kind, public string $name, public string $more, public string $path)
    {
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** Something stored that could not be read: what it was, and when it was set aside. */
final readonly class SetAsideView
{
    public function __construct(public string $what, public string $on)
    {
    }
}

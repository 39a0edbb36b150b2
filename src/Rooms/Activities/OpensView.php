<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

/** A new game that would open much, and for whom. */
final readonly class OpensView
{
    public function __construct(public string $id, public string $name, public string $inShort, public string $why)
    {
    }
}

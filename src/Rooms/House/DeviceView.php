<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** A device that is signed in; the instants in seconds since 1970. */
final readonly class DeviceView
{
    public function __construct(public string $id, public string $name, public string $who, public int $used, public bool $isThis)
    {
    }
}

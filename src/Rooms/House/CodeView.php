<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** A pairing code for the next device. */
final readonly class CodeView
{
    public function __construct(public string $code, public int $minutes)
    {
    }
}

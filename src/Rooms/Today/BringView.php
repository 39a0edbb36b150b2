<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** A thing to fetch, how many, and how it looks. */
final readonly class BringView
{
    /**
     * @param string $picture SVG
     * @param int    $window  for which time at the table, from 0
     * @param bool   $there   whether it was brought already
     */
    public function __construct(
        public string $thingId,
        public string $name,
        public int $count,
        public string $picture,
        public int $window,
        public bool $there,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Views;

/** So many of one thing, and how it looks. */
final readonly class LaidView
{
    /** @param string $picture SVG */
    public function __construct(public string $thingId, public string $name, public int $count, public string $picture)
    {
    }

    /** "7 corks" */
    public function inWords(): string
    {
        return $this->count.' '.$this->name;
    }
}

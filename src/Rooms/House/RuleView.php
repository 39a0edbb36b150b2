<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** Something a house may do without: what it leaves out, and what takes its place. */
final readonly class RuleView
{
    public function __construct(public string $id, public string $words, public string $leavesOut, public string $instead)
    {
    }
}

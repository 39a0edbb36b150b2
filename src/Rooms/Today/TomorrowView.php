<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\App\Views\WantView;

/** What is to be known of tomorrow on the evening before. */
final readonly class TomorrowView
{
    /** @param list<WantView> $make what it wants and nobody can have made yet */
    public function __construct(public array $make)
    {
    }
}

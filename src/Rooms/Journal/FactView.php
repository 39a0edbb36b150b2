<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\Core\Journal\FactStanding;

/** One fact and how it is known. */
final readonly class FactView
{
    public function __construct(public string $key, public string $words, public FactStanding $standing)
    {
    }
}

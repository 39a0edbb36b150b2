<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\App\Views\WantView;

/** What is wanted by a day. */
final readonly class DayWantsView
{
    /** @param list<WantView> $wants that are not there yet, or of which nobody said so */
    public function __construct(public Until $until, public string $name, public array $wants)
    {
    }
}

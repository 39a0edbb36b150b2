<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Views\StandInView;

/** Things on the screen, to play with on their own. */
final readonly class StandInsView
{
    /** @param list<StandInView> $standIns each kind in the sizes it comes in */
    public function __construct(public array $standIns)
    {
    }
}

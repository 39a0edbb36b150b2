<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

/** All activities there are. */
final readonly class ActivitiesView
{
    /**
     * @param array<string, string> $strands  names by id, in the order of the map
     * @param list<ActivityCardView>  $activities
     * @param list<string>          $broken   own activities that cannot be read any more, with the reason
     */
    public function __construct(public array $strands, public array $activities, public array $broken)
    {
    }
}

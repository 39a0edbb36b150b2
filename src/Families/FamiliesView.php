<?php

declare(strict_types=1);

namespace Pindle\App\Families;

/** All activities there are. */
final readonly class FamiliesView
{
    /**
     * @param array<string, string> $strands  names by id, in the order of the map
     * @param list<FamilyCardView>  $families
     * @param list<string>          $broken   own activities that cannot be read any more, with the reason
     */
    public function __construct(public array $strands, public array $families, public array $broken)
    {
    }
}

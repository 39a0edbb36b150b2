<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\Core\Printable\SheetKind;

/** A sheet as it stands in the list. */
final readonly class SheetCardView
{
    /**
     * @param bool         $isSized    whether it is drawn to the size of a thing
     * @param int          $mostReach  the furthest number it is made for
     * @param list<string> $activities names of those that want it
     */
    public function __construct(public SheetKind $kind, public string $name, public bool $isSized, public int $mostReach, public array $activities)
    {
    }
}

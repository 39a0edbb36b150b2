<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\Core\Printable\MadeState;
use Pindle\Core\Printable\SheetKind;

/** Something made that a set-up wants, and how it stands with it. */
final readonly class WantView
{
    /**
     * @param string         $name     of the prop
     * @param string         $activity name
     * @param bool           $isNew    whether the game is new in the house, so that nobody can have made it before
     * @param SheetKind|null $kind     the sheet it can be printed on; null where there is none
     * @param int            $reach    how far it must go
     * @param MadeState|null $state    null where nobody ever said
     * @param string|null    $keptAt   where it is kept, where that was said
     * @param int            $pagesDone of one that is half made
     */
    public function __construct(
        public string $propId,
        public string $setUpId,
        public string $name,
        public string $activity,
        public bool $isNew,
        public ?SheetKind $kind,
        public int $reach,
        public ?string $thingId,
        public ?MadeState $state,
        public ?string $keptAt,
        public int $pagesDone,
    ) {
    }
}

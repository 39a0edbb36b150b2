<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\Core\Printable\SheetKind;

/** A sheet as it stands in the list. */
final readonly class SheetCardView
{
    /**
     * @param bool              $isSized    whether it is drawn to the size of a thing
     * @param bool              $isSteps    whether it goes in steps that can be chosen
     * @param bool              $isScattered whether there is another one
     * @param bool              $isAsked    whether its numbers are those of questions
     * @param int               $mostReach  the furthest number it is made for
     * @param list<VariantView> $variants   the usual one first
     * @param list<string>      $activities names of those that want it
     * @param list<string>      $shows      ways of teaching that show on it
     */
    public function __construct(
        public SheetKind $kind,
        public string $name,
        public bool $isSized,
        public bool $isSteps,
        public bool $isScattered,
        public bool $isAsked,
        public bool $hasReach,
        public bool $hasCopies,
        public int $mostReach,
        public array $variants,
        public array $activities,
        public array $shows,
    ) {
    }
}

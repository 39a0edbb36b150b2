<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

/** Where the first evening stands: one screen and what it shows. */
final readonly class EveningView
{
    /**
     * @param list<AllergenView> $allergens to tick on the first screen
     * @param list<InSightView>  $things    to tap on the second
     * @param string|null        $tableId   where it was started at once
     * @param string|null        $after     said when the morning is marked
     */
    public function __construct(
        public Screen $screen,
        public ?string $childName,
        public array $allergens,
        public array $things,
        public ?CardView $card,
        public ?OfferView $offer,
        public ?string $tableId,
        public ?string $after,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Paper;
use Symfony\Component\Validator\Constraints as Assert;

/** How a sheet is wanted. */
final readonly class SheetQuery
{
    public function __construct(
        #[Assert\Range(min: 1, max: 1000, notInRangeMessage: 'A sheet goes from 1 to 1000 at most.')]
        public int $reach = 10,
        #[Assert\Length(max: 36)]
        public ?string $thingId = null,
        #[Assert\Length(max: 36)]
        public ?string $childId = null,
        public Paper $paper = Paper::A4,
        #[Assert\Range(min: 1, max: Order::MOST_COPIES, notInRangeMessage: 'Between 1 and 20 copies.')]
        public int $copies = 1,
        #[Assert\Range(min: 0, max: 1_000_000, notInRangeMessage: 'Another one is a number up to a million.')]
        public int $seed = 1,
        public bool $savesInk = false,
        public bool $onFloor = false,
        /** What the bar of 50 mm measured as it came out of the printer. */
        #[Assert\Range(min: 40, max: 60, notInRangeMessage: 'That is further off than a printer is: switch "fit to page" off, print again, and measure.')]
        public float $bar = 50.0,
    ) {
    }
}

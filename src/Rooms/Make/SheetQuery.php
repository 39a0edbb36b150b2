<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Paper;
use Pindle\Core\Printable\Variant;
use Symfony\Component\Validator\Constraints as Assert;

/** How a sheet is wanted. What is not said is as the planned set-up wants it, where one is named, else as usual. */
final readonly class SheetQuery
{
    public function __construct(
        #[Assert\Range(min: 1, max: 1000, notInRangeMessage: 'A sheet goes from 1 to 1000 at most.')]
        public ?int $reach = null,
        public ?Variant $variant = null,
        #[Assert\Length(max: 36)]
        public ?string $thingId = null,
        /** Millimetres of a step, or of what lies on it, where it is not that of the thing. */
        public ?float $unit = null,
        #[Assert\Length(max: 36)]
        public ?string $childId = null,
        /** The planned set-up it is for, and which of its props. */
        #[Assert\Length(max: 36)]
        public ?string $setUpId = null,
        #[Assert\Length(max: 40)]
        public ?string $propId = null,
        /** For labels, one a line. */
        #[Assert\Length(max: Order::MOST_WORDS * 61)]
        public ?string $words = null,
        public Paper $paper = Paper::A4,
        #[Assert\Range(min: 1, max: Order::MOST_COPIES, notInRangeMessage: 'Between 1 and 20 copies.')]
        public int $copies = 1,
        #[Assert\Range(min: 0, max: 1_000_000, notInRangeMessage: 'Another one is a number up to a million.')]
        public int $seed = 1,
        public bool $savesInk = false,
        /** What the bar of 50 mm measured as it came out of the printer. */
        #[Assert\Range(min: 40, max: 60, notInRangeMessage: 'That is further off than a printer is: switch "fit to page" off, print again, and measure.')]
        public float $bar = 50.0,
        /** The first page to be printed, of one that is half made. */
        #[Assert\Range(min: 1, max: 200, notInRangeMessage: 'A page is a number from 1.')]
        public int $from = 1,
    ) {
    }

    /** @return list<string> what the labels say */
    public function labels(): array
    {
        return array_values(array_filter(array_map(trim(...), explode("\n", $this->words ?? '')), static fn (string $one): bool => '' !== $one));
    }
}

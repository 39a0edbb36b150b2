<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\Core\Printable\Paper;
use Symfony\Component\Validator\Constraints as Assert;

/** Which set is printed, on what. */
final readonly class SetQuery
{
    public function __construct(
        public Until $until = Until::Tomorrow,
        public Paper $paper = Paper::A4,
        public bool $savesInk = false,
        #[Assert\Range(min: 40, max: 60, notInRangeMessage: 'That is further off than a printer is: switch "fit to page" off, print again, and measure.')]
        public float $bar = 50.0,
    ) {
    }
}

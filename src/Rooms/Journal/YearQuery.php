<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\Core\Printable\Paper;
use Symfony\Component\Validator\Constraints as Assert;

/** Which year of the house: the one that a day is in, this one where nothing is said. */
final readonly class YearQuery
{
    public function __construct(
        #[Assert\Date(message: 'A day is written as 2026-03-01.')]
        public ?string $of = null,
        public Paper $paper = Paper::A4,
    ) {
    }
}

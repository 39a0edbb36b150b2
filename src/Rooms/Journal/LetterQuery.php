<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\Core\Printable\Paper;
use Symfony\Component\Validator\Constraints as Assert;

/** Which month a letter is about; this one where nothing is said. */
final readonly class LetterQuery
{
    public function __construct(
        #[Assert\Length(max: 7, maxMessage: 'A month is written as 2026-03.')]
        public ?string $month = null,
        public Paper $paper = Paper::A4,
    ) {
    }
}

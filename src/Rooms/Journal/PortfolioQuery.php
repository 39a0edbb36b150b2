<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\Core\Printable\Paper;
use Symfony\Component\Validator\Constraints as Assert;

/** What a portfolio is made of: from a day to another, of one child or of all, without what was left out. */
final readonly class PortfolioQuery
{
    public function __construct(
        #[Assert\NotBlank(message: 'Say from which day on.')]
        #[Assert\Date(message: 'A day is written as 2026-03-01.')]
        public string $from,
        #[Assert\NotBlank(message: 'Say until which day.')]
        #[Assert\Date(message: 'A day is written as 2026-03-01.')]
        public string $to,
        #[Assert\Length(max: 36, maxMessage: 'There is no such child.')]
        public string $child = '',
        /** Days, ids of photographs and of pages that are left out, with commas between them. */
        #[Assert\Length(max: 60_000, maxMessage: 'So much is left out that it is easier to choose a shorter time.')]
        public string $without = '',
        /** Which part, from 1, where the photographs make several. */
        #[Assert\Range(min: 1, max: 100, notInRangeMessage: 'There is no such part.')]
        public int $part = 1,
        public Paper $paper = Paper::A4,
    ) {
    }

    /** @return list<string> */
    public function leftOut(): array
    {
        return '' === $this->without ? [] : explode(',', $this->without);
    }
}

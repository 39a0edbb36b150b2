<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Platform\Http\Name;
use Pindle\App\Platform\Http\Paragraphs;
use Symfony\Component\Validator\Constraints as Assert;

/** A page of the portfolio in the parent's own words. */
final readonly class PageInput
{
    public function __construct(
        #[Assert\NotBlank(message: 'Say at which day it stands.')]
        #[Assert\Date(message: 'A day is written as 2026-03-01.')]
        public string $day,
        #[Name('What is the page called?')]
        public string $title,
        #[Paragraphs]
        public string $text,
        #[Assert\PositiveOrZero]
        public int $version = 0,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Platform\Http\Paragraphs;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/** A letter as the parent wants it. */
final readonly class LetterInput
{
    public function __construct(
        #[Paragraphs]
        public string $text,
        #[Assert\PositiveOrZero]
        public int $version,
        public ?Uuid $photographId = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Symfony\Component\Validator\Constraints as Assert;

/** Erases a child for good: the name is typed, so that it is no slip. */
final readonly class EraseInput
{
    public function __construct(
        #[Assert\Length(max: 60)]
        public string $name,
        /** Whether the safe copies beside the data go too. */
        public bool $copies,
    ) {
    }
}

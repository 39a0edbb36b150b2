<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\Core\Evidence\ClosingMark;
use Symfony\Component\Validator\Constraints as Assert;

/** Who was there, and how it went where it is told. */
final readonly class HowItWentInput
{
    public function __construct(
        #[Assert\Length(min: 1, max: 36)]
        public string $childId,
        public ?ClosingMark $mark = null,
    ) {
    }
}

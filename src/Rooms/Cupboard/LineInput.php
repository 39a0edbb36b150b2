<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Symfony\Component\Validator\Constraints as Assert;

/** A thing written in one line. */
final readonly class LineInput
{
    public function __construct(
        #[Assert\Length(max: 120, maxMessage: 'One line, please.')]
        public string $line,
    ) {
    }
}

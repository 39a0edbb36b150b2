<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Platform\Http\Texts;
use Symfony\Component\Validator\Constraints as Assert;

/** What is written under a photograph, and who it is of. */
final readonly class PhotographChangeInput
{
    /** @param list<string> $childIds */
    public function __construct(
        #[Assert\Length(max: 200, maxMessage: 'At most {{ limit }} letters.')]
        public string $words = '',
        #[Texts(most: 12)]
        public array $childIds = [],
    ) {
    }
}

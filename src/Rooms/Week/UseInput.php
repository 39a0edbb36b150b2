<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Pindle\App\Platform\Http\Spans;
use Symfony\Component\Validator\Constraints as Assert;

/** How a day is used, as a rule or once. Whoever is not named has their own minutes. */
final readonly class UseInput
{
    /**
     * @param list<list<int>>    $windows from and to in minutes after midnight; none for a day off
     * @param array<string, int> $minutes child id => minutes of maths, 0 for none that day
     */
    public function __construct(
        #[Spans(most: 6)]
        public array $windows,
        #[Assert\PositiveOrZero]
        public int $version,
        #[Assert\Count(max: 12)]
        #[Assert\All([new Assert\Type('int', 'Minutes are a whole number.')])]
        public array $minutes = [],
    ) {
    }
}

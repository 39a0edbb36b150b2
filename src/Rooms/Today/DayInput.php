<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\App\Platform\Http\Spans;
use Symfony\Component\Validator\Constraints as Assert;

/** What today allows. Whatever is left out stays as it was. */
final readonly class DayInput
{
    /** @param list<list<int>>|null $windows from and to in minutes after midnight, in order */
    public function __construct(
        #[Spans(most: 6, least: 1, none: 'Name at least one time when you can be there.')]
        public ?array $windows = null,
        public ?bool $wet = null,
        public ?bool $quiet = null,
        public ?bool $highTable = null,
        /** Of the day as it was seen; null plans it again whatever became of it. */
        #[Assert\PositiveOrZero]
        public ?int $version = null,
        /** Whether what is planned stays where it can. */
        public bool $keep = false,
    ) {
    }
}

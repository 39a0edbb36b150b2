<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Symfony\Component\Validator\Constraints as Assert;

/** What today allows. Whatever is left out stays as it was. */
final readonly class DayInput
{
    /** @param list<list<int>>|null $windows from and to in minutes after midnight, in order */
    public function __construct(
        #[Assert\Count(min: 1, max: 6, minMessage: 'Name at least one time when you can be there.')]
        #[Assert\All([new Assert\Count(min: 2, max: 2), new Assert\All([new Assert\Range(min: 0, max: 1440)])])]
        public ?array $windows = null,
        public ?bool $wet = null,
        public ?bool $quiet = null,
    ) {
    }
}

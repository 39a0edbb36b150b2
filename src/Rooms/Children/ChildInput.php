<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\App\Platform\Http\KnownSettings;
use Pindle\App\Platform\Http\Name;
use Pindle\App\Platform\Http\Spans;
use Pindle\App\Platform\Http\Texts;
use Symfony\Component\Validator\Constraints as Assert;

/** A child to add, or to change: then the version last seen comes along, so that two devices do not undo one another. */
final readonly class ChildInput
{
    /**
     * @param list<string>     $allergies
     * @param list<string>     $likedThings
     * @param list<list<int>>  $rests from and to in minutes after midnight
     * @param array<string, string> $settings setting => answer chosen for this child; what is left out follows the house
     */
    public function __construct(
        #[Name('A first name is all it takes.')]
        public string $name,
        #[Assert\Date(message: 'A birth date is a day, such as 2022-03-01.')]
        public ?string $born = null,
        #[Texts(most: 20)]
        public array $allergies = [],
        #[Texts(most: 200)]
        public array $likedThings = [],
        #[Spans(most: 4)]
        public array $rests = [],
        #[Assert\Range(min: 5, max: 60, notInRangeMessage: 'Between 5 and 60 minutes a day.')]
        public ?int $minutesADay = null,
        #[Assert\Range(min: 3, max: 40, notInRangeMessage: 'A sitting lasts 3 to 40 minutes.')]
        public ?int $longestSitting = null,
        public ?bool $mayBeAlone = null,
        #[KnownSettings]
        public array $settings = [],
        public ?int $version = null,
    ) {
    }
}

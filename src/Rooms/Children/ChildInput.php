<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\App\Platform\Http\KnownSettings;
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
        #[Assert\NotBlank(message: 'A first name is all it takes.', normalizer: 'trim')]
        #[Assert\Length(max: 60, maxMessage: 'A name has at most 60 letters.')]
        #[Assert\Regex('/[<>\x00-\x1f]/', match: false, message: 'A name has no < or > in it.')]
        public string $name,
        #[Assert\Date(message: 'A birth date is a day, such as 2022-03-01.')]
        public ?string $born = null,
        #[Assert\Count(max: 20)]
        #[Assert\All([new Assert\Length(min: 1, max: 40)])]
        public array $allergies = [],
        #[Assert\Count(max: 200)]
        public array $likedThings = [],
        #[Assert\Count(max: 4)]
        #[Assert\All([new Assert\Count(min: 2, max: 2), new Assert\All([new Assert\Range(min: 0, max: 1440)])])]
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

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

use Symfony\Component\Validator\Constraints as Assert;

/** Who lives in the house: those the first activity may be for, a little one besides, and what nobody may touch. */
final readonly class WhoInput
{
    /**
     * @param list<NewChildInput> $children  the first of them is whose first activity it is
     * @param int|null            $littleOne months of someone else under three, if there is one
     * @param list<string>        $allergies ids of the list
     */
    public function __construct(
        #[Assert\Count(min: 1, max: 6, minMessage: 'Who is it for?', maxMessage: 'Pindle plans for up to six children.')]
        #[Assert\Valid]
        public array $children,
        #[Assert\Range(min: 0, max: 35, notInRangeMessage: 'Under three is 0 to 35 months.')]
        public ?int $littleOne = null,
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 40)])]
        #[Assert\Count(max: 60)]
        public array $allergies = [],
    ) {
    }
}

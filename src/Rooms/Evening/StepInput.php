<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

use Symfony\Component\Validator\Constraints as Assert;

/** What was chosen on a screen after the first; the screen it was chosen on is said, so that two devices do not talk past each other. */
final readonly class StepInput
{
    /**
     * @param list<string> $things of the things screen: what is in sight
     * @param string|null  $card   of the cards: the step that was asked about; null to skip the rest
     */
    public function __construct(
        public Screen $screen,
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 60)])]
        #[Assert\Count(max: 8)]
        public array $things = [],
        #[Assert\Length(max: 40)]
        public ?string $card = null,
        public ?Seen $seen = null,
        public ?Take $take = null,
        public ?MorningMark $mark = null,
    ) {
    }
}

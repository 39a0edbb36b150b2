<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Platform\Http\Instant;
use Pindle\Core\Evidence\ClosingMark;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/** One closing mark for a child's whole sitting, or a tally of what was done alone. The id is made by the device; sending it twice records once. */
final readonly class ClosingInput
{
    public function __construct(
        public Uuid $id,
        public Uuid $sittingId,
        public Uuid $deviceId,
        #[Instant]
        public int $at,
        /** Without a tally. */
        public ?ClosingMark $mark = null,
        /** Of a tally: done alone, and how many there were. */
        #[Assert\Range(min: 0, max: 40, notInRangeMessage: 'A tally counts 0 to 40.')]
        public ?int $alone = null,
        #[Assert\Range(min: 1, max: 40, notInRangeMessage: 'A tally is of 1 to 40.')]
        public ?int $of = null,
        /** How many questions there were, where it was not all of them. */
        #[Assert\Range(min: 0, max: 40, notInRangeMessage: 'A sitting has at most 40 questions.')]
        public ?int $asked = null,
        /** @var list<string> ids of questions that were left out */
        #[Assert\Count(max: 40)]
        #[Assert\All([new Assert\Type('string'), new Assert\Length(max: 80)])]
        public array $leftOut = [],
    ) {
    }
}

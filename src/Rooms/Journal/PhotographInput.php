<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Platform\Http\Instant;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/** Of what a photograph is; the picture itself is the body. The id is made by the device: sending it twice keeps it once. */
final readonly class PhotographInput
{
    public function __construct(
        public Uuid $id,
        public Uuid $deviceId,
        /** Milliseconds since 1970, as the device has it. */
        #[Instant]
        public int $at,
        /** The day it belongs to; the day it was taken where nothing is said. */
        #[Assert\Date(message: 'A day is written as 2026-03-01.')]
        public ?string $day = null,
        public ?Uuid $setUpId = null,
        /** Ids of the children it is of, with commas between them. */
        #[Assert\Length(max: 500, maxMessage: 'Those are too many children.')]
        public string $childIds = '',
        #[Assert\Length(max: 200, maxMessage: 'At most {{ limit }} letters.')]
        public string $words = '',
    ) {
    }
}

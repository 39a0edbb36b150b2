<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Evidence\Outcome;
use Symfony\Component\Validator\Constraints as Assert;

/** One outcome for a whole sitting with full hands. Kept as a note, never as invented tries. */
final readonly class AllAtOnceInput
{
    public function __construct(
        #[Assert\Uuid(message: 'The id of a note is a UUID.')]
        public string $id,
        #[Assert\Uuid(message: 'The id of a sitting is a UUID.')]
        public string $sittingId,
        public Outcome $outcome,
        #[Assert\Uuid(message: 'The id of a device is a UUID.')]
        public string $deviceId,
        #[Assert\Positive(message: 'When was it?')]
        public int $at,
    ) {
    }
}

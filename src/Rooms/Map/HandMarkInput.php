<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\Core\Evidence\Mark;
use Symfony\Component\Validator\Constraints as Assert;

/** A mark the parent sets. */
final readonly class HandMarkInput
{
    public function __construct(
        #[Assert\Uuid(message: 'The id of a note is a UUID.')]
        public string $id,
        public Mark $mark,
        #[Assert\Length(max: 200, maxMessage: 'A note has at most 200 letters.')]
        public string $note,
        #[Assert\Uuid(message: 'The id of a device is a UUID.')]
        public string $deviceId,
        #[Assert\Positive(message: 'When was it?')]
        public int $at,
    ) {
    }
}

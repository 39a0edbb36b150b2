<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\Core\Evidence\Outcome;
use Symfony\Component\Validator\Constraints as Assert;

/** "I saw it elsewhere": what was seen of a step outside a question. */
final readonly class NoteInput
{
    public function __construct(
        #[Assert\Uuid(message: 'The id of a note is a UUID.')]
        public string $id,
        public Outcome $outcome,
        #[Assert\Length(max: 200, maxMessage: 'A note has at most 200 letters.')]
        public string $note,
        #[Assert\Uuid(message: 'The id of a device is a UUID.')]
        public string $deviceId,
        #[Assert\Positive(message: 'When was it?')]
        public int $at,
    ) {
    }
}

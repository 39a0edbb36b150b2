<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\App\Platform\Http\Instant;
use Pindle\App\Platform\Http\Note;
use Pindle\Core\Evidence\Outcome;
use Symfony\Component\Uid\Uuid;

/** "I saw it elsewhere": what was seen of a step outside a question. */
final readonly class NoteInput
{
    public function __construct(
        public Uuid $id,
        public Outcome $outcome,
        #[Note]
        public string $note,
        public Uuid $deviceId,
        #[Instant]
        public int $at,
    ) {
    }
}

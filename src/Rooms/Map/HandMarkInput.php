<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\App\Platform\Http\Instant;
use Pindle\App\Platform\Http\Note;
use Pindle\Core\Evidence\Mark;
use Symfony\Component\Uid\Uuid;

/** A mark the parent sets. */
final readonly class HandMarkInput
{
    public function __construct(
        public Uuid $id,
        public Mark $mark,
        #[Note]
        public string $note,
        public Uuid $deviceId,
        #[Instant]
        public int $at,
    ) {
    }
}

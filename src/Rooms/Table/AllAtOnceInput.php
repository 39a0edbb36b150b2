<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Platform\Http\Instant;
use Pindle\Core\Evidence\Outcome;
use Symfony\Component\Uid\Uuid;

/** One outcome for a whole sitting with full hands. Kept as a note, never as invented tries. */
final readonly class AllAtOnceInput
{
    public function __construct(
        public Uuid $id,
        public Uuid $sittingId,
        public Outcome $outcome,
        public Uuid $deviceId,
        #[Instant]
        public int $at,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Platform\Http\Instant;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Outcome;
use Symfony\Component\Uid\Uuid;

/** One outcome for a whole sitting as 0.7.0 sent it. Kept while a device may still have such a note waiting. */
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

    /** The closing mark that says the same. */
    public function renewed(): ClosingInput
    {
        return new ClosingInput($this->id, $this->sittingId, $this->deviceId, $this->at, match ($this->outcome) {
            Outcome::AtOnce => ClosingMark::AllAlone,
            Outcome::WorkedItOut => ClosingMark::MostlyAlone,
            Outcome::WithHelp => ClosingMark::MostlyWithMe,
            Outcome::NotYet => ClosingMark::NotYet,
        });
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Platform\Http\Instant;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/** One tap as 0.3.0 sent it: the question by its place in the sitting. Kept while a device may still have such a tap waiting. */
final readonly class TryInput
{
    public function __construct(
        public Uuid $id,
        public Uuid $sittingId,
        #[Assert\Range(min: 0, max: 39, notInRangeMessage: 'A sitting has questions 0 to 39.')]
        public int $place,
        public Outcome $outcome,
        public Help $help,
        public Uuid $deviceId,
        #[Instant]
        public int $at,
        public ?Method $method = null,
        public ?Slip $slip = null,
        #[Assert\Range(min: 0, max: 1000, notInRangeMessage: 'A guess is 0 to 1000.')]
        public ?int $guess = null,
        #[Assert\Range(min: 1, max: 1000, notInRangeMessage: 'What was counted is 1 to 1000.')]
        public ?int $counted = null,
    ) {
    }

    /** The same with the question's own id, as the migration from 0.3.0 named it. */
    public function renewed(): AttemptInput
    {
        return new AttemptInput(
            $this->id,
            $this->sittingId,
            $this->sittingId->toRfc4122().'-'.$this->place,
            $this->outcome,
            $this->help,
            $this->deviceId,
            $this->at,
            $this->method,
            $this->slip,
            $this->guess,
            $this->counted,
        );
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\App\Platform\Http\Instant;
use Pindle\Core\Evidence\Outcome;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

/** What was seen of one tiny task. */
final readonly class LookAnswerInput
{
    public function __construct(
        public Uuid $id,
        /** The step of the task, as it was shown: so that two devices do not answer one task twice. */
        #[Assert\Length(min: 1, max: 40, minMessage: 'Which task was it?', maxMessage: 'There is no such task.')]
        public string $stepId,
        public Outcome $outcome,
        public Uuid $deviceId,
        #[Instant]
        public int $at,
    ) {
    }
}

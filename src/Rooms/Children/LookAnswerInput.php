<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\Core\Evidence\Outcome;
use Symfony\Component\Validator\Constraints as Assert;

/** What was seen of one tiny task. */
final readonly class LookAnswerInput
{
    public function __construct(
        #[Assert\Uuid(message: 'The id of a try is a UUID.')]
        public string $id,
        /** The step of the task, as it was shown: so that two devices do not answer one task twice. */
        public string $stepId,
        public Outcome $outcome,
        #[Assert\Uuid(message: 'The id of a device is a UUID.')]
        public string $deviceId,
        #[Assert\Positive(message: 'When was it?')]
        public int $at,
    ) {
    }
}

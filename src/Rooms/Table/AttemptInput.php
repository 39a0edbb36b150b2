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

/** One tap: which question of which sitting, and what was seen. The id is made by the device; sending it twice records once. */
final readonly class AttemptInput
{
    public function __construct(
        public Uuid $id,
        public Uuid $sittingId,
        #[Assert\Length(min: 1, max: 50, minMessage: 'Which question was it?', maxMessage: 'The id of a question has at most 50 letters.')]
        public string $questionId,
        public Outcome $outcome,
        public Help $help,
        public Uuid $deviceId,
        /** Milliseconds since 1970, as the device has it. */
        #[Instant]
        public int $at,
        public ?Method $method = null,
        public ?Slip $slip = null,
        /** Of a guessed amount: what was said before counting, and what was counted. The outcome follows from them. */
        #[Assert\Range(min: 0, max: 1000, notInRangeMessage: 'A guess is 0 to 1000.')]
        public ?int $guess = null,
        #[Assert\Range(min: 1, max: 1000, notInRangeMessage: 'What was counted is 1 to 1000.')]
        public ?int $counted = null,
    ) {
    }
}

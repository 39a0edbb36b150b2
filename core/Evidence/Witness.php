<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;

/**
 * "I saw it in the garden", or one outcome for a whole sitting with full hands. Not a try: it can move New to Trying and
 * Trying to Steady, never to Secure, and changes neither belief nor memory.
 */
final readonly class Witness extends Seen
{
    public function __construct(
        string $id,
        string $stepId,
        public Outcome $outcome,
        public string $note,
        \DateTimeImmutable $at,
        LocalDate $day,
        string $deviceId,
    ) {
        parent::__construct($id, $stepId, $at, $day, $deviceId);
    }
}

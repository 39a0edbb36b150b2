<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Skill\Form;

/** A closing mark or a tally for one step of a sitting: evidence of its own kind, never turned into invented tries. */
final readonly class Closing extends Seen
{
    /**
     * @param list<string> $thingIds the things used
     * @param int          $covers   questions at the step that were asked without help and not tapped, 0 and up: it speaks of these alone
     * @param int|null     $alone    of a tally: how many were done alone
     * @param int|null     $of       of a tally: how many there were
     *
     * @throws InvalidEvidence when it covers fewer than no questions
     */
    public function __construct(
        string $id,
        string $stepId,
        public string $sittingId,
        public string $activityId,
        public ?Form $form,
        public array $thingIds,
        public ClosingMark $mark,
        public int $covers,
        \DateTimeImmutable $at,
        LocalDate $day,
        string $deviceId,
        public ?int $alone = null,
        public ?int $of = null,
    ) {
        if ($covers < 0) {
            throw InvalidEvidence::count($covers);
        }
        parent::__construct($id, $stepId, $at, $day, $deviceId);
    }

    /** How many places of the window it fills: never more than the questions it speaks of. */
    public function places(): int
    {
        return min($this->covers, $this->mark->places());
    }
}

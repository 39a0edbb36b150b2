<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Skill\Form;

/** A try: one question put to one child, and what was seen. The raw evidence; it is never edited. */
final readonly class OneTry extends Seen
{
    /**
     * @param list<string> $thingIds the things used
     * @param string       $question key of the exact question, for example "join:6,2"
     * @param float        $guess    chance to be right without knowing: 1/k for k answers laid out, 0.05 for an open answer
     * @param float|null   $error    of a guessed amount: |guess − count| / count
     * @param bool         $isLook   part of a first look: what it says is in the prior already, so it is not weighed a second time
     */
    public function __construct(
        string $id,
        string $stepId,
        public string $sittingId,
        public string $familyId,
        public ?Form $form,
        public HelpLevel $help,
        public array $thingIds,
        public string $question,
        public float $guess,
        public Outcome $outcome,
        public ?Method $method,
        public ?Slip $slip,
        \DateTimeImmutable $at,
        LocalDate $day,
        string $deviceId,
        public ?float $error = null,
        public bool $isLook = false,
    ) {
        parent::__construct($id, $stepId, $at, $day, $deviceId);
    }

    /** Right without any help. */
    public function isUnaided(): bool
    {
        return HelpLevel::Bare === $this->help && $this->outcome->isSuccess();
    }

    /** Whether fingers were used, by either of the two taps that say so. */
    public function isOnFingers(): bool
    {
        return Method::Fingers === $this->method || Slip::Fingers === $this->slip;
    }
}

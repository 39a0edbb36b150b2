<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;

/** What parents read as a try: one question put to one child, and what was seen. The raw evidence; it is never edited. */
final readonly class Attempt extends Seen
{
    /** What stands for the activity and for the question of a first look. */
    public const LOOK = 'first-look';

    /**
     * @param list<string> $thingIds the things used
     * @param string       $question key of the exact question, for example "join:6,2"
     * @param int|null     $choices  answers laid before the child, 2 and up; null for an open answer
     * @param float|null   $error    of a guessed amount: |guess − count| / count, at least 0
     * @param Purpose      $purpose  what it was put for
     * @param int|null     $guess    what was said before counting, 0 and up; null where it was not kept
     * @param int|null     $counted  what was counted then, 1 and up
     *
     * @throws InvalidEvidence when the number of choices or the error is out of its range
     */
    public function __construct(
        string $id,
        string $stepId,
        public string $sittingId,
        public string $activityId,
        public ?Form $form,
        public Help $help,
        public array $thingIds,
        public string $question,
        public ?int $choices,
        public Outcome $outcome,
        public ?Method $method,
        public ?Slip $slip,
        \DateTimeImmutable $at,
        LocalDate $day,
        string $deviceId,
        public ?float $error = null,
        public Purpose $purpose = Purpose::Sitting,
        public ?int $guess = null,
        public ?int $counted = null,
    ) {
        if (null !== $choices && $choices < 2) {
            throw InvalidEvidence::choices($choices);
        }
        if (null !== $error && $error < 0.0) {
            throw InvalidEvidence::error($error);
        }
        parent::__construct($id, $stepId, $at, $day, $deviceId);
    }

    /** The answer to a tiny task of a first look: open, with nothing laid out and no help. */
    public static function ofLook(string $id, Step $step, string $lookId, Outcome $outcome, \DateTimeImmutable $at, LocalDate $day, string $deviceId): self
    {
        return new self(
            $id,
            $step->id,
            $lookId,
            self::LOOK,
            $step->firstForm(),
            Help::Bare,
            [],
            self::LOOK,
            null,
            $outcome,
            null,
            null,
            $at,
            $day,
            $deviceId,
            null,
            Purpose::Look,
        );
    }

    /**
     * The same question as it should have been written down. What the parent does not say again stays: help, method and slip.
     *
     * @param string $id of the corrected one
     */
    public function corrected(string $id, Outcome $outcome, ?Help $help = null, ?Method $method = null, ?Slip $slip = null): self
    {
        return new self(
            $id,
            $this->stepId,
            $this->sittingId,
            $this->activityId,
            $this->form,
            $help ?? $this->help,
            $this->thingIds,
            $this->question,
            $this->choices,
            $outcome,
            $method ?? $this->method,
            $slip ?? $this->slip,
            $this->at,
            $this->day,
            $this->deviceId,
            $this->error,
            $this->purpose,
        );
    }

    /** Whether it was part of a first look. */
    public function isLook(): bool
    {
        return Purpose::Look === $this->purpose;
    }

    /** Chance to be right without knowing, 0 to 1. */
    public function chance(): float
    {
        return Tracing::chance($this->choices);
    }

    /** Whether anything could have been answered, or so much that guessing hardly helps. */
    public function isOpen(): bool
    {
        return $this->chance() <= CanDoClauses::OPEN_GUESS;
    }

    /** Right without any help. */
    public function isUnaided(): bool
    {
        return Help::Bare === $this->help && $this->outcome->isSuccess();
    }

    /** Whether fingers were used, by either of the two taps that say so. */
    public function isOnFingers(): bool
    {
        return Method::Fingers === $this->method || Slip::Fingers === $this->slip;
    }
}

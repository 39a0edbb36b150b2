<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Skill\Form;

/** One place of a step's window: what a rule has to know of a try, or of a part of a closing mark. */
final readonly class WindowPlace
{
    /**
     * @param bool       $isUnaided right without any help
     * @param bool       $isOpen    whether anything could have been answered; never for a closing mark
     * @param bool       $isAtOnce  never for a closing mark
     * @param Form|null  $form      null where it was spoken or moved, and for a closing mark, which is no success in a form
     * @param Method|null $method   how the child got there, where it was tapped
     * @param float|null $error     of a guessed amount: relative, at least 0
     */
    public function __construct(
        public string $sittingId,
        public string $activityId,
        public LocalDate $day,
        public bool $isUnaided,
        public bool $isOpen = false,
        public bool $isAtOnce = false,
        public ?Form $form = null,
        public ?float $error = null,
        public Purpose $purpose = Purpose::Sitting,
        public bool $isClosing = false,
        public ?Method $method = null,
    ) {
    }

    public static function ofAttempt(Attempt $attempt): self
    {
        return new self(
            $attempt->sittingId,
            $attempt->activityId,
            $attempt->day,
            $attempt->isUnaided(),
            $attempt->isOpen(),
            Outcome::AtOnce === $attempt->outcome,
            $attempt->form,
            $attempt->error,
            $attempt->purpose,
            method: $attempt->isOnFingers() ? Method::Fingers : $attempt->method,
        );
    }

    public static function ofClosing(Closing $closing): self
    {
        return new self($closing->sittingId, $closing->activityId, $closing->day, $closing->mark->isAlone(), isClosing: true);
    }
}

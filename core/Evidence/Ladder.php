<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Child\Fingers;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\ThingsStay;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;

/** How help fades and how a child goes from things to pictures to symbols: where both stand for a step. */
final readonly class Ladder
{
    /** "Not yet" in a form, with no unaided success between, before falling back to the one before. */
    public const NOT_YET_TO_GO_BACK = 2;

    /** Where the belief is lower than this, the first question is shown. */
    public const SHOW_UNDER = 0.5;

    /**
     * @param Form|null $form    null before the first attempt
     * @param int       $unaided that count, since the form was entered; at least 0
     * @param int       $notYet  since the form was entered or the last unaided success in it; at least 0
     * @param Help|null $help    null before the first attempt
     *
     * @throws InvalidEvidence when a count is below 0
     */
    public function __construct(public ?Form $form = null, public int $unaided = 0, public int $notYet = 0, public ?Help $help = null)
    {
        if (min($unaided, $notYet) < 0) {
            throw InvalidEvidence::count(min($unaided, $notYet));
        }
    }

    /** Unaided successes in a form before the next one. */
    public static function unaidedToMoveOn(ThingsStay $stay): int
    {
        return match ($stay) {
            ThingsStay::Early => 2,
            ThingsStay::Usual => 4,
            ThingsStay::Long => 8,
        };
    }

    /** The help a step starts with today. What can be done is asked without: help after one slip would make misses of all that follows. */
    public static function help(StepState $state): Help
    {
        return match (true) {
            $state->standing->isCanDo() => Help::Bare,
            default => $state->ladder->help ?? ($state->p < self::SHOW_UNDER ? Help::Shown : Help::Bare),
        };
    }

    public static function helpAfter(Help $help, Outcome $outcome): Help
    {
        return match (true) {
            $outcome->isSuccess() => $help->less(),
            Outcome::NotYet === $outcome => $help->more(),
            default => $help,
        };
    }

    /** The form a step is met in today. A new reach starts one form below the best of the reach before. */
    public static function form(Step $step, StepState $state, ?StepState $reachBefore): ?Form
    {
        if (null !== $state->ladder->form) {
            return self::allowed($step, $state->ladder->form);
        }
        $before = $reachBefore?->ladder->form;
        $best = null === $before ? 0 : (int) array_search($before, $step->forms, true);

        return $step->forms[max(0, $best - 1)] ?? null;
    }

    /** The same rungs, with no "not yet" counted. */
    public function forgiven(): self
    {
        return new self($this->form, $this->unaided, 0, $this->help);
    }

    /** Where both ladders stand after an attempt. */
    public function after(Step $step, Attempt $attempt, Settings $settings): self
    {
        $help = self::helpAfter($attempt->help, $attempt->outcome);
        // Fingers as a sign to bring the things back: right, but not yet ready for a form with less to touch.
        $counts = $attempt->isUnaided() && !($attempt->isOnFingers() && Fingers::BringThings === $settings->fingers);

        return $this->moved($step, $attempt->form, $counts ? 1 : 0, $attempt->isUnaided(), Outcome::NotYet === $attempt->outcome, $help, $settings);
    }

    /** Where both stand after a closing mark: alone means without help next time; its places count in the form that was met. */
    public function closed(Step $step, Closing $closing, Settings $settings): self
    {
        $alone = $closing->mark->isAlone();
        $help = match (true) {
            $alone => Help::Bare,
            ClosingMark::NotYet === $closing->mark => ($this->help ?? Help::Bare)->more(),
            default => $this->help,
        };

        return $this->moved($step, $closing->form, $alone ? $closing->places() : 0, $alone, ClosingMark::NotYet === $closing->mark, $help, $settings);
    }

    private function moved(Step $step, ?Form $met, int $unaided, bool $forgives, bool $isNotYet, ?Help $help, Settings $settings): self
    {
        $form = $this->form ?? $met;
        if (null === $form || $met !== $form) {
            return new self($form, $this->unaided, $this->notYet, $help);
        }
        $unaided += $this->unaided;
        $notYet = $forgives ? 0 : $this->notYet + ($isNotYet ? 1 : 0);
        $at = array_search($form, $step->forms, true);
        if (false === $at) {
            return new self($form, $unaided, $notYet, $help);
        }
        if ($unaided >= self::unaidedToMoveOn($settings->thingsStay) && isset($step->forms[$at + 1])) {
            return new self($step->forms[$at + 1], 0, 0, $help);
        }
        if ($notYet >= self::NOT_YET_TO_GO_BACK && $at > 0) {
            return new self($step->forms[$at - 1], 0, 0, $help);
        }

        return new self($form, $unaided, $notYet, $help);
    }

    /** The form itself, or the nearest one before it that the step still has; its first where there is none. */
    private static function allowed(Step $step, Form $form): ?Form
    {
        $order = Form::cases();
        for ($at = (int) array_search($form, $order, true); $at >= 0; --$at) {
            if (\in_array($order[$at], $step->forms, true)) {
                return $order[$at];
            }
        }

        return $step->firstForm();
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Child\Fingers;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\ThingsStay;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;

/** How help fades and how a child goes from things to pictures to symbols. */
final class Ladder
{
    /** "Not yet" in a form, with no unaided success between, before falling back to the one before. */
    public const NOT_YET_TO_GO_BACK = 2;

    /** Where the belief is lower than this, the first question is shown. */
    public const SHOW_UNDER = 0.5;

    /** Unaided successes in a form before the next one. */
    public static function unaidedToMoveOn(ThingsStay $stay): int
    {
        return match ($stay) {
            ThingsStay::Early => 2,
            ThingsStay::Usual => 4,
            ThingsStay::Long => 8,
        };
    }

    /** The help a step starts with today. */
    public static function help(StepState $state): Help
    {
        return $state->help ?? ($state->p < self::SHOW_UNDER ? Help::Shown : Help::Bare);
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
        if (null !== $state->form) {
            return self::allowed($step, $state->form);
        }
        $best = null === $reachBefore?->form ? 0 : (int) array_search($reachBefore->form, $step->forms, true);

        return $step->forms[max(0, $best - 1)] ?? null;
    }

    /**
     * Where the ladder of forms stands after a try.
     *
     * @return array{Form|null, int, int} form, unaided in it, "not yet" in it
     */
    public static function formAfter(Step $step, StepState $state, Attempt $attempt, Settings $settings): array
    {
        $form = $state->form ?? $attempt->form;
        if (null === $form || $attempt->form !== $form) {
            return [$form, $state->unaidedInForm, $state->notYetInForm];
        }
        // Fingers as a sign to bring the things back: right, but not yet ready for a form with less to touch.
        $counts = $attempt->isUnaided() && !($attempt->isOnFingers() && Fingers::BringThings === $settings->fingers);
        $unaided = $state->unaidedInForm + ($counts ? 1 : 0);
        $notYet = $attempt->isUnaided() ? 0 : $state->notYetInForm + (Outcome::NotYet === $attempt->outcome ? 1 : 0);
        $at = array_search($form, $step->forms, true);
        if (false === $at) {
            return [$form, $unaided, $notYet];
        }
        if ($unaided >= self::unaidedToMoveOn($settings->thingsStay) && isset($step->forms[$at + 1])) {
            return [$step->forms[$at + 1], 0, 0];
        }
        if ($notYet >= self::NOT_YET_TO_GO_BACK && $at > 0) {
            return [$step->forms[$at - 1], 0, 0];
        }

        return [$form, $unaided, $notYet];
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

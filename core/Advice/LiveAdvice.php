<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Child\AfterMistake;
use Pindle\Core\Child\Fingers;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;

/** Advice inside a sitting, from what was seen in it so far. It is offered, never forced; the parent may take the next idea or none. */
final readonly class LiveAdvice
{
    /** Never more "not yet" than this in one sitting. */
    public const MOST_NOT_YET = 3;

    private const NOT_YET_RUNNING = 2;
    private const AT_ONCE_RUNNING = 3;
    private const ON_FINGERS_RUNNING = 2;

    /** A smallest reach has no smaller numbers worth offering. */
    private const SMALLEST = 3;

    /** Numbers to fill up to. */
    private const ROUND = [5, 10, 20];

    /**
     * @param non-empty-list<Idea> $ideas best first
     * @param Slip|null            $slip  the one that the remedy is for
     * @param string|null          $need  id of the weakest need
     */
    private function __construct(public Cause $cause, public array $ideas, public ?Slip $slip = null, public ?string $need = null)
    {
    }

    /**
     * What to offer after the last try; null when all goes its way.
     *
     * @param list<Attempt> $attempts   of this child in this sitting, in order
     * @param ChildRecord  $record  with these tries in it
     * @param list<Idea>   $offered ideas offered earlier in the sitting; they are not offered again
     */
    public static function after(Step $step, array $attempts, ChildRecord $record, array $offered = []): ?self
    {
        $last = $attempts[\count($attempts) - 1] ?? null;
        if (null === $last) {
            return null;
        }
        $notYet = \count(array_filter($attempts, static fn (Attempt $attempt): bool => Outcome::NotYet === $attempt->outcome));
        if (Outcome::NotYet === $last->outcome && $notYet >= self::MOST_NOT_YET) {
            return new self(Cause::ThreeNotYet, [Idea::FinishEasy]);
        }
        if (self::running($attempts, static fn (Attempt $attempt): bool => Outcome::NotYet === $attempt->outcome) >= self::NOT_YET_RUNNING) {
            return self::ease($step, $attempts, $record, $offered);
        }
        $onFingers = self::running($attempts, static fn (Attempt $attempt): bool => $attempt->isOnFingers());
        if (
            $onFingers >= self::ON_FINGERS_RUNNING
            && Fingers::BringThings === $record->settings->fingers
            && Form::Things !== $last->form
            && !\in_array(Idea::BringThings, $offered, true)
        ) {
            return new self(Cause::OnFingers, [Idea::BringThings]);
        }
        $atOnce = self::running($attempts, static fn (Attempt $attempt): bool => Outcome::AtOnce === $attempt->outcome && Help::Bare === $attempt->help);

        return $atOnce > 0 && 0 === $atOnce % self::AT_ONCE_RUNNING ? self::stretch($step, $last, $record, $offered) : null;
    }

    /**
     * @param list<Attempt> $attempts
     * @param list<Idea>   $offered
     */
    private static function ease(Step $step, array $attempts, ChildRecord $record, array $offered): ?self
    {
        $last = $attempts[\count($attempts) - 1];
        $slip = self::slip($attempts);
        $need = self::weakestNeed($step, $record);
        $ideas = array_filter([
            match ($record->settings->afterMistake) {
                AfterMistake::ShowAgain => Idea::ShowAndAskAgain,
                AfterMistake::OfferAgain => Idea::OfferAgain,
                AfterMistake::MaterialTells => Idea::CheckAndAskAgain,
            },
            $step->size > self::SMALLEST ? Idea::SmallerNumbers : null,
            Help::Shown !== $last->help ? Idea::MoreHelp : (null !== $last->form && $last->form !== $step->firstForm() ? Idea::FormBack : null),
            null === $slip ? null : Idea::Remedy,
            null === $need ? null : Idea::WeakestNeed,
        ]);

        return self::offer(Cause::TwoNotYet, $ideas, $offered, $slip, $need);
    }

    /** @param list<Idea> $offered */
    private static function stretch(Step $step, Attempt $last, ChildRecord $record, array $offered): ?self
    {
        $at = null === $last->form ? false : array_search($last->form, $step->forms, true);
        $ideas = array_filter([
            Idea::HowDidYouSeeIt,
            Form::Things === $last->form ? Idea::CoverAndAsk : null,
            $step->size > self::SMALLEST ? Idea::BiggerNumbers : null,
            \in_array($step->size, self::ROUND, true) && $step->reach->isNumber() ? Idea::HowManyMoreTo : null,
            Idea::ChildAsks,
            false !== $at && isset($step->forms[$at + 1]) ? Idea::NextForm : null,
            [] !== $record->map->higherReaches($step->id) ? Idea::NextReach : null,
        ]);

        return self::offer(Cause::ThreeAtOnce, $ideas, $offered, null, null);
    }

    /**
     * @param array<Idea> $ideas
     * @param list<Idea>  $offered
     */
    private static function offer(Cause $cause, array $ideas, array $offered, ?Slip $slip, ?string $need): ?self
    {
        $left = array_values(array_filter($ideas, static fn (Idea $idea): bool => !\in_array($idea, $offered, true)));

        return [] === $left ? null : new self($cause, $left, $slip, $need);
    }

    /**
     * How many of the last tries running were so.
     *
     * @param list<Attempt>          $attempts
     * @param callable(Attempt):bool $are
     */
    private static function running(array $attempts, callable $are): int
    {
        $count = 0;
        for ($i = \count($attempts) - 1; $i >= 0 && $are($attempts[$i]); --$i) {
            ++$count;
        }

        return $count;
    }

    /** @param list<Attempt> $attempts the newest slip among them */
    private static function slip(array $attempts): ?Slip
    {
        foreach (array_reverse($attempts) as $attempt) {
            if (null !== $attempt->slip) {
                return $attempt->slip;
            }
        }

        return null;
    }

    private static function weakestNeed(Step $step, ChildRecord $record): ?string
    {
        $weakest = null;
        foreach ($step->needs as $need) {
            if (null === $weakest || $record->state($need)->p < $record->state($weakest)->p) {
                $weakest = $need;
            }
        }

        return $weakest;
    }
}

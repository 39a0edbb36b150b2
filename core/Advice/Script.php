<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

use Pindle\Core\Child\AfterMistake;
use Pindle\Core\Child\Fingers;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\Step;

/**
 * What can be advised in one sitting, made before it begins: a list of ideas a cause. With the table of {@see Walk} a device goes through it by itself;
 * the house goes through the same.
 */
final readonly class Script
{
    /** A smallest reach has no smaller numbers worth offering. */
    private const SMALLEST = 3;

    /** Numbers to fill up to. */
    private const ROUND = [5, 10, 20];

    /**
     * @param array<string, list<Idea>> $ideas by the value of the cause, best first
     * @param string|null               $need  id of the weakest need, as the sitting begins
     */
    private function __construct(public array $ideas, public ?string $need)
    {
    }

    /** @param Form|null $form that the step is met in */
    public static function of(Step $step, ?Form $form, ChildRecord $record): self
    {
        $need = self::weakestNeed($step, $record);
        $at = null === $form ? false : array_search($form, $step->forms, true);

        return new self([
            Cause::ThreeNotYet->value => [Idea::FinishEasy],
            Cause::TwoNotYet->value => array_values(array_filter([
                match ($record->settings->afterMistake) {
                    AfterMistake::ShowAgain => Idea::ShowAndAskAgain,
                    AfterMistake::OfferAgain => Idea::OfferAgain,
                    AfterMistake::MaterialTells => Idea::CheckAndAskAgain,
                },
                $step->size > self::SMALLEST ? Idea::SmallerNumbers : null,
                Idea::MoreHelp,
                null !== $form && $form !== $step->firstForm() ? Idea::FormBack : null,
                Idea::Remedy,
                null === $need ? null : Idea::WeakestNeed,
            ])),
            Cause::OnFingers->value => Fingers::BringThings === $record->settings->fingers && Form::Things !== $form ? [Idea::BringThings] : [],
            Cause::ThreeAtOnce->value => array_values(array_filter([
                Idea::HowDidYouSeeIt,
                Form::Things === $form ? Idea::CoverAndAsk : null,
                $step->size > self::SMALLEST ? Idea::BiggerNumbers : null,
                \in_array($step->size, self::ROUND, true) && $step->reach->isNumber() ? Idea::HowManyMoreTo : null,
                Idea::ChildAsks,
                false !== $at && isset($step->forms[$at + 1]) ? Idea::NextForm : null,
                [] !== $record->map->higherReaches($step->id) ? Idea::NextReach : null,
            ])),
        ], $need);
    }

    /**
     * What to offer; null when there is nothing.
     *
     * @param list<Cause> $causes   in order
     * @param Help        $help     that the last question was asked with
     * @param Slip|null   $slip     the newest that was said
     * @param list<Idea>  $offered  taken or let pass before; they are not offered again
     * @param list<Idea>  $hasSpare those of which a question made beforehand is left
     */
    public function offer(array $causes, Help $help, ?Slip $slip, array $offered, array $hasSpare): ?LiveAdvice
    {
        foreach ($causes as $cause) {
            $holds = static fn (Idea $idea): bool => !\in_array($idea, $offered, true) && match ($idea->when()) {
                When::Always => true,
                When::HelpIsLeft => Help::Shown !== $help,
                When::HelpIsSpent => Help::Shown === $help,
                When::Slipped => null !== $slip,
                When::SpareIsLeft => \in_array($idea, $hasSpare, true),
            };
            $left = array_values(array_filter($this->ideas[$cause->value], $holds));
            if ([] !== $left) {
                return new LiveAdvice($cause, $left, $slip, $this->need);
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

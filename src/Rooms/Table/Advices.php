<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Content\Words;
use Pindle\App\Plan\Asked;
use Pindle\Core\Advice\Cause;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Advice\LiveAdvice;
use Pindle\Core\Advice\Script;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Planning\Spares;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;

/** Writes live advice out for the table, and the script of a sitting from which it follows. */
final readonly class Advices
{
    public function __construct(private Words $words)
    {
    }

    /** @param non-empty-list<Attempt> $attempts of the sitting, in order */
    public function after(string $sittingId, Asked $asked, array $attempts, ChildRecord $record): ?AdviceView
    {
        $step = $record->map->step($asked->course->stepId);
        $script = Script::of($step, $asked->course->form, $record);
        $advice = LiveAdvice::after($script, $attempts, $asked->offered, array_values(array_filter(
            Idea::cases(),
            static fn (Idea $idea): bool => null !== Spares::nearest($idea, $asked->spares[$idea->value] ?? [], $asked->question->prompt->load()),
        )));
        if (null === $advice) {
            return null;
        }
        $last = $attempts[\count($attempts) - 1];
        $ideas = array_map(fn (Idea $idea): IdeaView => new IdeaView(
            $idea,
            Idea::Remedy === $idea && null !== $advice->slip ? $this->words->say('remedies', $advice->slip) : $this->words($idea, $step, $script, $record->map),
            $idea->help($last->help),
        ), $advice->ideas);

        return new AdviceView($sittingId, $this->words->say('causes', $advice->cause), $ideas);
    }

    /**
     * @param list<Idea>      $offered
     * @param list<SpareView> $spares
     */
    public function script(Step $step, ?Form $form, ChildRecord $record, array $offered, array $spares): ScriptView
    {
        $script = Script::of($step, $form, $record);
        $causes = $remedies = [];
        foreach (Cause::cases() as $cause) {
            $causes[$cause->value] = $this->words->say('causes', $cause);
        }
        foreach (Slip::cases() as $slip) {
            $remedies[$slip->value] = $this->words->say('remedies', $slip);
        }

        return new ScriptView(
            array_map(fn (array $ideas): array => array_map(fn (Idea $idea): ScriptIdeaView => new ScriptIdeaView(
                $idea,
                Idea::Remedy === $idea ? '' : $this->words($idea, $step, $script, $record->map),
                $idea->when(),
                $idea->asks(),
                self::helps($idea),
            ), $ideas), $script->ideas),
            $causes,
            $remedies,
            $offered,
            $spares,
        );
    }

    /** @return array<string, Help> */
    private static function helps(Idea $idea): array
    {
        $helps = [];
        foreach (Help::cases() as $last) {
            $helps[$last->value] = $idea->help($last);
        }

        return array_filter($helps);
    }

    private function words(Idea $idea, Step $step, Script $script, SkillMap $map): string
    {
        $next = $map->higherReaches($step->id)[0] ?? null;
        $need = $script->need;

        return match (true) {
            Idea::WeakestNeed === $idea && null !== $need => $this->words->say('ideas', $idea, ['need' => $this->words->step($map->step($need))]),
            Idea::NextReach === $idea && null !== $next => $this->words->say('ideas', $idea, ['next' => $this->words->reach($map->step($next))]),
            Idea::HowManyMoreTo === $idea => $this->words->say('ideas', $idea, ['to' => $step->size]),
            default => $this->words->say('ideas', $idea),
        };
    }
}

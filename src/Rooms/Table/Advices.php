<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\App\Content\Words;
use Pindle\App\Plan\Asked;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Advice\LiveAdvice;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;

/** Writes live advice out for the table. */
final readonly class Advices
{
    public function __construct(private Words $words)
    {
    }

    /** @param non-empty-list<Attempt> $attempts of the sitting, in order */
    public function after(string $sittingId, Asked $asked, array $attempts, ChildRecord $record): ?AdviceView
    {
        $step = $record->map->step($asked->stepId);
        $advice = LiveAdvice::after($step, $attempts, $record, $asked->offered);
        if (null === $advice) {
            return null;
        }
        $last = $attempts[\count($attempts) - 1];
        $next = $record->map->higherReaches($step->id)[0] ?? null;
        $ideas = array_map(fn (Idea $idea): IdeaView => new IdeaView(
            $idea,
            match (true) {
                Idea::Remedy === $idea && null !== $advice->slip => $this->words->say('remedies', $advice->slip),
                Idea::WeakestNeed === $idea && null !== $advice->need => $this->words->say(
                    'ideas',
                    $idea,
                    ['need' => $this->words->step($record->map->step($advice->need))],
                ),
                Idea::NextReach === $idea && null !== $next => $this->words->say('ideas', $idea, ['next' => $this->words->reach($record->map->step($next))]),
                Idea::HowManyMoreTo === $idea => $this->words->say('ideas', $idea, ['to' => $step->size]),
                default => $this->words->say('ideas', $idea),
            },
            match ($idea) {
                Idea::ShowAndAskAgain => Help::Shown,
                Idea::MoreHelp => $last->help->more(),
                default => null,
            },
        ), $advice->ideas);

        return new AdviceView($sittingId, $this->words->say('causes', $advice->cause), $ideas);
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Pindle\App\Platform\Words;
use Pindle\App\Today\StoredSetUp;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Advice\LiveAdvice;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\HelpLevel;

/** Writes live advice out for the table. */
final readonly class Advices
{
    public function __construct(private TableRoom $room, private Words $words)
    {
    }

    public function after(StoredSetUp $stored, string $childId, ChildRecord $record): ?AdviceView
    {
        $sitting = $stored->setUp->sittingOf($childId);
        $sittingId = $stored->sittingIds[$childId] ?? null;
        if (null === $sitting || null === $sittingId) {
            return null;
        }
        $step = $record->map->step($sitting->stepId);
        $tries = $this->room->triesIn($sittingId);
        $advice = LiveAdvice::after($step, $tries, $record, $stored->offered[$childId] ?? []);
        if (null === $advice) {
            return null;
        }
        $last = $tries[\count($tries) - 1];
        $next = $record->map->higherReaches($step->id)[0] ?? null;
        $ideas = array_map(fn (Idea $idea): IdeaView => new IdeaView(
            $idea->value,
            match (true) {
                Idea::Remedy === $idea && null !== $advice->slip => $this->words->say('remedies', $advice->slip),
                Idea::WeakestNeed === $idea && null !== $advice->need => $this->words->say('ideas', $idea, ['need' => $this->words->step($record->map->step($advice->need))]),
                Idea::NextReach === $idea && null !== $next => $this->words->say('ideas', $idea, ['next' => $this->words->reach($record->map->step($next))]),
                Idea::HowManyMoreTo === $idea => $this->words->say('ideas', $idea, ['to' => $step->size()]),
                default => $this->words->say('ideas', $idea),
            },
            match ($idea) {
                Idea::ShowAndAskAgain => HelpLevel::Shown->value,
                Idea::MoreHelp => $last->help->more()->value,
                default => null,
            },
        ), $advice->ideas);

        return new AdviceView($sittingId, $this->words->say('causes', $advice->cause), $ideas);
    }
}

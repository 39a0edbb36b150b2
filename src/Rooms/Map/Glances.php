<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\App\Content\SkillFile;
use Pindle\App\Content\Words;
use Pindle\App\Views\StepView;
use Pindle\App\Views\Views;
use Pindle\Core\Advice\AtAGlance;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Skill\Step;
use Pindle\Core\Skill\Strand;

/** Says a child's map in a line a strand, before the grid. */
final readonly class Glances
{
    public function __construct(private Words $words, private SkillFile $skills, private Views $views)
    {
    }

    /** @return list<GlanceView> strand by strand */
    public function of(Child $child, ChildRecord $record, LocalDate $on): array
    {
        $ranked = Ranking::of($record, $on, $child->setSizeOn($on)->most - 2, $child->pins, $child->focus);

        return array_map(fn (Strand $strand): GlanceView => $this->strand($strand, $record, $ranked, $on), Strand::cases());
    }

    /** @param list<RankedStep> $ranked */
    private function strand(Strand $strand, ChildRecord $record, array $ranked, LocalDate $on): GlanceView
    {
        $glance = AtAGlance::of($strand, $record, $ranked, $on);

        return new GlanceView(
            $strand,
            $this->words->say('strands', $strand),
            null === $glance->can ? null : $this->can($glance->can),
            null === $glance->now ? null : $this->views->step($glance->now->id),
            null === $glance->next ? null : $this->views->step($glance->next->id),
            array_map(fn (Step $step): StepView => $this->views->step($step->id), $glance->look),
            $glance->thin,
            $this->since($glance->can, $record),
            $this->evidence($strand, $record),
        );
    }

    private function since(?Step $can, ChildRecord $record): ?string
    {
        $since = null === $can ? null : $record->state($can->id)->standing->canDoSince;

        return null === $since ? null : $this->words->dated($since);
    }

    private function evidence(Strand $strand, ChildRecord $record): ?string
    {
        $times = 0;
        $last = null;
        foreach ($record->map->steps as $id => $step) {
            $state = $record->state($id);
            if ($step->skill->strand === $strand && null !== $state->touched) {
                $times += $state->timesSeen();
                $last = null === $last || $state->touched->isAfter($last) ? $state->touched : $last;
            }
        }

        return null === $last ? null : $this->words->say('glances', 'evidence', ['times' => $times, 'day' => $this->words->dated($last)]);
    }

    private function can(Step $step): string
    {
        return $this->words->say('glances', 'can', ['done' => $this->skills->words($step->skill->id)->done, 'reach' => $this->words->reach($step)]);
    }
}

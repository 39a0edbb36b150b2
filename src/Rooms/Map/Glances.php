<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\App\Content\SkillFile;
use Pindle\App\Content\Words;
use Pindle\App\Views\StepView;
use Pindle\App\Views\Views;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Skill\Step;
use Pindle\Core\Skill\Strand;

/** Says a child's map in a line a strand, before the grid. */
final readonly class Glances
{
    /** With fewer tries and closing marks in a strand, little was seen of it. */
    private const THIN = 4;

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
        $can = $now = null;
        $look = [];
        $seen = 0;
        foreach ($record->map->steps as $id => $step) {
            if ($step->skill->strand !== $strand) {
                continue;
            }
            $state = $record->state($id);
            $seen += $state->window->count + $state->restsOn->closings;
            if (Mark::CanDo === $state->mark()) {
                $can = null === $can || $step->reach->months >= $can->reach->months ? $step : $can;
                $look = $record->isWorthALook($id, $on) ? [...$look, $this->views->step($id)] : $look;
            } elseif ($state->isTried() && (null === $now || ($state->touched?->isAfter($record->state($now->id)->touched ?? $on) ?? false))) {
                $now = $step;
            }
        }

        return new GlanceView(
            $strand,
            $this->words->say('strands', $strand),
            null === $can ? null : $this->can($can),
            null === $now ? null : $this->views->step($now->id),
            $this->next($strand, $record, $ranked),
            $look,
            $seen < self::THIN,
        );
    }

    private function can(Step $step): string
    {
        return $this->words->say('glances', 'can', ['done' => $this->skills->words($step->skill->id)->done, 'reach' => $this->words->reach($step)]);
    }

    /** @param list<RankedStep> $ranked */
    private function next(Strand $strand, ChildRecord $record, array $ranked): ?StepView
    {
        foreach ($ranked as $one) {
            if ($one->step->skill->strand === $strand && !$record->state($one->step->id)->isTried() && !$record->isTakenAsKnown($one->step->id)) {
                return $this->views->step($one->step->id);
            }
        }

        return null;
    }
}

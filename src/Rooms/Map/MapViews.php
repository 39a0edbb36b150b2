<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Map;

use Pindle\App\Content\SkillFile;
use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Clock;
use Pindle\App\Record\Evidence;
use Pindle\App\Record\FirstLooks;
use Pindle\App\Views\Standings;
use Pindle\App\Views\Views;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Clause;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\HandMark;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\Evidence\Witness;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Strand;
use Pindle\Core\Thing\Thing;

/** Writes out what a child can do, and all that stands behind one step. */
final readonly class MapViews
{
    /** Days a memory curve shows at least. */
    private const DAYS_SHOWN = 14;

    public function __construct(
        private Evidence $evidence,
        private Things $things,
        private SkillMap $map,
        private Activities $activities,
        private SkillFile $skills,
        private FirstLooks $looks,
        private Words $words,
        private Views $views,
        private Clock $clock,
        private Standings $standings,
        private Glances $glances,
    ) {
    }

    public function map(Child $child): MapView
    {
        $record = $this->evidence->record($child);
        $looked = $this->hasLooked($child);
        $counts = [];
        $unsure = $look = 0;
        $strands = [];
        foreach (Strand::cases() as $strand) {
            $skills = [];
            foreach ($this->map->skills as $skill) {
                if ($skill->strand !== $strand) {
                    continue;
                }
                $cells = array_map(
                    fn (int|string $reach): CellView => $this->cell($skill->id.'@'.$reach, $record, $child, $looked),
                    array_keys($skill->reaches),
                );
                foreach ($cells as $cell) {
                    $counts[$cell->standing->mark->value] = ($counts[$cell->standing->mark->value] ?? 0) + 1;
                    $look += $cell->standing->look ? 1 : 0;
                    $unsure += $cell->unsure ? 1 : 0;
                }
                $words = $this->skills->words($skill->id);
                $skills[] = new SkillView($skill->id, $words->name, $words->done, $skill->kind, $cells);
            }
            $strands[] = new StrandView($strand, $this->words->say('strands', $strand), $skills);
        }

        return new MapView(
            $child->id,
            $child->name,
            $this->glances->of($child, $record, $this->clock->today()),
            $strands,
            $counts,
            $child->focus,
            $look,
            $unsure,
        );
    }

    public function evidence(Child $child, string $stepId): EvidenceView
    {
        $today = $this->clock->today();
        $record = $this->evidence->record($child);
        $step = $record->map->step($stepId);
        $state = $record->state($stepId);
        $form = Ladder::form($step, $state, null === $step->before ? null : $record->state($step->before));

        return new EvidenceView(
            $this->views->step($stepId),
            $this->skills->words($step->skill->id)->done,
            $this->standings->of($record, $stepId, $today),
            $this->restsOn($state),
            $this->hasLooked($child) && self::isUnsure($state),
            \in_array($stepId, $child->pins, true),
            $state->p,
            array_map(
                fn (string $need): NeedView => new NeedView($this->views->step($need), $this->standings->of($record, $need, $today)),
                $step->needs,
            ),
            array_map($this->clause(...), CanDoClauses::of($child->settings->canDoRule, $step, $state)),
            $this->history($child, $stepId, null),
            $this->memory($record, $stepId),
            $record->nextLook($stepId)?->toString(),
            null === $form ? null : $this->words->say('forms', $form),
            $this->words->say('helps', Ladder::help($state)),
        );
    }

    public function history(Child $child, string $stepId, ?string $before): HistoryView
    {
        $things = $this->things->ever();
        $page = $this->evidence->history($child->id, $stepId, $before);

        return new HistoryView(
            array_map(fn (array $one): SeenView => $this->seen($one['seen'], $one['removed'], null !== $one['corrects'], $things), $page['seen']),
            $page['end'],
        );
    }

    private function cell(string $stepId, ChildRecord $record, Child $child, bool $looked): CellView
    {
        $today = $this->clock->today();
        $step = $record->map->step($stepId);
        $state = $record->state($stepId);

        return new CellView(
            $stepId,
            $this->words->reach($step),
            $this->standings->of($record, $stepId, $today),
            $state->window->count,
            $step->needs,
            [] === $record->missingNeeds($stepId),
            $looked && self::isUnsure($state),
            \in_array($stepId, $child->pins, true),
            $record->nextLook($stepId)?->toString(),
        );
    }

    /** Left unsure by a first look, and not tried since. */
    private static function isUnsure(StepState $state): bool
    {
        return !$state->isTried() && $state->p > FirstLook::UNSURE_FROM && $state->p < FirstLook::UNSURE_TO;
    }

    private function hasLooked(Child $child): bool
    {
        return null !== $this->looks->newest($child->id);
    }

    private function memory(ChildRecord $record, string $stepId): ?MemoryView
    {
        $memory = $record->state($stepId)->memory;
        $today = $this->clock->today();
        if (null === $memory->halfLife || null === $memory->clock) {
            return null;
        }
        $since = $memory->clock;
        $at = $memory->daysSince($today);
        $next = $record->nextLook($stepId);
        $nextAt = null === $next ? null : $since->daysUntil($next);
        $days = max(self::DAYS_SHOWN, $at + 4, (int) ceil(1.6 * ($nextAt ?? 0)));

        return new MemoryView(
            $since->toString(),
            round($memory->halfLife / $record->looks->speed(), 1),
            array_map(static fn (int $day): float => round($memory->recall($since->plusDays($day), $record->looks->speed()), 4), range(0, $days)),
            $at,
            $nextAt,
            Tracing::RECALL_WANTED,
        );
    }

    /** "Rests on 9 tries and 2 closing marks." */
    private function restsOn(StepState $state): string
    {
        $on = array_filter([
            'tries' => $state->window->count - $state->restsOn->checks,
            'checks' => $state->restsOn->checks,
            'closings' => $state->restsOn->closings,
            'witnessed' => $state->restsOn->witnessed,
        ]);
        $parts = array_map(fn (string $what, int $count): string => $this->words->say('rests_on', $what, ['count' => $count]), array_keys($on), $on);
        if ($state->restsOn->byHand) {
            $parts[] = $this->words->say('rests_on', 'by-hand');
        }

        return [] === $parts ? $this->words->say('rests_on', 'nothing') : $this->words->say('rests_on', 'all', ['list' => $this->words->list($parts)]);
    }

    private function clause(Clause $clause): ClauseView
    {
        $values = ['has' => $clause->has, 'wants' => $clause->wants, 'outOf' => $clause->outOf ?? 0];

        return new ClauseView($this->words->say($clause->met ? 'clauses' : 'clauses_wanted', $clause->kind, $values), $clause->met);
    }

    /** @param array<string, Thing> $things */
    private function seen(Attempt|Closing|Witness|HandMark $seen, bool $removed, bool $corrected, array $things): SeenView
    {
        $day = $seen->day->toString();
        if ($seen instanceof Witness) {
            return new SeenView(
                $seen->id,
                SeenKind::Witness,
                $day,
                $this->words->say('outcomes', $seen->outcome),
                $seen->outcome,
                null,
                null,
                null,
                null,
                $this->words->say('seen', 'witness'),
                [],
                $seen->note,
                $removed,
                false,
            );
        }
        if ($seen instanceof HandMark) {
            return new SeenView(
                $seen->id,
                SeenKind::HandMark,
                $day,
                $this->words->say('marks', $seen->mark),
                null,
                null,
                null,
                null,
                null,
                $this->words->say('seen', 'hand-mark'),
                [],
                $seen->note,
                $removed,
                false,
            );
        }

        $activity = $this->activities->catalogue()->has($seen->activityId)
            ? $this->activities->words($seen->activityId)->name
            : $this->words->say('stand_ins', 'some-activity');
        $thingNames = array_map(static fn (string $id): string => ($things[$id] ?? null)->name ?? 'things', $seen->thingIds);
        $form = null === $seen->form ? null : $this->words->say('forms', $seen->form);
        if ($seen instanceof Closing) {
            return new SeenView(
                $seen->id,
                SeenKind::Closing,
                $day,
                null === $seen->of
                    ? $this->words->say('closing_marks', $seen->mark)
                    : $this->words->say('closings', 'tally', ['alone' => (int) $seen->alone, 'of' => $seen->of]),
                null,
                null,
                null,
                null,
                $form,
                $activity,
                $thingNames,
                $this->words->say('closings', 'covers', ['count' => $seen->covers]),
                $removed,
                false,
            );
        }

        return new SeenView(
            $seen->id,
            SeenKind::Attempt,
            $day,
            $this->words->say('outcomes', $seen->outcome),
            $seen->outcome,
            null === $seen->method ? null : $this->words->say('methods', $seen->method),
            null === $seen->slip ? null : $this->words->say('slips', $seen->slip),
            Help::Bare === $seen->help ? null : $this->words->say('helps', $seen->help),
            $form,
            $seen->isLook() ? $this->words->say('seen', 'look') : $activity,
            $thingNames,
            Purpose::Check === $seen->purpose ? $this->words->say('seen', 'check') : null,
            $removed,
            $corrected,
        );
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Map;

use Nelmio\ApiDocBundle\Attribute\Model;
use OpenApi\Attributes as OA;
use Pindle\App\Children\ChildrenRoom;
use Pindle\App\Cupboard\CupboardRoom;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Content\Library;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\View\Views;
use Pindle\App\Platform\Words;
use Pindle\App\Table\TableRoom;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Clause;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Strand;
use Pindle\Core\Thing\Thing;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

#[Route('/api/map')]
#[OA\Tag('Map')]
final readonly class MapController
{
    public function __construct(
        private ChildrenRoom $children,
        private TableRoom $table,
        private CupboardRoom $cupboard,
        private SkillMap $map,
        private Library $library,
        private Words $words,
        private Views $views,
        private Clock $clock,
    ) {
    }

    #[Route('/{childId}', name: 'map_look', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'What one child can do', content: new OA\JsonContent(ref: new Model(type: MapView::class)))]
    public function look(string $childId): JsonResponse
    {
        $child = $this->children->child($childId);
        $record = $this->table->record($child);
        $counts = [];
        $strands = [];
        foreach (Strand::cases() as $strand) {
            $skills = [];
            foreach ($this->map->skills as $skill) {
                if ($skill->strand !== $strand) {
                    continue;
                }
                $cells = array_map(fn (int|string $reach): CellView => $this->cell($skill->id.'@'.$reach, $record), array_keys($skill->reaches));
                foreach ($cells as $cell) {
                    $counts[$cell->mark] = ($counts[$cell->mark] ?? 0) + 1;
                }
                $words = $this->library->skillWords($skill->id);
                $skills[] = new SkillView($skill->id, $words->name, $words->done, $skill->kind->value, $cells);
            }
            $strands[] = new StrandView($strand->value, $this->words->say('strands', $strand), $skills);
        }

        return new JsonResponse(new MapView($childId, $child->name, $strands, $counts));
    }

    #[Route('/{childId}/{stepId}', name: 'map_evidence', methods: ['GET'])]
    #[OA\Response(response: 200, description: 'All there is about one step', content: new OA\JsonContent(ref: new Model(type: EvidenceView::class)))]
    public function evidence(string $childId, string $stepId): JsonResponse
    {
        $child = $this->children->child($childId);
        if (!$this->map->has($stepId)) {
            throw Refusal::notFound('stepId', 'There is no such step on the map.');
        }
        $today = $this->clock->today();
        $record = $this->table->record($child);
        $step = $this->map->step($stepId);
        $state = $record->state($stepId);
        $things = $this->cupboard->ever();

        return new JsonResponse(new EvidenceView(
            $this->views->step($stepId),
            $this->library->skillWords($step->skill->id)->done,
            $record->mark($stepId, $today)->value,
            $state->isImplied(),
            array_map(fn (string $need): NeedView => new NeedView($this->views->step($need), $record->mark($need, $today)->value, $record->servesAsNeed($need, $today)), $step->needs),
            array_map(fn (Clause $clause): ClauseView => $this->clause($clause), $record->rule->clauses($step, $state)),
            array_map(fn (array $seen): SeenTryView => $this->seen($seen['try'], $seen['removed'], $things), $this->table->history($childId, $stepId)),
            $record->nextLook($stepId, $today)?->toString(),
            ($form = Ladder::form($step, $state, null === $step->before ? null : $record->state($step->before))) === null ? null : $this->words->say('forms', $form),
            $this->words->say('helps', Ladder::help($state)),
        ));
    }

    private function cell(string $stepId, ChildRecord $record): CellView
    {
        $today = $this->clock->today();
        $step = $this->map->step($stepId);
        $state = $record->state($stepId);

        return new CellView(
            $stepId,
            $this->words->reach($step),
            $record->mark($stepId, $today)->value,
            $state->isImplied(),
            $state->tries,
            $step->needs,
            [] === $record->missingNeeds($stepId, $today),
            $record->nextLook($stepId, $today)?->toString(),
        );
    }

    private function clause(Clause $clause): ClauseView
    {
        $values = ['has' => $clause->has, 'wants' => $clause->wants, 'outOf' => $clause->outOf ?? 0];

        return new ClauseView($this->words->say($clause->isMet() ? 'clauses' : 'clauses_wanted', $clause->kind, $values), $clause->isMet());
    }

    /** @param array<string, Thing> $things */
    private function seen(OneTry $try, bool $removed, array $things): SeenTryView
    {
        return new SeenTryView(
            $try->id,
            $try->day->toString(),
            $this->words->say('outcomes', $try->outcome),
            null === $try->method ? null : $this->words->say('methods', $try->method),
            null === $try->slip ? null : $this->words->say('slips', $try->slip),
            $this->words->say('helps', $try->help),
            null === $try->form ? null : $this->words->say('forms', $try->form),
            $this->library->familyWords($try->familyId)->name,
            array_map(static fn (string $id): string => ($things[$id] ?? null)->name ?? 'things', $try->thingIds),
            $try->question,
            $removed,
        );
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\App\Content\FirstLookFile;
use Pindle\App\Content\SkillFile;
use Pindle\App\Content\Words;
use Pindle\App\Household\Children;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\FirstLooks;
use Pindle\App\Views\Views;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Pindle\Core\Thing\Thing;

/** Writes out where a first look stands, and its next tiny task. */
final readonly class FirstLookViews
{
    public function __construct(
        private FirstLooks $looks,
        private Children $children,
        private Things $things,
        private Cautions $cautions,
        private SkillMap $map,
        private FirstLookFile $file,
        private SkillFile $skills,
        private Words $words,
        private Views $views,
        private Clock $clock,
    ) {
    }

    public function of(Child $child): FirstLookView
    {
        $entity = $this->looks->newest($child->id);
        $thread = $this->children->threads()[$child->id] ?? 0;
        $ticks = array_map($this->views->step(...), array_values(array_filter($this->file->ticks(), $this->map->has(...))));
        if (null === $entity) {
            return new FirstLookView($child->id, $child->name, $thread, LookState::None, $ticks, null, 0, FirstLook::MOST_TASKS, 0, 0, 0);
        }
        $look = $this->looks->look($entity, $child);
        $left = $this->looks->leftOn($entity, $child, $this->clock->today());
        $next = null === $entity->endedOn ? $this->looks->next($look, $child) : null;
        $chances = $look->chances();

        return new FirstLookView(
            $child->id,
            $child->name,
            $thread,
            match (true) {
                null === $next => LookState::Over,
                0 === $left => LookState::EnoughToday,
                default => LookState::Open,
            },
            $ticks,
            null === $next || 0 === $left ? null : $this->task($this->map->step($next), $look->tasks() + 1, $child),
            $look->tasks(),
            FirstLook::MOST_TASKS,
            min($left, FirstLook::MOST_TASKS - $look->tasks()),
            \count(array_filter($chances, static fn (float $chance): bool => $chance >= FirstLook::UNSURE_TO)),
            \count(array_filter($chances, static fn (float $chance): bool => $chance > FirstLook::UNSURE_FROM && $chance < FirstLook::UNSURE_TO)),
        );
    }

    /**
     * @param list<string> $stepIds ticked
     *
     * @return list<string> each once
     *
     * @throws Refusal 422 when one is not on the map
     */
    public function known(array $stepIds): array
    {
        foreach ($stepIds as $i => $stepId) {
            if (!$this->map->has($stepId)) {
                throw Refusal::invalid('canAlready.'.$i, 'There is no such step on the map.');
            }
        }

        return array_values(array_unique($stepIds));
    }

    private function task(Step $step, int $number, Child $child): LookTaskView
    {
        $text = $this->file->task($step);
        $thing = str_contains($text, '{things}') || Form::Things === $step->firstForm() ? $this->thing($step, $child) : null;

        return new LookTaskView(
            $number,
            $this->views->step($step->id),
            $this->words->fill($text, ['n' => $step->size, 'things' => $thing->name ?? $this->words->say('stand_ins', 'paper')]),
            $child->name.' '.$this->skills->words($step->skill->id)->done,
            null === $thing ? null : min($thing->amount, $step->size + 3).' '.$thing->name,
        );
    }

    /** Enough of something that is safe for everyone in the house: liked things first, then the most plentiful. */
    private function thing(Step $step, Child $child): ?Thing
    {
        $today = $this->clock->today();
        $nearby = $this->children->present($today);
        $things = array_values(array_filter(
            $this->things->present(),
            fn (Thing $thing): bool => $thing->amount >= $step->size && $this->cautions->allow($thing, $nearby, $today),
        ));
        usort(
            $things,
            static fn (Thing $a, Thing $b): int => [
                \in_array($b->id, $child->likedThings, true),
                $b->amount,
            ] <=> [\in_array($a->id, $child->likedThings, true), $a->amount],
        );

        return $things[0] ?? null;
    }
}

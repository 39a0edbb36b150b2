<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\App\Content\FirstLookFile;
use Pindle\App\Household\Children;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\FirstLooks;
use Pindle\App\Views\Views;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\FirstLook\Look;
use Pindle\Core\FirstLook\LookRound;
use Pindle\Core\Skill\SkillMap;

/** Writes out where a first look stands, and its next tiny task. */
final readonly class FirstLookViews
{
    public function __construct(
        private FirstLooks $looks,
        private Children $children,
        private SkillMap $map,
        private FirstLookFile $file,
        private LookTasks $tasks,
        private Views $views,
        private Clock $clock,
    ) {
    }

    /** Where it stands, or would stand after this answer to the task that is due. */
    public function of(Child $child, ?Outcome $if = null): FirstLookView
    {
        $entity = $this->looks->newest($child->id);
        $thread = $this->children->threads()[$child->id] ?? 0;
        $ticks = array_map($this->views->step(...), array_values(array_filter($this->file->ticks(), $this->map->has(...))));
        if (null === $entity) {
            return new FirstLookView($child->id, $child->name, $thread, LookState::None, $ticks, null, 0, FirstLook::MOST_TASKS, 0, 0, 0, false, false);
        }
        $look = $this->looks->look($entity, $child);
        $left = $this->looks->leftOn($entity, $child, $this->clock->today());
        $due = null === $if || null !== $entity->endedOn ? null : $this->looks->next($look, $child);
        if (null !== $if && null !== $due) {
            $look = $this->looks->look($entity, $child, new Answer($due, $if));
            $left = max(0, $left - 1);
        }
        $next = null === $entity->endedOn ? $this->looks->next($look, $child) : null;
        [$there, $unsure] = self::found($look);

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
            null === $next || 0 === $left ? null : $this->tasks->task($this->map->step($next), $look->tasks() + 1, $child, $entity->id),
            $look->tasks(),
            $look instanceof LookRound ? $look->most() : FirstLook::MOST_TASKS,
            min($left, ($look instanceof LookRound ? $look->most() : FirstLook::MOST_TASKS) - $look->tasks()),
            $there,
            $unsure,
            $look->isHard(),
            $look instanceof LookRound,
        );
    }

    /** @return array{int, int} what was found to be there, and what not for sure: of all steps, or of the tasks of a look round */
    private static function found(Look $look): array
    {
        if (!$look instanceof FirstLook) {
            $went = $look instanceof LookRound ? $look->went() : 0;

            return [$went, $look->tasks() - $went];
        }
        $chances = $look->chances();

        return [
            \count(array_filter($chances, static fn (float $chance): bool => $chance >= FirstLook::UNSURE_TO)),
            \count(array_filter($chances, static fn (float $chance): bool => $chance > FirstLook::UNSURE_FROM && $chance < FirstLook::UNSURE_TO)),
        ];
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
}

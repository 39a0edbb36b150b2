<?php

declare(strict_types=1);

namespace Pindle\App\Children;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Cupboard\CupboardRoom;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Content\Library;
use Pindle\App\Platform\View\Views;
use Pindle\App\Platform\Words;
use Pindle\App\Table\TableRoom;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\OwnMap;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\Skill\Form;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Pindle\Core\Thing\Thing;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Runs first looks: they follow from their answers alone, so they may stop at any time and go on another day. */
final class FirstLooks
{
    /** A tiny task takes about a minute, so a day holds no more of them than the longest sitting has minutes. */
    private const MINUTES_A_TASK = 1;

    /** @var array<string, FirstLook> as they stand in this request, by id and answers: working one out takes a while */
    private array $worked = [];

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly ChildrenRoom $children,
        private readonly TableRoom $table,
        private readonly CupboardRoom $cupboard,
        private readonly Cautions $cautions,
        private readonly SkillMap $map,
        private readonly Library $library,
        private readonly Views $views,
        private readonly Clock $clock,
    ) {
    }

    /** The newest look of a child, or null. */
    public function newest(string $childId): ?FirstLookEntity
    {
        return $this->entities->getRepository(FirstLookEntity::class)->findOneBy(['childId' => $childId], ['id' => 'DESC']);
    }

    /** The core look as it stands, from its answers. */
    public function look(FirstLookEntity $entity, Child $child): FirstLook
    {
        $map = OwnMap::of($this->map, $child->settings);
        $answers = array_map(static fn (OneTry $try): Answer => new Answer($try->stepId, $try->outcome, $try->guess), $this->table->triesIn($entity->id));

        $key = $entity->id.implode('', array_map(static fn (Answer $answer): string => '/'.$answer->stepId.'='.$answer->outcome->value, $answers));

        return $this->worked[$key] ??= FirstLook::of($map, null === $child->born ? null : $child->ageInMonths($this->clock->today()), $entity->canAlready, $answers, new Randomizer(new Xoshiro256StarStar(crc32($entity->id))));
    }

    /** The step to ask about next; null when the look is over. */
    public function next(FirstLook $look, Child $child): ?string
    {
        $map = OwnMap::of($this->map, $child->settings);

        return $look->next(array_keys(array_filter($map->steps, static fn (Step $step): bool => $step->offered)));
    }

    /** Tasks that still fit today. */
    public function leftToday(FirstLookEntity $entity, Child $child): int
    {
        $today = $this->clock->today();
        $done = array_filter($this->table->triesIn($entity->id), static fn (OneTry $try): bool => $try->day == $today);

        return max(0, intdiv($child->longestSittingOn($today), self::MINUTES_A_TASK) - \count($done));
    }

    public function view(Child $child): FirstLookView
    {
        $entity = $this->newest($child->id);
        $thread = $this->children->threads()[$child->id] ?? 0;
        $ticks = array_map($this->views->step(...), array_values(array_filter($this->library->firstLookTicks(), $this->map->has(...))));
        if (null === $entity) {
            return new FirstLookView($child->id, $child->name, $thread, 'none', $ticks, null, 0, FirstLook::MOST_TASKS, 0, 0, 0);
        }
        $look = $this->look($entity, $child);
        $left = $this->leftToday($entity, $child);
        $next = null === $entity->endedOn ? $this->next($look, $child) : null;
        $chances = $look->chances();

        return new FirstLookView(
            $child->id,
            $child->name,
            $thread,
            match (true) {
                null === $next => 'over',
                0 === $left => 'enough-today',
                default => 'open',
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

    private function task(Step $step, int $number, Child $child): LookTaskView
    {
        $text = $this->library->firstLookAsk($step->skill->id, $step->reach);
        $thing = str_contains($text, '{things}') || Form::Things === $step->firstForm() ? $this->thing($step, $child) : null;

        return new LookTaskView(
            $number,
            $this->views->step($step->id),
            Words::fill($text, ['n' => $step->size(), 'things' => $thing->name ?? 'scraps of paper']),
            $child->name.' '.$this->library->skillWords($step->skill->id)->done,
            null === $thing ? null : min($thing->amount, $step->size() + 3).' '.$thing->name,
        );
    }

    /** Enough of something that is safe for everyone in the house: liked things first, then the most plentiful. */
    private function thing(Step $step, Child $child): ?Thing
    {
        $inReach = $this->children->present();
        $things = array_values(array_filter($this->cupboard->present(), fn (Thing $thing): bool => $thing->amount >= $step->size() && $this->cautions->allow($thing, $inReach, $this->clock->today())));
        usort($things, static fn (Thing $a, Thing $b): int => [\in_array($b->id, $child->likedThings, true), $b->amount] <=> [\in_array($a->id, $child->likedThings, true), $a->amount]);

        return $things[0] ?? null;
    }
}

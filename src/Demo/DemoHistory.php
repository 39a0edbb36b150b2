<?php

declare(strict_types=1);

namespace Pindle\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Children\ChildrenRoom;
use Pindle\App\Cupboard\CupboardRoom;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Content\Library;
use Pindle\App\Table\TableRoom;
use Pindle\App\Today\TodayRoom;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\Liking;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\HelpLevel;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\OwnMap;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Question\Ask;
use Pindle\Core\Question\Fact;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Simulation\SimulatedChild;
use Pindle\Core\Skill\SkillMap;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\Uid\Uuid;

/**
 * Twelve weeks in the life of the sample household: each day planned by the real planner, answered by simulated children,
 * recorded like any other. The same date and seed give the same weeks.
 */
final class DemoHistory
{
    public const DAYS = 84;
    private const DEVICE = '0197a000-0000-7000-8000-0000000000de';

    /** @var array<string, ChildRecord> */
    private array $records = [];

    /** @var array<string, array<string, list<Ending>>> */
    private array $endings = [];

    /** @var array<string, array<string, LocalDate>> */
    private array $resting = [];

    private int $ids = 0;

    public function __construct(
        private readonly DemoHousehold $household,
        private readonly ChildrenRoom $children,
        private readonly CupboardRoom $cupboard,
        private readonly TableRoom $table,
        private readonly TodayRoom $today,
        private readonly Planner $planner,
        private readonly SkillMap $map,
        private readonly Library $library,
        private readonly Clock $clock,
        private readonly EntityManagerInterface $entities,
    ) {
    }

    /**
     * Moves the household in and lives through its weeks; today is planned and still to be done.
     *
     * @return int tries recorded
     */
    public function write(int $seed): int
    {
        $today = $this->clock->today();
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $children = $this->household->children($today);
        $simulated = [];
        $first = $today->plusDays(-self::DAYS - 1);
        foreach ($children as $thread => $child) {
            $settings = $this->household->settings()[$thread];
            $simulated[$child->id] = SimulatedChild::ofAge($this->map, $child->ageInMonths($first) - 2, $random, $first);
            $children[$thread] = $this->firstLook($child->taught(Settings::chosen($settings, [], $child->ageInMonths($today))), $simulated[$child->id], $first, $random);
            $this->children->moveIn($children[$thread], $thread, $settings);
        }
        $things = $this->household->things();
        foreach ($things as $shippedId => $thing) {
            $this->cupboard->stock($thing, $shippedId);
        }
        $tries = 0;
        for ($back = self::DAYS; $back > 0; --$back) {
            $date = $today->plusDays(-$back);
            $isSunday = 3 === $date->dayNumber % 7;
            if ($isSunday || $random->getInt(1, 100) <= 22) {
                continue;
            }
            $tries += $this->liveThrough($date, $seed, $children, array_values($things), $simulated, $random);
        }
        $this->entities->flush();
        $this->entities->clear();
        $this->today->plan();

        return $tries;
    }

    /**
     * @param list<Child>                         $children
     * @param list<\Pindle\Core\Thing\Thing>      $things
     * @param array<string, SimulatedChild>       $simulated
     */
    private function liveThrough(LocalDate $date, int $seed, array $children, array $things, array $simulated, Randomizer $random): int
    {
        $learners = array_map(fn (Child $child): Learner => new Learner(
            $child,
            $this->records[$child->id],
            $child->minutesOn($date),
            array_map(static fn (array $endings): float => Liking::of($endings), $this->endings[$child->id] ?? []),
            $this->resting[$child->id] ?? [],
        ), $children);
        $plan = $this->planner->plan(new DayRequest($date, $seed, $learners, [new Span(540, 580), new Span(780, 810)], $things, [Place::Table, Place::Floor, Place::Outdoors]));
        $tries = 0;
        foreach ($plan->setUps as $setUp) {
            $tries += $this->sitThrough($date, $setUp, $simulated, $random);
        }

        return $tries;
    }

    /** @param array<string, SimulatedChild> $simulated */
    private function sitThrough(LocalDate $date, SetUp $setUp, array $simulated, Randomizer $random): int
    {
        $ending = match (true) {
            $random->getInt(1, 100) <= 8 => Ending::HadEnough,
            $random->getInt(1, 100) <= 12 => Ending::AskedForMore,
            default => Ending::Done,
        };
        $tries = [];
        $sittingIds = [];
        $followed = [];
        $words = $this->library->familyWords($setUp->family->id);
        foreach ($setUp->sittings as $sitting) {
            $childId = $sitting->childId;
            $sittingIds[$childId] = $this->id();
            $before = $this->records[$childId];
            $own = [];
            $questions = Ending::HadEnough === $ending ? \array_slice($sitting->questions, 0, 3) : $sitting->questions;
            foreach ($questions as $place => $question) {
                $help = Ladder::help($this->records[$childId]->state($question->stepId));
                [$outcome, $method, $slip] = $simulated[$childId]->answer($question, $help, $date, $place, $random);
                $try = new OneTry(
                    $this->id(),
                    $question->stepId,
                    $sittingIds[$childId],
                    $setUp->family->id,
                    [] === $this->map->step($question->stepId)->forms ? null : $sitting->form,
                    $help,
                    array_values(array_unique(array_map(static fn (Laid $laid): string => $laid->thing->id, $setUp->laid))),
                    $question->fact->key(),
                    $question->guess(),
                    $outcome,
                    // A simulated child knows nothing of the activity; what cannot be seen in it is left out.
                    \in_array($method?->value, $words->methods, true) ? $method : null,
                    \in_array($slip?->value, $words->slips, true) ? $slip : null,
                    $this->clock->instant($date, $setUp->span->start)->modify('+'.(60 + 35 * $place).' seconds'),
                    $date,
                    self::DEVICE,
                );
                $this->records[$childId] = $this->records[$childId]->with($try);
                $own[] = $try;
                $tries[] = [$try, $childId, $place];
            }
            $after = $this->records[$childId];
            $decision = Decision::after($sitting->stepId, $own, $before->mark($sitting->stepId, $date), $after, $ending, $date);
            $followed[$childId] = ['decision' => $decision, 'before' => $before->mark($sitting->stepId, $date), 'after' => $after->mark($sitting->stepId, $date)];
            $this->endings[$childId][$setUp->family->id][] = $ending;
            if (null !== $decision->days) {
                $this->resting[$childId][$sitting->stepId] = $date->plusDays($decision->days);
            }
        }
        $this->today->keepPast($setUp, $date, $this->id(), $sittingIds, $ending, $followed);
        foreach ($tries as [$try, $childId, $place]) {
            $this->table->keep($try, $childId, $place);
        }

        return \count($tries);
    }

    /** The first look that the parent had with each child on the day before the first, its answers kept like any other. */
    private function firstLook(Child $child, SimulatedChild $simulated, LocalDate $on, Randomizer $random): Child
    {
        $map = OwnMap::of($this->map, $child->settings);
        $lookId = $this->id();
        $look = FirstLook::of($map, $child->ageInMonths($on), [], [], $random);
        $tries = [];
        while (null !== $stepId = $look->next(array_keys($map->steps))) {
            $place = $look->tasks();
            $step = $map->step($stepId);
            [$outcome] = $simulated->answer(new Question($stepId, new Fact(Ask::HowMany, ['n' => $step->size()], $step->size()), Level::At), HelpLevel::Bare, $on, $place, $random);
            $look = $look->with(new Answer($stepId, $outcome), $random);
            $try = new OneTry($this->id(), $stepId, $lookId, 'first-look', $step->firstForm(), HelpLevel::Bare, [], 'first-look', Tracing::OPEN_GUESS, $outcome, null, null, $this->clock->instant($on, 600 + $place), $on, self::DEVICE, null, true);
            $this->table->keep($try, $child->id, $place);
            $tries[] = $try;
        }
        $this->children->looked($lookId, $child->id, $on);
        $placed = $child->knowing($look->chances());
        $this->records[$child->id] = ChildRecord::replay($this->map, $tries, $placed->settings, $placed->priors);

        return $placed;
    }

    private function id(): string
    {
        return Uuid::fromString(\sprintf('0197a000-0000-7001-8000-%012x', ++$this->ids))->toRfc4122();
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Household\Children;
use Pindle\App\Household\MadeEntity;
use Pindle\App\Household\MadeProps;
use Pindle\App\Household\Things;
use Pindle\App\Plan\Asked;
use Pindle\App\Plan\Planning;
use Pindle\App\Plan\SetUpState;
use Pindle\App\Plan\Sittings;
use Pindle\App\Plan\StoredSitting;
use Pindle\App\Platform\Clock;
use Pindle\App\Record\Evidence;
use Pindle\App\Record\FirstLooks;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\Liking;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\OwnMap;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Printable\Fit;
use Pindle\Core\Printable\Variant;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Kind\TellHowMany;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Simulation\SimulatedChild;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\StepwiseChild;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;
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

    /** The sample children are near what is usual for their ages. */
    private const SPREAD = 0.3;
    private const DEVICE = '0197a000-0000-7000-8000-0000000000de';

    /** @var array<string, ChildRecord> */
    private array $records = [];

    /** @var array<string, array<string, list<Ending>>> */
    private array $endings = [];

    /** @var array<string, array<string, LocalDate>> */
    private array $resting = [];

    /** @var array<string, array{Activity, int, LocalDate}> by id: how often it was laid out, and when first */
    private array $used = [];

    /** @var array<string, SimulatedParent> */
    private array $noting = [];

    private int $ids = 0;

    public function __construct(
        private readonly DemoHousehold $household,
        private readonly Children $children,
        private readonly Things $things,
        private readonly Evidence $evidence,
        private readonly Sittings $sittings,
        private readonly Planning $planning,
        private readonly FirstLooks $looks,
        private readonly Planner $planner,
        private readonly SkillMap $map,
        private readonly Clock $clock,
        private readonly EntityManagerInterface $entities,
        private readonly MadeProps $made,
        private readonly DemoJournal $journal,
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
            $simulated[$child->id] = StepwiseChild::ofAge($this->map, $child->ageInMonths($first), $random, $first, self::SPREAD);
            $children[$thread] = $this->firstLook(
                $child->taught(Settings::chosen($settings, [], $child->ageInMonths($today))),
                $simulated[$child->id],
                $first,
                $random,
            );
            $this->children->moveIn($children[$thread], $thread, $settings);
            $this->noting[$child->id] = $this->household->noting()[$thread];
        }
        $things = $this->household->things();
        foreach ($things as $shippedId => $thing) {
            $this->things->stock($thing, $shippedId);
        }
        $this->make($things);
        $attempts = 0;
        for ($back = self::DAYS; $back > 0; --$back) {
            $date = $today->plusDays(-$back);
            $isSunday = 3 === $date->dayNumber % 7;
            if ($isSunday || $random->getInt(1, 100) <= 22) {
                continue;
            }
            $attempts += $this->liveThrough($date, $seed, $children, array_values($things), $simulated, $random);
        }
        $this->journal->write($children);
        $this->entities->flush();
        $this->entities->clear();
        $this->planning->plan($today, static fn (): null => null);

        return $attempts;
    }

    /** @param array<string, Thing> $things by shipped id */
    private function make(array $things): void
    {
        foreach ($this->household->made() as [$kind, $reach, $state, $keptAt, $pagesDone, $shippedId]) {
            $thing = null === $shippedId ? null : $things[$shippedId];
            $fit = Fit::of($kind, Variant::Usual, $reach, $thing?->longSide(), new Settings());
            $this->made->keep(null, $fit, static function (MadeEntity $made) use ($reach, $state, $keptAt, $pagesDone, $thing): void {
                [$made->state, $made->keptAt, $made->pagesDone, $made->things] = [$state, $keptAt, $pagesDone, $thing?->name];
                $made->wish = array_filter(['reach' => $reach, 'thingId' => $thing?->id], static fn (mixed $one): bool => null !== $one);
            });
        }
    }

    /**
     * @param list<Child>                         $children
     * @param list<Thing>      $things
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
        $plan = $this->planner->plan(new DayRequest(
            $date,
            $seed,
            $learners,
            [new Span(540, 580), new Span(780, 810)],
            $things,
            [Place::Table, Place::Floor, Place::Outdoors],
            repertoire: Repertoire::on($date, array_values($this->used)),
        ));
        $attempts = 0;
        foreach ($plan->setUps as $setUp) {
            $before = $this->used[$setUp->activity->id] ?? [$setUp->activity, 0, $date];
            $this->used[$setUp->activity->id] = [$setUp->activity, $before[1] + 1, $before[2]];
            $attempts += $this->sitThrough($date, $setUp, $simulated, $random);
        }

        return $attempts;
    }

    /** @param array<string, SimulatedChild> $simulated */
    private function sitThrough(LocalDate $date, SetUp $setUp, array $simulated, Randomizer $random): int
    {
        $ending = match (true) {
            $random->getInt(1, 100) <= 8 => Ending::HadEnough,
            $random->getInt(1, 100) <= 12 => Ending::AskedForMore,
            default => Ending::Done,
        };
        $attempts = 0;
        $sittings = [];
        $followed = [];
        foreach ($setUp->sittings as $planned) {
            $childId = $planned->childId;
            $sitting = $planned->asking(array_map(fn (Question $question): Question => $question->named($this->id()), $planned->questions));
            $sittings[$childId] = new StoredSitting($this->id(), $sitting, [], [], []);
            $own = $tapped = $asked = $unnoted = $helps = [];
            foreach (Ending::HadEnough === $ending ? \array_slice($sitting->questions, 0, 3) : $sitting->questions as $number => $question) {
                [$kind, $step] = [Kind::of($question->prompt), $this->map->step($question->stepId)];
                $isCheck = Level::Check === $question->level;
                $help = $isCheck ? Help::Bare : $helps[$step->id] ?? Ladder::help($this->records[$childId]->state($step->id));
                [$outcome, $method, $slip] = $simulated[$childId]->answer($question, $help, $date, $number, $random);
                $asked[] = $question->id;
                $noted = $isCheck ? $outcome : $this->noting[$childId]->tap($outcome, $random);
                if (null === $noted) {
                    $unnoted[] = $outcome;
                    $helps[$step->id] = $help->less();
                    continue;
                }
                $tap = new Asked(
                    $childId,
                    $question,
                    $sitting->course(),
                    $sitting->courseOf($question)->form,
                    $setUp->activity->id,
                    $setUp->thingIds(),
                    $date,
                    SetUpState::Planned,
                );
                $attempt = $tap->attempt(
                    $this->id(),
                    $sittings[$childId]->id,
                    $this->map,
                    $help,
                    $noted,
                    // A simulated child knows nothing of the question; what cannot be seen in it is left out.
                    \in_array($method, $kind->methods($step), true) ? $method : null,
                    \in_array($slip, $kind->slips($step), true) ? $slip : null,
                    $this->clock->instant($date, $setUp->span->start)->modify('+'.(60 + 35 * $number).' seconds'),
                    $date,
                    self::DEVICE,
                );
                $this->records[$childId] = $this->records[$childId]->with($attempt);
                $own[] = $attempt;
                $tapped[] = $question->id;
                $this->evidence->keep($attempt, $childId, $question->id);
                ++$attempts;
            }
            $mark = $this->noting[$childId]->closes($unnoted, $random);
            $closings = null === $mark ? [] : $this->closings($mark, $setUp, $sittings[$childId], $tapped, $asked, $date);
            $after = $this->records[$childId];
            $followed[$childId] = array_map(static fn (Course $course): array => [
                'decision' => Decision::after($course->stepId, [...$own, ...$closings], $course->before, $after, $ending, $date),
                'after' => $after->mark($course->stepId),
            ], $sitting->courses);
            $this->endings[$childId][$setUp->activity->id][] = $ending;
            foreach ($followed[$childId] as $i => ['decision' => $decision]) {
                if (null !== $decision->days) {
                    $this->resting[$childId][$sitting->courses[$i]->stepId] = $date->plusDays($decision->days);
                }
            }
        }
        $asDone = array_map(static fn (StoredSitting $stored): Sitting => $stored->sitting, array_values($sittings));
        $this->sittings->keepPast($setUp->sitting($asDone), $date, $this->id(), $sittings, $ending, $followed);

        return $attempts;
    }

    /**
     * What the parent said of a whole sitting, for each of its courses.
     *
     * @param list<string> $tapped ids of questions
     * @param list<string> $asked  ids of questions, in order
     *
     * @return list<Closing>
     */
    private function closings(ClosingMark $mark, SetUp $setUp, StoredSitting $stored, array $tapped, array $asked, LocalDate $date): array
    {
        $closings = [];
        foreach ($stored->sitting->courses as $course) {
            $closing = new Closing(
                $this->id(),
                $course->stepId,
                $stored->id,
                $setUp->activity->id,
                $course->form,
                $setUp->thingIds(),
                $mark,
                $stored->sitting->covered($course, $tapped, $asked),
                $this->clock->instant($date, $setUp->span->end),
                $date,
                self::DEVICE,
            );
            $childId = $stored->sitting->childId;
            $this->records[$childId] = $this->records[$childId]->with($closing);
            $this->evidence->keepClosing($closing, $childId);
            $closings[] = $closing;
        }

        return $closings;
    }

    /** The first look that the parent had with each child on the day before the first, its answers kept like any other. */
    private function firstLook(Child $child, SimulatedChild $simulated, LocalDate $on, Randomizer $random): Child
    {
        $map = OwnMap::of($this->map, $child->settings);
        $lookId = $this->id();
        $look = FirstLook::of($map, $child->ageInMonths($on), [], [], $random);
        $attempts = [];
        while (null !== $stepId = $look->next(array_keys($map->steps))) {
            $task = $look->tasks();
            $step = $map->step($stepId);
            [$outcome] = $simulated->answer(new Question($stepId, new TellHowMany('how-many', $step->size), Level::At), Help::Bare, $on, $task, $random);
            $look = $look->with(new Answer($stepId, $outcome), $random);
            $attempt = Attempt::ofLook($this->id(), $step, $lookId, $outcome, $this->clock->instant($on, 600 + $task), $on, self::DEVICE);
            $this->evidence->keep($attempt, $child->id, $attempt->id);
            $attempts[] = $attempt;
        }
        $this->looks->keepPast($lookId, $child->id, $on);
        $placed = $child->knowing($look->chances());
        $this->records[$child->id] = ChildRecord::replay($this->map, $attempts, $placed->settings, $placed->priors);

        return $placed;
    }

    private function id(): string
    {
        return Uuid::fromString(\sprintf('0197a000-0000-7001-8000-%012x', ++$this->ids))->toRfc4122();
    }
}

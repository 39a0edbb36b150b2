<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Advice\SureSteps;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\SetSize;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Memory;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Standing;
use Pindle\Core\Evidence\StepState;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\Question\Kind\NameNumeral;
use Pindle\Core\Question\Kind\TellHowMany;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Simulation\SimulatedChild;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Sixty days of two sittings a day, with as many questions as go by age, then thirty days of nothing. The ways of choosing the step and of
 * noting what was seen differ; the child, its first look, the helps, forms and questions are the same.
 */
final class SixtyDays
{
    public const LEARNT = ['known at the start', 'known after 60 days', 'learnt', 'known 30 days later', 'learnt and still there'];
    public const MARKS = ['marks found', 'false', 'false below 0.6', 'false where forgotten fast', 'lost though known'];
    public const SITTINGS = ['sittings', 'on known steps', 'most tries at one step in 30 days'];

    private const DAYS = 60;
    private const IDLE = 30;
    private const SITTINGS_A_DAY = 2;

    /** Tries at one step are counted over so many days. */
    private const MONTH = 30;

    /** A mark is quite wrong where the true chance is under this. */
    private const QUITE_WRONG = 0.6;

    private SimulatedChild $child;
    private ChildRecord $record;
    private Randomizer $random;

    /** @var array<string, true> steps that went perfectly once, for the way that takes the map in order */
    private array $passed = [];

    /** @var array<string, LocalDate> step id => the day it may come back */
    private array $resting = [];

    /** @var array<string, list<int>> step id => days of its tries */
    private array $tries = [];

    private int $sittings = 0;
    private int $onKnown = 0;

    /** @var list<bool> for every mark that was lost, whether the child still knew the step */
    private array $lost = [];

    public function __construct(private readonly SkillMap $map, private readonly Figures $figures)
    {
    }

    /** @param list<Run> $runs */
    public function child(Simulator $simulator, int $number, array $runs): void
    {
        $start = LocalDate::parse('2026-01-01');
        $months = FirstLookBench::AGES[$number % \count(FirstLookBench::AGES)];
        $random = new Randomizer(new Xoshiro256StarStar(50_000 + $number));
        $child = $simulator->child($this->map, $months, $random, $start);
        $before = $this->known($child, $start);
        $record = $this->firstLook($child, $months, $start, $random);
        foreach ($runs as $run) {
            $this->begin(clone $child, $record, new Randomizer(new Xoshiro256StarStar(70_000 + $number)));
            for ($day = 1; $day <= self::DAYS; ++$day) {
                $on = $start->plusDays($day);
                for ($sitting = 0; $sitting < self::SITTINGS_A_DAY && !$this->child->isMissed($on); ++$sitting) {
                    $this->sit($run, $on, $sitting, SetSize::atAge($months)->most);
                }
            }
            $this->measure($run->row, $before, $start);
        }
    }

    private function begin(SimulatedChild $child, ChildRecord $record, Randomizer $random): void
    {
        [$this->child, $this->record, $this->random] = [$child, $record, $random];
        $this->passed = $this->resting = $this->tries = $this->lost = [];
        $this->sittings = $this->onKnown = 0;
    }

    private function firstLook(SimulatedChild $child, int $months, LocalDate $on, Randomizer $random): ChildRecord
    {
        $look = FirstLook::of($this->map, $months, [], [], $random);
        for ($task = 0; null !== ($stepId = $look->next(array_keys($this->map->steps))); ++$task) {
            [$outcome] = $child->answer(self::question($stepId, $task), Help::Bare, $on, $task, $random);
            $look = $look->with(new Answer($stepId, $outcome), $random);
        }

        return ChildRecord::blank($this->map, priors: $look->chances());
    }

    private function sit(Run $run, LocalDate $on, int $sitting, int $questions): void
    {
        $stepId = $this->choose($run, $on, $questions);
        if (null === $stepId) {
            return;
        }
        $before = $this->record;
        $isLook = $before->mark($stepId, $on)->wasSecured();
        ++$this->sittings;
        $this->onKnown += !$isLook && $this->child->knows($stepId, $on) ? 1 : 0;
        $ids = $this->steps($run, $stepId, $on, $questions);
        $seen = $own = $unnoted = [];
        for ($i = 0; $i < $questions && 3 > \count(array_filter($seen, static fn (Outcome $outcome): bool => Outcome::NotYet === $outcome)); ++$i) {
            $id = $ids[$i];
            $help = Ladder::help($this->record->state($id));
            $question = self::question($id, $i);
            [$outcome] = $this->child->answer($question, $help, $on, $i, $this->random);
            $this->tries[$id][] = $on->dayNumber;
            $seen[] = $outcome;
            $noted = $run->parent->tap($outcome, $this->random);
            if (null === $noted) {
                $unnoted[] = [$question, $help, $outcome, $i];
                continue;
            }
            $attempt = $this->attempt($question, $help, $noted, $on, $sitting, $i);
            $this->note($attempt);
            if ($id === $stepId) {
                $own[] = $attempt;
            }
        }
        foreach ($run->parent->writesDown($seen) ? $unnoted : [] as [$question, $help, $outcome, $i]) {
            $attempt = $this->attempt($question, $help, $outcome, $on, $sitting, $i);
            $this->note($attempt);
            if ($question->stepId === $stepId) {
                $own[] = $attempt;
            }
        }
        if ([] !== $own && [] === array_filter($own, static fn (Attempt $attempt): bool => !$attempt->isUnaided())) {
            $this->passed[$stepId] = true;
        }
        $decision = Decision::after($stepId, $own, $before->mark($stepId, $on), $this->record, Ending::Done, $on);
        if (null !== $decision->days) {
            $this->resting[$stepId] = $on->plusDays($decision->days);
        }
    }

    private function choose(Run $run, LocalDate $on, int $questions): ?string
    {
        return match ($run->way) {
            Way::Pindle => $this->ranked($this->record, $on, $questions)[0]->step->id ?? null,
            Way::SeesWorth => $this->ranked($this->seen($on), $on, $questions)[0]->step->id ?? null,
            Way::SeesGain => $this->mostGained($on, $questions),
            Way::RandomReady => $this->randomReady($on),
            Way::MapOrder => $this->nextInOrder(),
        };
    }

    /** @return list<RankedStep> */
    private function ranked(ChildRecord $record, LocalDate $on, int $questions): array
    {
        $ranked = array_values(array_filter(
            Ranking::of($record, $on, max(1, $questions - 2)),
            fn (RankedStep $step): bool => !isset($this->resting[$step->step->id]) || !$this->resting[$step->step->id]->isAfter($on),
        ));

        return Ranking::withoutTooMuchNew($ranked, $record);
    }

    /** The record as it would be if nothing were hidden: what is known is Secure until it is nearly gone, of all else the true chance. */
    private function seen(LocalDate $on): ChildRecord
    {
        $states = [];
        foreach ($this->map->steps as $id => $step) {
            $state = $this->record->state($id);
            $knows = $this->child->knows($id, $on);
            $p = max(Tracing::LEAST, min(Tracing::MOST, $this->child->chance($id, $on)));
            $fades = $knows ? max(1.0, $this->child->daysLeft($id, $on)) : 4.0;
            $states[$id] = new StepState(
                $p,
                $knows ? new Memory($fades <= 3.0 ? 1.0 : $fades, $on->plusDays($fades <= 3.0 ? -1 : 0)) : new Memory(),
                $state->ladder,
                $state->window,
                $state->spread,
                new Standing($knows),
                $state->touched,
            );
        }

        return ChildRecord::kept($this->map, $this->record->settings, $states, $this->record->lastSittings);
    }

    private function randomReady(LocalDate $on): ?string
    {
        $ready = [];
        foreach ($this->map->steps as $step) {
            if (Mark::Secure !== $this->record->mark($step->id, $on) && [] === $this->record->missingNeeds($step->id, $on)) {
                $ready[] = $step->id;
            }
        }

        return [] === $ready ? null : $ready[$this->random->getInt(0, \count($ready) - 1)];
    }

    private function nextInOrder(): ?string
    {
        foreach (FirstLookBench::mapOrder($this->map) as $stepId) {
            if (!isset($this->passed[$stepId])) {
                return $stepId;
            }
        }

        return null;
    }

    /** The step where a sitting adds most, or keeps most from being lost within days. */
    private function mostGained(LocalDate $on, int $questions): ?string
    {
        $best = null;
        $most = 0.0;
        foreach ($this->map->steps as $step) {
            if ($this->child->knows($step->id, $on)) {
                $value = max(0.0, 0.6 - 0.1 * $this->child->daysLeft($step->id, $on));
            } else {
                $learning = $this->child->learning($step->id, $on, max(1, $questions - 2));
                $value = $learning;
                foreach ($this->map->dependents($step->id) as $dependent) {
                    $others = array_filter(
                        $this->map->step($dependent)->needs,
                        fn (string $need): bool => $need !== $step->id && !$this->child->knows($need, $on),
                    );
                    $value += [] === $others && !$this->child->knows($dependent, $on) ? 0.25 * $learning : 0.0;
                }
            }
            if ($value > $most) {
                [$best, $most] = [$step->id, $value];
            }
        }

        return $best;
    }

    /** @return list<string> the step of each question of a sitting */
    private function steps(Run $run, string $stepId, LocalDate $on, int $questions): array
    {
        $step = $this->map->step($stepId);
        $others = array_values(array_filter(
            $this->map->steps,
            static fn (Step $other): bool => $other->id !== $stepId && $other->skill->strand === $step->skill->strand,
        ));
        $last = SureSteps::last($this->record, $others, $on)?->id;
        // Beginning with what has faded most is part of Pindle's choice; the others begin with what is furthest.
        $first = Way::Pindle === $run->way ? SureSteps::first($this->record, $others, $on)?->id : $last;

        return [$first ?? $stepId, ...array_fill(0, max(0, $questions - 2), $stepId), $last ?? $stepId];
    }

    private function attempt(Question $question, Help $help, Outcome $outcome, LocalDate $on, int $sitting, int $i): Attempt
    {
        $step = $this->map->step($question->stepId);
        // Another activity and other things each day a step is met.
        $kind = ($on->dayNumber + $sitting) % 3;

        return new Attempt(
            \sprintf('%05d-%d-%d', $on->dayNumber, $sitting, $i),
            $step->id,
            $on->dayNumber.'-'.$sitting,
            'activity-'.$kind,
            Ladder::form($step, $this->record->state($step->id), null === $step->before ? null : $this->record->state($step->before)),
            $help,
            ['thing-'.$kind],
            $question->prompt->key(),
            $question->prompt->choices(),
            $outcome,
            null,
            null,
            $on->toDateTime()->modify('+'.(9 * 3600 + $sitting * 7200 + $i * 40).' seconds'),
            $on,
            'device',
            $step->skill->isGuess() ? ($outcome->isSuccess() ? 0.1 : 0.7) : null,
        );
    }

    private function note(Attempt $attempt): void
    {
        $was = $this->record->state($attempt->stepId)->standing->secured;
        $this->record = $this->record->with($attempt);
        if ($was && !$this->record->state($attempt->stepId)->standing->secured) {
            $this->lost[] = $this->child->knows($attempt->stepId, $attempt->day);
        }
    }

    /** @param array<string, true> $before */
    private function measure(string $row, array $before, LocalDate $start): void
    {
        $end = $start->plusDays(self::DAYS);
        $after = $this->known($this->child, $end);
        $later = $this->known($this->child, $end->plusDays(self::IDLE));
        $values = [\count($before), \count($after), \count(array_diff_key($after, $before)), \count($later), \count(array_diff_key($later, $before))];
        foreach (self::LEARNT as $i => $measure) {
            $this->figures->add($row, $measure, (float) $values[$i]);
        }
        $found = 0;
        foreach ($this->map->steps as $step) {
            if (Mark::Secure !== $this->record->mark($step->id, $end)) {
                continue;
            }
            ++$found;
            $wrong = $this->child->knows($step->id, $end) ? 0.0 : 1.0;
            $this->figures->add($row, 'false', $wrong);
            $this->figures->add($row, 'false below 0.6', $this->child->chance($step->id, $end) < self::QUITE_WRONG ? 1.0 : 0.0);
            if ($this->child->forgetsFast()) {
                $this->figures->add($row, 'false where forgotten fast', $wrong);
            }
        }
        $this->figures->add($row, 'marks found', (float) $found);
        foreach ($this->lost as $known) {
            $this->figures->add($row, 'lost though known', $known ? 1.0 : 0.0);
        }
        $this->figures->add($row, 'sittings', (float) $this->sittings);
        $this->figures->add($row, 'on known steps', 0 === $this->sittings ? 0.0 : $this->onKnown / $this->sittings);
        $this->figures->add($row, 'most tries at one step in 30 days', (float) max([0, ...array_map(self::mostInAMonth(...), array_values($this->tries))]));
    }

    /** @param list<int> $days of the tries at one step, in order */
    private static function mostInAMonth(array $days): int
    {
        $most = 0;
        foreach ($days as $i => $day) {
            $most = max($most, \count(array_filter(\array_slice($days, $i), static fn (int $other): bool => $other < $day + self::MONTH)));
        }

        return $most;
    }

    /** @return array<string, true> */
    private function known(SimulatedChild $child, LocalDate $on): array
    {
        return array_fill_keys(array_filter(array_keys($this->map->steps), static fn (string $id): bool => $child->knows($id, $on)), true);
    }

    /** Every other question has three answers to choose from, the others are open. */
    private static function question(string $stepId, int $number): Question
    {
        return new Question(
            $stepId,
            1 === $number % 2 ? new NameNumeral('find-numeral', 1 + $number) : new TellHowMany('how-many', 1 + $number),
            Level::At,
        );
    }
}

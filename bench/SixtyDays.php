<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Ranking;
use Pindle\Core\Advice\Resting;
use Pindle\Core\Advice\SureSteps;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Advice\LiveAdvice;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\Seen;
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
use Pindle\Core\Skill\Form;
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
    public const MARKS = ['marks found', 'false', 'false below 0.6', 'false where forgotten fast', 'false where a look is due', 'lost though known'];
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

    /** @var array<string, array<string, true>> step id => the steps that some activity can ask about as well */
    private readonly array $partners;

    /** @var array<string, list<int>> step id => days of its tries */
    private array $tries = [];

    /** @var array<string, bool> whether the child knew the steps of this sitting before it began: what goes wrong in it is practice as well */
    private array $knew = [];

    private int $sittings = 0;
    private int $onKnown = 0;

    /** @var list<bool> for every mark that was lost, whether the child still knew the step */
    private array $lost = [];

    public function __construct(private readonly SkillMap $map, Catalogue $catalogue, private readonly Figures $figures)
    {
        $partners = [];
        foreach ($catalogue->activities as $activity) {
            $asks = array_filter($map->steps, static fn (Step $step): bool => [] !== array_filter(
                [] === $step->forms ? [null] : $step->forms,
                static fn (?Form $form): bool => $activity->shows($step, $form),
            ));
            foreach (array_keys($asks) as $one) {
                foreach (array_keys($asks) as $other) {
                    if ($one !== $other) {
                        $partners[$one][$other] = true;
                    }
                }
            }
        }
        $this->partners = $partners;
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
        $courses = $this->choose($run, $on, $questions);
        if ([] === $courses) {
            return;
        }
        $before = $this->record;
        $main = $courses[0];
        ++$this->sittings;
        $this->onKnown += !$before->state($main)->standing->isCanDo() && $this->child->knows($main, $on) ? 1 : 0;
        $check = CanDoClauses::isCheckDue($this->map->step($main), $before->state($main));
        $ids = $this->steps($run, $courses, $on, $questions, $check);
        $seen = $noted = $unnoted = $helps = $this->knew = [];
        foreach (array_unique($ids) as $id) {
            $this->knew[$id] = $this->child->knows($id, $on);
        }
        foreach ($ids as $i => $id) {
            if (\count(array_filter($seen, static fn (Outcome $outcome): bool => Outcome::NotYet === $outcome)) >= LiveAdvice::MOST_NOT_YET) {
                break;
            }
            $isCheck = $check && $id === $main && $i < CanDoClauses::CHECK;
            // Where nothing is tapped, help fades from question to question.
            $help = $isCheck ? Help::Bare : $helps[$id] ?? Ladder::help($this->record->state($id));
            $question = self::question($id, $isCheck ? 2 * $i : $i);
            [$outcome] = $this->child->answer($question, $help, $on, $i, $this->random);
            $this->tries[$id][] = $on->dayNumber;
            $seen[] = $outcome;
            $tapped = $isCheck ? $outcome : $run->parent->tap($outcome, $this->random);
            if (null === $tapped) {
                $unnoted[] = [$question, $help, $outcome, $i];
                $helps[$id] = $help->less();
                continue;
            }
            $noted[] = $this->attempt($question, $help, $tapped, $on, $sitting, $i, $isCheck ? Purpose::Check : Purpose::Sitting);
            $this->note($noted[\count($noted) - 1]);
            unset($helps[$id]);
        }
        foreach ($run->parent->writesDown($seen) ? $unnoted : [] as [$question, $help, $outcome, $i]) {
            $noted[] = $this->attempt($question, $help, $outcome, $on, $sitting, $i, Purpose::Sitting);
            $this->note($noted[\count($noted) - 1]);
        }
        $closing = $run->parent->closes(array_column($unnoted, 2), $this->random);
        if (null !== $closing) {
            foreach ($courses as $nth => $stepId) {
                $covered = array_filter($unnoted, static fn (array $one): bool => $one[0]->stepId === $stepId && Help::Bare === $one[1]);
                $this->note($this->closing($stepId, $closing, \count($covered), $on, $sitting, $nth));
            }
        }
        foreach ($courses as $stepId) {
            $own = array_values(array_filter($noted, static fn (Attempt $attempt): bool => $attempt->stepId === $stepId));
            if ([] !== $own && [] === array_filter($own, static fn (Attempt $attempt): bool => !$attempt->isUnaided())) {
                $this->passed[$stepId] = true;
            }
            $decision = Decision::after($stepId, $own, $before->mark($stepId), $this->record, Ending::Done, $on, $run->choosing);
            if (null !== $decision->days) {
                $this->resting[$stepId] = $on->plusDays($decision->days);
            }
        }
    }

    /** @return list<string> the step or the two steps of a sitting, the main one first */
    private function choose(Run $run, LocalDate $on, int $questions): array
    {
        if (Way::Pindle !== $run->way && Way::SeesWorth !== $run->way) {
            $one = match ($run->way) {
                Way::SeesGain => $this->mostGained($on, $questions),
                Way::RandomReady => $this->randomReady($on),
                default => $this->nextInOrder(),
            };

            return null === $one ? [] : [$one];
        }
        $ranked = $this->ranked(Way::Pindle === $run->way ? $this->record : $this->seen($on), $on, $questions, $run->choosing);
        $main = array_shift($ranked);
        if (null === $main) {
            return [];
        }
        foreach ($run->choosing->courses > 1 ? $ranked : [] as $other) {
            if (isset($this->partners[$main->step->id][$other->step->id]) && !($main->brandNew && $other->brandNew)) {
                return [$main->step->id, $other->step->id];
            }
        }

        return [$main->step->id];
    }

    /** @return list<RankedStep> */
    private function ranked(ChildRecord $record, LocalDate $on, int $questions, Choosing $choosing): array
    {
        return array_values(array_filter(
            Ranking::of($record, $on, max(1, $questions - 2), choosing: $choosing),
            fn (RankedStep $step): bool => !Resting::holds($step, $record, $this->resting, $on),
        ));
    }

    /** The record as it would be if nothing were hidden: what is known is Can do until it is nearly gone, of all else the true chance. */
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
                new Standing($knows ? $on : null),
                $state->touched,
            );
        }

        return ChildRecord::kept($this->map, $this->record->settings, $states, $this->record->lastSittings);
    }

    private function randomReady(LocalDate $on): ?string
    {
        $ready = [];
        foreach ($this->map->steps as $step) {
            if (Mark::CanDo !== $this->record->mark($step->id) && [] === $this->record->missingNeeds($step->id)) {
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

    /**
     * @param list<string> $courses
     *
     * @return list<string> the step of each question of a sitting
     */
    private function steps(Run $run, array $courses, LocalDate $on, int $questions, bool $check): array
    {
        $main = $this->map->step($courses[0]);
        $others = array_values(array_filter(
            $this->map->steps,
            fn (Step $other): bool => !\in_array($other->id, $courses, true) && $other->size <= $main->size && isset($this->partners[$main->id][$other->id]),
        ));
        $last = !$run->choosing->closes ? null : SureSteps::last($this->record, $others, $on)?->id;
        // Beginning with what has faded most is part of Pindle's choice; the others begin with what is furthest.
        $first = !$run->choosing->opens || $check ? null : (Way::Pindle === $run->way ? SureSteps::first($this->record, $others, $on)?->id : $last);
        $steps = $check ? array_fill(0, CanDoClauses::CHECK, $main->id) : [$first ?? $main->id];
        $second = $courses[1] ?? $main->id;
        for ($turn = 1; \count($steps) < $questions - 1; ++$turn) {
            $steps[] = 0 === $turn % 2 || $check ? $second : $main->id;
        }
        $steps[] = $last ?? $main->id;

        return \array_slice($steps, 0, max($questions, CanDoClauses::CHECK));
    }

    private function attempt(Question $question, Help $help, Outcome $outcome, LocalDate $on, int $sitting, int $i, Purpose $purpose): Attempt
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
            $purpose,
        );
    }

    private function closing(string $stepId, ClosingMark $mark, int $covers, LocalDate $on, int $sitting, int $nth): Closing
    {
        $step = $this->map->step($stepId);
        $kind = ($on->dayNumber + $sitting) % 3;

        return new Closing(
            \sprintf('%05d-%d-z%d', $on->dayNumber, $sitting, $nth),
            $stepId,
            $on->dayNumber.'-'.$sitting,
            'activity-'.$kind,
            Ladder::form($step, $this->record->state($stepId), null === $step->before ? null : $this->record->state($step->before)),
            ['thing-'.$kind],
            $mark,
            $covers,
            $on->toDateTime()->modify('+'.(9 * 3600 + $sitting * 7200 + 900 + $nth).' seconds'),
            $on,
            'device',
        );
    }

    private function note(Seen $seen): void
    {
        $was = $this->record->state($seen->stepId)->standing->isCanDo();
        $this->record = $this->record->with($seen);
        if ($was && !$this->record->state($seen->stepId)->standing->isCanDo()) {
            $this->lost[] = $this->knew[$seen->stepId] ?? $this->child->knows($seen->stepId, $seen->day);
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
            if (Mark::CanDo !== $this->record->mark($step->id)) {
                continue;
            }
            ++$found;
            if ($this->record->isWorthALook($step->id, $end)) {
                $this->figures->add($row, 'false where a look is due', $this->child->knows($step->id, $end) ? 0.0 : 1.0);
                continue;
            }
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

<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Advice\Choosing;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Advice\Counters;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\Seen;
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
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** One simulated child sits day after day with a simulated parent, who notes what they see; and what came of it. */
final class Life
{
    public const LEARNT = ['known at the start', 'known after 60 days', 'learnt', 'known 30 days later', 'learnt and still there'];
    public const MARKS = ['found', 'false', 'false below 0.6', 'false where forgotten fast', 'false where a look is due', 'lost though known'];
    public const SITTINGS = ['sittings', 'on known steps', 'most tries at one step in 30 days'];

    /** Tries at one step are counted over so many days. */
    private const MONTH = 30;

    /** A mark is quite wrong where the true chance is under this. */
    private const QUITE_WRONG = 0.6;

    public ChildRecord $record;

    /** @var array<string, LocalDate> step id => the day it may come back */
    public array $resting = [];

    public int $sittings = 0;
    public int $onKnown = 0;

    /** @var array<string, list<int>> step id => days of its tries */
    private array $tries = [];

    /** @var array<string, bool> whether the child knew the steps of this sitting before it began: what goes wrong in it is practice as well */
    private array $knew = [];

    /** @var list<bool> for every mark that was lost, whether the child still knew the step */
    private array $lost = [];

    /** @param array<string, true> $before steps known at the start */
    private function __construct(
        private readonly SkillMap $map,
        public readonly int $months,
        public readonly SimulatedChild $child,
        public readonly array $before,
        ChildRecord $record,
        private readonly SimulatedParent $parent,
        private readonly Choosing $choosing,
        public readonly Randomizer $random,
    ) {
        $this->record = $record;
    }

    /** A child of so many months who was just looked at for the first time; the same for the same number. */
    public static function begin(SkillMap $map, Simulator $simulator, int $months, int $number, LocalDate $start): self
    {
        $random = new Randomizer(new Xoshiro256StarStar(50_000 + $number));
        $child = $simulator->child($map, $months, $random, $start);
        $before = self::known($map, $child, $start);
        $look = FirstLook::of($map, $months, [], [], $random);
        for ($task = 0; null !== ($stepId = $look->next(array_keys($map->steps))); ++$task) {
            [$outcome] = $child->answer(self::question($stepId, $task), Help::Bare, $start, $task, $random);
            $look = $look->with(new Answer($stepId, $outcome), $random);
        }
        $record = ChildRecord::blank($map, priors: $look->chances());

        return new self($map, $months, $child, $before, $record, SimulatedParent::TapsAll, new Choosing(), $random);
    }

    /** The same child at the same beginning, with this parent. */
    public function with(SimulatedParent $parent, Choosing $choosing, int $seed): self
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));

        return new self($this->map, $this->months, clone $this->child, $this->before, $this->record, $parent, $choosing, $random);
    }

    /** Every other question has three answers to choose from, the others are open. */
    public static function question(string $stepId, int $number, Level $level = Level::At): Question
    {
        return new Question(
            $stepId,
            1 === $number % 2 ? new NameNumeral('find-numeral', 1 + $number) : new TellHowMany('how-many', 1 + $number),
            $level,
        );
    }

    /**
     * @param list<Question>         $questions
     * @param non-empty-list<string> $courses   step ids, the main one first
     *
     * @return list<Attempt> what was noted question by question
     */
    public function sit(array $questions, array $courses, Spot $spot): array
    {
        $before = $this->record;
        ++$this->sittings;
        $this->onKnown += !$before->state($courses[0])->standing->isCanDo() && $this->child->knows($courses[0], $spot->on) ? 1 : 0;
        $seen = $noted = $unnoted = $helps = $this->knew = [];
        foreach ($questions as $question) {
            $this->knew[$question->stepId] ??= $this->child->knows($question->stepId, $spot->on);
        }
        foreach ($questions as $i => $question) {
            if (\count(array_filter($seen, static fn (Outcome $outcome): bool => Outcome::NotYet === $outcome)) >= Counters::MOST_NOT_YET) {
                break;
            }
            $id = $question->stepId;
            $isCheck = Level::Check === $question->level;
            // Where nothing is tapped, help fades from question to question.
            $help = $isCheck ? Help::Bare : $helps[$id] ?? Ladder::help($this->record->state($id));
            [$outcome] = $this->child->answer($question, $help, $spot->on, $i, $this->random);
            $this->tries[$id][] = $spot->on->dayNumber;
            $seen[] = $outcome;
            $tapped = $isCheck ? $outcome : $this->parent->tap($outcome, $this->random);
            if (null === $tapped) {
                $unnoted[] = [$question, $help, $outcome, $i];
                $helps[$id] = $help->less();
                continue;
            }
            $noted[] = $this->attempt($question, $help, $tapped, $i, $spot);
            unset($helps[$id]);
        }
        foreach ($this->parent->writesDown($seen) ? $unnoted : [] as [$question, $help, $outcome, $i]) {
            $noted[] = $this->attempt($question, $help, $outcome, $i, $spot);
        }
        $closing = $this->parent->closes(array_column($unnoted, 2), $this->random);
        $closings = [];
        if (null !== $closing) {
            foreach ($courses as $nth => $stepId) {
                $covered = array_filter($unnoted, static fn (array $one): bool => $one[0]->stepId === $stepId && Help::Bare === $one[1]);
                $closings[] = $this->closing($stepId, $closing, \count($covered), $nth, $spot);
            }
        }
        foreach ($courses as $stepId) {
            $decision = Decision::after($stepId, [...$noted, ...$closings], $before->mark($stepId), $this->record, Ending::Done, $spot->on, $this->choosing);
            if (null !== $decision->days) {
                $this->resting[$stepId] = $spot->on->plusDays($decision->days);
            }
        }

        return $noted;
    }

    /** @return array<string, true> */
    public function knows(LocalDate $on): array
    {
        return self::known($this->map, $this->child, $on);
    }

    /** Most tries there were at one step within thirty days. */
    public function mostTries(): int
    {
        return max([0, ...array_map(self::mostInAMonth(...), array_values($this->tries))]);
    }

    public function countMarks(Figures $figures, string $row, LocalDate $end): void
    {
        $found = 0;
        foreach ($this->map->steps as $step) {
            if (Mark::CanDo !== $this->record->mark($step->id)) {
                continue;
            }
            ++$found;
            $wrong = $this->child->knows($step->id, $end) ? 0.0 : 1.0;
            if ($this->record->isWorthALook($step->id, $end)) {
                $figures->add($row, 'false where a look is due', $wrong);
                continue;
            }
            $figures->add($row, 'false', $wrong);
            $figures->add($row, 'false below 0.6', $this->child->chance($step->id, $end) < self::QUITE_WRONG ? 1.0 : 0.0);
            if ($this->child->forgetsFast()) {
                $figures->add($row, 'false where forgotten fast', $wrong);
            }
        }
        $figures->add($row, 'found', (float) $found);
        foreach ($this->lost as $known) {
            $figures->add($row, 'lost though known', $known ? 1.0 : 0.0);
        }
    }

    public function countSittings(Figures $figures, string $row): void
    {
        $figures->add($row, 'sittings', (float) $this->sittings);
        $figures->add($row, 'on known steps', 0 === $this->sittings ? 0.0 : $this->onKnown / $this->sittings);
        $figures->add($row, 'most tries at one step in 30 days', (float) $this->mostTries());
    }

    private function attempt(Question $question, Help $help, Outcome $outcome, int $i, Spot $spot): Attempt
    {
        $step = $this->map->step($question->stepId);
        $isCheck = Level::Check === $question->level;
        $attempt = new Attempt(
            $spot->sittingId.'-'.\chr(\ord('a') + $i),
            $step->id,
            $spot->sittingId,
            $spot->activityId,
            $isCheck ? $step->lastForm() : $this->form($step->id),
            $help,
            $spot->thingIds,
            $question->prompt->key(),
            $question->prompt->choices(),
            $outcome,
            null,
            null,
            $spot->at(40 * $i),
            $spot->on,
            'device',
            $step->skill->isGuess() ? ($outcome->isSuccess() ? 0.1 : 0.7) : null,
            $isCheck ? Purpose::Check : Purpose::Sitting,
        );
        $this->note($attempt);

        return $attempt;
    }

    private function closing(string $stepId, ClosingMark $mark, int $covers, int $nth, Spot $spot): Closing
    {
        $closing = new Closing(
            $spot->sittingId.'-z'.$nth,
            $stepId,
            $spot->sittingId,
            $spot->activityId,
            $this->form($stepId),
            $spot->thingIds,
            $mark,
            $covers,
            $spot->at(900 + $nth),
            $spot->on,
            'device',
        );
        $this->note($closing);

        return $closing;
    }

    private function form(string $stepId): ?Form
    {
        $step = $this->map->step($stepId);

        return Ladder::form($step, $this->record->state($stepId), null === $step->before ? null : $this->record->state($step->before));
    }

    private function note(Seen $seen): void
    {
        $was = $this->record->state($seen->stepId)->standing->isCanDo();
        $this->record = $this->record->with($seen);
        if ($was && !$this->record->state($seen->stepId)->standing->isCanDo()) {
            $this->lost[] = $this->knew[$seen->stepId] ?? $this->child->knows($seen->stepId, $seen->day);
        }
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
    private static function known(SkillMap $map, SimulatedChild $child, LocalDate $on): array
    {
        return array_fill_keys(array_filter(array_keys($map->steps), static fn (string $id): bool => $child->knows($id, $on)), true);
    }
}

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
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\Question\Kind\NameNumeral;
use Pindle\Core\Question\Kind\TellHowMany;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Simulation\SimulatedChild;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Sixty days of two sittings a day, with as many questions as go by age, by different ways of choosing the step; everything else (help, forms,
 * questions, the record) is the same. Then thirty days of nothing.
 */
final class SixtyDays
{
    public const WAYS = ['Pindle', 'map order, one perfect sitting', 'random ready step', 'oracle'];
    public const MEASURES = ['known at the start', 'known after 60 days', 'learnt', 'known 30 days later', 'learnt and still there'];

    private const DAYS = 60;
    private const SITTINGS = 2;

    public function __construct(private readonly SkillMap $map, private readonly Figures $figures)
    {
    }

    public function child(int $number): void
    {
        $start = LocalDate::parse('2026-01-01');
        $months = FirstLookBench::AGES[$number % \count(FirstLookBench::AGES)];
        foreach (self::WAYS as $way) {
            $random = new Randomizer(new Xoshiro256StarStar(50_000 + $number));
            $child = SimulatedChild::ofAge($this->map, $months, $random, $start);
            $before = $this->known($child, $start);
            $record = $this->firstLook($child, $months, $start, $random);
            $passed = [];
            $resting = [];
            $questions = SetSize::atAge($months)->most;
            for ($day = 1; $day <= self::DAYS; ++$day) {
                $on = $start->plusDays($day);
                for ($sitting = 0; $sitting < self::SITTINGS; ++$sitting) {
                    $stepId = match ($way) {
                        'Pindle' => $this->pindle($record, $on, $resting, $questions),
                        'random ready step' => $this->randomReady($record, $on, $random),
                        'oracle' => $this->oracle($child, $on, $questions),
                        default => $this->mapOrder($passed),
                    };
                    if (null !== $stepId) {
                        $record = $this->sit($way, $record, $child, $stepId, $on, $sitting, $questions, $passed, $resting, $random);
                    }
                }
            }
            $this->measure($way, $child, $before, $record, $start);
        }
    }

    
    private function firstLook(SimulatedChild $child, int $months, LocalDate $on, Randomizer $random): ChildRecord
    {
        $look = FirstLook::of($this->map, $months, [], [], $random);
        for ($task = 0; null !== ($stepId = $look->next(array_keys($this->map->steps))); ++$task) {
            [$outcome] = $child->answer(self::question($stepId, $task, Level::At), Help::Bare, $on, $task, $random);
            $look = $look->with(new Answer($stepId, $outcome), $random);
        }

        return ChildRecord::blank($this->map, priors: $look->chances());
    }

    /**
     * @param array<string, true>      $passed
     * @param array<string, LocalDate> $resting
     */
    private function sit(
        string $way,
        ChildRecord $record,
        SimulatedChild $child,
        string $stepId,
        LocalDate $on,
        int $sitting,
        int $questions,
        array &$passed,
        array &$resting,
        Randomizer $random,
    ): ChildRecord
    {
        $step = $this->map->step($stepId);
        $before = $record;
        $others = array_values(array_filter(
            $this->map->steps,
            static fn (Step $other): bool => $other->id !== $stepId && $other->skill->strand === $step->skill->strand,
        ));
        $last = SureSteps::last($record, $others, $on)?->id;
        // Beginning with what has faded most is part of Pindle's choice; the others begin with what is furthest.
        $first = 'Pindle' === $way ? SureSteps::first($record, $others, $on)?->id : $last;
        $own = [];
        $notYet = 0;
        for ($i = 0; $i < $questions && $notYet < 3; ++$i) {
            $id = match ($i) {
                0 => $first ?? $stepId,
                $questions - 1 => $last ?? $stepId,
                default => $stepId,
            };
            $state = $record->state($id);
            $question = self::question($id, $i, Level::At);
            $help = Ladder::help($state);
            [$outcome, $method, $slip] = $child->answer($question, $help, $on, $i, $random);
            $of = $this->map->step($id);
            $form = Ladder::form($of, $state, null === $of->before ? null : $record->state($of->before));
            // A new activity and other things each day a step is met.
            $kind = ($on->dayNumber + $sitting) % 3;
            $attempt = new Attempt(
                \sprintf('%05d-%d-%d', $on->dayNumber, $sitting, $i),
                $id,
                $on->dayNumber.'-'.$sitting,
                'activity-'.$kind,
                $form,
                $help,
                ['thing-'.$kind],
                $question->prompt->key(),
                $question->prompt->choices(),
                $outcome,
                $method,
                $slip,
                $on->toDateTime()->modify('+'.(9 * 3600 + $sitting * 7200 + $i * 40).' seconds'),
                $on,
                'device',
                $of->skill->isGuess() ? ($outcome->isSuccess() ? 0.1 : 0.7) : null,
            );
            $was = $record->mark($id, $on);
            $record = $record->with($attempt);
            if (Mark::Secure === $record->mark($id, $on) && !$was->wasSecured() && 'Pindle' === $way) {
                $this->mark('wrong when first Secure', $child, $id, $on);
            }
            $notYet += Outcome::NotYet === $outcome ? 1 : 0;
            if ($id === $stepId) {
                $own[] = $attempt;
            }
        }
        if ([] === array_filter($own, static fn (Attempt $attempt): bool => !$attempt->isUnaided())) {
            $passed[$stepId] = true;
        }
        $decision = Decision::after($stepId, $own, $before->mark($stepId, $on), $record, Ending::Done, $on);
        if (null !== $decision->days) {
            $resting[$stepId] = $on->plusDays($decision->days);
        }

        return $record;
    }

    /** @param array<string, LocalDate> $resting */
    private function pindle(ChildRecord $record, LocalDate $on, array $resting, int $questions): ?string
    {
        $ranked = array_values(array_filter(
            Ranking::of($record, $on, $questions - 2),
            static fn (RankedStep $step): bool => !isset($resting[$step->step->id]) || !$resting[$step->step->id]->isAfter($on),
        ));

        return (Ranking::withoutTooMuchNew($ranked, $record)[0] ?? null)?->step->id;
    }

    private function randomReady(ChildRecord $record, LocalDate $on, Randomizer $random): ?string
    {
        $ready = [];
        foreach ($record->map->steps as $step) {
            if (Mark::Secure !== $record->mark($step->id, $on) && [] === $record->missingNeeds($step->id, $on)) {
                $ready[] = $step->id;
            }
        }

        return [] === $ready ? null : $ready[$random->getInt(0, \count($ready) - 1)];
    }

    /** @param array<string, true> $passed */
    private function mapOrder(array $passed): ?string
    {
        foreach (FirstLookBench::mapOrder($this->map) as $stepId) {
            if (!isset($passed[$stepId])) {
                return $stepId;
            }
        }

        return null;
    }

    /** Sees what is hidden: the step where a sitting adds most, or keeps most from being lost within days. */
    private function oracle(SimulatedChild $child, LocalDate $on, int $questions): ?string
    {
        $best = null;
        $most = 0.0;
        $learning = fn (string $id): float => 1 - (1 - $child->chanceToLearn($id, $on)) ** ($questions - 2);
        foreach ($this->map->steps as $step) {
            if ($child->knows($step->id, $on)) {
                $value = max(0.0, 0.6 - 0.1 * $child->daysLeft($step->id, $on));
            } else {
                $value = $learning($step->id);
                foreach ($this->map->dependents($step->id) as $dependent) {
                    $others = array_filter(
                        $this->map->step($dependent)->needs,
                        static fn (string $need): bool => $need !== $step->id && !$child->knows($need, $on),
                    );
                    $value += [] === $others && !$child->knows($dependent, $on) ? 0.25 * $learning($step->id) : 0.0;
                }
            }
            if ($value > $most) {
                [$best, $most] = [$step->id, $value];
            }
        }

        return $best;
    }

    /** @param array<string, true> $before */
    private function measure(string $way, SimulatedChild $child, array $before, ChildRecord $record, LocalDate $start): void
    {
        $end = $start->plusDays(self::DAYS);
        $after = $this->known($child, $end);
        $later = $this->known($child, $end->plusDays(30));
        $values = [\count($before), \count($after), \count(array_diff_key($after, $before)), \count($later), \count(array_diff_key($later, $before))];
        foreach (self::MEASURES as $i => $measure) {
            $this->figures->add($way, $measure, (float) $values[$i]);
        }
        if ('Pindle' === $way) {
            foreach ($this->map->steps as $step) {
                if (Mark::Secure === $record->mark($step->id, $end)) {
                    $this->mark('wrong on the last day', $child, $step->id, $end);
                }
            }
        }
    }

    private function mark(string $when, SimulatedChild $child, string $stepId, LocalDate $on): void
    {
        $wrong = $child->knows($stepId, $on) ? 0.0 : 1.0;
        $this->figures->add('marks of all', $when, $wrong);
        if ($child->guessesALot) {
            $this->figures->add('marks of those who guess a lot', $when, $wrong);
        }
    }

    /** @return array<string, true> */
    private function known(SimulatedChild $child, LocalDate $on): array
    {
        return array_fill_keys(array_filter(array_keys($this->map->steps), static fn (string $id): bool => $child->knows($id, $on)), true);
    }

    /** Every other question has three answers to choose from, the others are open. */
    private static function question(string $stepId, int $number, Level $level): Question
    {
        return new Question($stepId, 1 === $number % 2 ? new NameNumeral('find-numeral', 1 + $number) : new TellHowMany('how-many', 1 + $number), $level);
    }
}

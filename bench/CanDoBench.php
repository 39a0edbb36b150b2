<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\CanDoRule;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Question\Kind\NameNumeral;
use Pindle\Core\Question\Kind\TellHowMany;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Simulation\SimulatedChild;
use Pindle\Core\Simulation\Simulator;
use Pindle\Core\Skill\SkillMap;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** How many sittings it takes to find that a step the child knows is Can do, by each of the three rules. */
final class CanDoBench
{
    private const MOST_SITTINGS = 30;
    private const STEPS_A_CHILD = 4;

    public function __construct(private readonly SkillMap $map, private readonly Figures $figures)
    {
    }

    public function child(Simulator $simulator, int $number): void
    {
        foreach (CanDoRule::cases() as $rule) {
            $random = new Randomizer(new Xoshiro256StarStar(90_000 + $number));
            $start = LocalDate::parse('2026-01-01');
            $child = $simulator->child($this->map, FirstLookBench::months($number), $random, $start);
            $known = array_values(array_filter(array_keys($this->map->steps), static fn (string $id): bool => $child->knows($id, $start)));
            foreach (\array_slice($random->shuffleArray($known), 0, self::STEPS_A_CHILD) as $stepId) {
                $this->figures->add($rule->value, 'sittings', (float) $this->sittings($rule, $child, $stepId, $start, $random));
            }
        }
    }

    /** Six questions at the step every other day, until it is Can do. */
    private function sittings(CanDoRule $rule, SimulatedChild $child, string $stepId, LocalDate $start, Randomizer $random): int
    {
        $record = ChildRecord::blank($this->map, new Settings(canDoRule: $rule));
        $step = $record->map->step($stepId);
        for ($sitting = 1; $sitting <= self::MOST_SITTINGS; ++$sitting) {
            $on = $start->plusDays(2 * $sitting);
            for ($i = 0; $i < 6; ++$i) {
                $state = $record->state($stepId);
                $question = new Question($stepId, 1 === $i % 2 ? new NameNumeral('find-numeral', $i) : new TellHowMany('how-many', $i), Level::At);
                $help = Ladder::help($state);
                [$outcome, $method, $slip] = $child->answer($question, $help, $on, $i, $random);
                $error = $step->skill->isGuess() ? ($outcome->isSuccess() ? 0.1 : 0.7) : null;
                $record = $record->with(new Attempt(
                    $on->dayNumber.'-'.$i,
                    $stepId,
                    (string) $on->dayNumber,
                    'activity-'.$sitting % 3,
                    Ladder::form($step, $state, null),
                    $help,
                    ['thing-'.$sitting % 3],
                    $question->prompt->key(),
                    $question->prompt->choices(),
                    $outcome,
                    $method,
                    $slip,
                    $on->toDateTime()->modify('+'.$i.' minutes'),
                    $on,
                    'device',
                    $error,
                ));
            }
            if (Mark::CanDo === $record->mark($stepId)) {
                return $sitting;
            }
        }

        return self::MOST_SITTINGS + 1;
    }
}

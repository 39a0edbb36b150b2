<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Help;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\Question\Kind\TellHowMany;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Simulation\SimulatedChild;
use Pindle\Core\Simulation\Simulator;
use Pindle\Core\Skill\SkillMap;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** How well a first look places simulated children, beside other ways of asking under the same inference. */
final class FirstLookBench
{
    public const AGES = [30, 42, 54, 66, 78, 90];
    public const MEASURES = ['right', 'balanced', 'frontier', 'sure ones right', 'share sure'];
    public const WENT_WELL = 'tasks that went well under 3½';

    private const AT = [4, 6, 8, 10, 12];
    private const YOUNG = 42;

    /** A chance is compared with what is true in bands this wide. */
    private const BAND = 0.1;

    public function __construct(private readonly SkillMap $map, private readonly Figures $figures)
    {
    }

    /** The age of a child in whole months: all ages in turn. */
    public static function months(int $number): int
    {
        return self::AGES[$number % \count(self::AGES)];
    }

    public function child(Simulator $simulator, int $number): void
    {
        foreach (['adaptive', 'map order'] as $way) {
            // The same child for every way of asking.
            $random = new Randomizer(new Xoshiro256StarStar(1000 + $number));
            $months = self::months($number);
            $day = LocalDate::parse('2026-01-01');
            $child = $simulator->child($this->map, $months, $random, $day);
            $known = [];
            foreach ($this->map->steps as $step) {
                $known[$step->id] = $child->knows($step->id, $day);
            }
            $this->look($way, $months, $child, $known, $random, $day);
        }
    }

    /** @param array<string, bool> $known */
    private function look(string $way, int $months, SimulatedChild $child, array $known, Randomizer $random, LocalDate $day): void
    {
        $look = FirstLook::of($this->map, $months, [], [], $random);
        if ('adaptive' === $way) {
            $this->measure('age alone, needs kept', $look->chances(), $known);
        }
        $ids = array_keys($this->map->steps);
        $order = self::mapOrder($this->map);
        $well = 0;
        for ($task = 0; $task < $look->most(); ++$task) {
            $stepId = 'adaptive' === $way ? $look->next($ids) : $order[$task];
            if (null === $stepId) {
                break;
            }
            [$outcome] = $child->answer(new Question($stepId, new TellHowMany('how-many', 1), Level::At), Help::Bare, $day, $task, $random);
            $well += $outcome->isSuccess() ? 1 : 0;
            $look = $look->with(new Answer($stepId, $outcome), $random);
            if (\in_array($task + 1, self::AT, true)) {
                $this->measure($way.', '.($task + 1).' tasks', $look->chances(), $known);
            }
        }
        if ('adaptive' === $way) {
            $this->measure('the whole look', $look->chances(), $known);
        }
        if ('adaptive' === $way && $months < self::YOUNG) {
            $this->figures->add($way, self::WENT_WELL, $well / max(1, $task));
        }
        if ('adaptive' === $way) {
            foreach ($look->chances() as $id => $chance) {
                $this->figures->add('calibration', (string) min(9, (int) floor($chance / self::BAND)), ($known[$id] ? 1.0 : 0.0) - $chance);
            }
        }
    }

    /** How far, on the whole, a chance that a look names is from the share that is known: the mean over all steps of the gap of their band. */
    public static function calibration(Figures $figures): float
    {
        [$gap, $count] = [0.0, 0];
        foreach ($figures->values['calibration'] ?? [] as $values) {
            $gap += abs(array_sum($values));
            $count += \count($values);
        }

        return $gap / max(1, $count);
    }

    /** @return list<string> steps as they stand on the map: strand by strand, skill by skill, reach by reach */
    public static function mapOrder(SkillMap $map): array
    {
        $order = [];
        foreach ($map->skills as $skill) {
            foreach (array_keys($skill->reaches) as $reach) {
                $order[] = $skill->id.'@'.$reach;
            }
        }

        return $order;
    }

    /**
     * @param array<string, float> $chances
     * @param array<string, bool>  $known
     */
    private function measure(string $row, array $chances, array $known): void
    {
        $right = $yes = $no = $frontier = $sure = [];
        foreach ($known as $id => $is) {
            $hit = ($chances[$id] >= 0.5) === $is ? 1.0 : 0.0;
            $right[] = $hit;
            $is ? $yes[] = $hit : $no[] = $hit;
            if ($this->isFrontier($id, $known)) {
                $frontier[] = $hit;
            }
            if ($chances[$id] <= FirstLook::UNSURE_FROM || $chances[$id] >= FirstLook::UNSURE_TO) {
                $sure[] = $hit;
            }
        }
        $mean = static fn (array $hits): float => [] === $hits ? 1.0 : array_sum($hits) / \count($hits);
        $values = [$mean($right), ($mean($yes) + $mean($no)) / 2, $mean($frontier), $mean($sure), \count($sure) / \count($known)];
        foreach (self::MEASURES as $i => $measure) {
            $this->figures->add($row, $measure, $values[$i]);
        }
    }

    /**
     * Unknown with all needs known, or known with something unknown that builds on it.
     *
     * @param array<string, bool> $known
     */
    private function isFrontier(string $id, array $known): bool
    {
        if ($known[$id]) {
            return [] !== array_filter($this->map->dependents($id), static fn (string $other): bool => !$known[$other]);
        }

        return [] === array_filter($this->map->step($id)->needs, static fn (string $need): bool => !$known[$need]);
    }
}

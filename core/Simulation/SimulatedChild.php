<?php

declare(strict_types=1);

namespace Pindle\Core\Simulation;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\HelpLevel;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Random\Randomizer;

/**
 * A made-up child who knows some steps and not others, learns, forgets, slips, guesses and tires. It stands in for real families in demo data.
 * Nothing here is taken from the engine's constants: every trait is drawn from a range, so that the engine meets children it does not assume.
 */
final class SimulatedChild
{
    /** @var array<string, float> step id => how well it is there, 0 to 1 */
    private array $strength = [];

    /** @var array<string, int> step id => day number it was last worked on */
    private array $lastDay = [];

    private function __construct(
        private readonly SkillMap $map,
        private readonly float $learns,
        private readonly float $forgets,
        private readonly float $slips,
        private readonly float $guessesWell,
        private readonly float $saysAtOnce,
    ) {
    }

    /** A child of an age, in months, who knows about what children of that age know, give or take. */
    public static function ofAge(SkillMap $map, int $months, Randomizer $random): self
    {
        $child = new self(
            $map,
            self::between($random, 0.10, 0.24),
            self::between($random, 0.002, 0.012),
            self::between($random, 0.03, 0.14),
            self::between($random, 0.5, 1.4),
            self::between($random, 0.25, 0.8),
        );
        foreach ($map->steps as $step) {
            $ready = $child->knowsAll($step->needs) && $months + $random->getInt(-8, 8) >= self::usualMonths($step);
            $child->strength[$step->id] = $ready ? self::between($random, 0.75, 1.0) : self::between($random, 0.0, 0.15);
        }

        return $child;
    }

    public function knows(string $stepId): bool
    {
        return ($this->strength[$stepId] ?? 0.0) >= 0.5;
    }

    /**
     * Puts a question to the child and teaches it a little.
     *
     * @return array{Outcome, Method|null, Slip|null}
     */
    public function answer(Question $question, HelpLevel $help, LocalDate $on, int $alreadyAsked, Randomizer $random): array
    {
        $id = $question->stepId;
        $step = $this->map->step($id);
        $gone = isset($this->lastDay[$id]) ? max(0, $on->dayNumber - $this->lastDay[$id]) : 0;
        $there = ($this->strength[$id] ?? 0.0) * (1 - $this->forgets) ** $gone;
        $tired = max(0, $alreadyAsked - 8) * 0.03;
        $eased = match ($help) {
            HelpLevel::Shown => 0.45,
            HelpLevel::PartDone => 0.2,
            HelpLevel::Bare => 0.0,
        };
        $right = min(0.98, max(0.0, $there + $eased - $this->slips - $tired) + $question->guess() * $this->guessesWell * (1 - $there));

        $this->lastDay[$id] = $on->dayNumber;
        $ready = $this->knowsAll($step->needs) ? 1.0 : 0.25;
        $this->strength[$id] = min(1.0, $there + (1 - $there) * $this->learns * $ready);

        if (self::between($random, 0.0, 1.0) < $right) {
            $atOnce = self::between($random, 0.0, 1.0) < $this->saysAtOnce * $there;

            return [$atOnce ? Outcome::AtOnce : Outcome::WorkedItOut, $this->method($step, $atOnce, $random), null];
        }
        $outcome = self::between($random, 0.0, 1.0) < 0.4 + 0.4 * $there ? Outcome::WithHelp : Outcome::NotYet;

        return [$outcome, null, 0 === $random->getInt(0, 5) ? Slip::Guesses : null];
    }

    private function method(Step $step, bool $atOnce, Randomizer $random): ?Method
    {
        if (0 !== $random->getInt(0, 3) || [] === $step->forms) {
            return null;
        }

        return $atOnce ? Method::SawIt : [Method::CountedAll, Method::CountedOn, Method::Fingers][$random->getInt(0, 2)];
    }

    private static function between(Randomizer $random, float $least, float $most): float
    {
        return $least + ($most - $least) * $random->getInt(0, 1_000_000) / 1_000_000;
    }

    /** @param list<string> $steps */
    private function knowsAll(array $steps): bool
    {
        foreach ($steps as $id) {
            if (!$this->knows($id)) {
                return false;
            }
        }

        return true;
    }

    /** The age in months at which about half of children would know a step: a rough guess for making children up, shown to nobody. */
    private static function usualMonths(Step $step): int
    {
        return match ($step->reach) {
            '3', 'two', 'four' => 34,
            '5', 'ab' => 46,
            '10', 'join', 'aab-abb', 'eight', 'order', 'three' => 60,
            'take', 'abc', 'solids' => 66,
            '20', '30', 'tens', 'twos' => 76,
            default => 90,
        };
    }
}

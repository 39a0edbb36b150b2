<?php

declare(strict_types=1);

namespace Pindle\Core\Simulation;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Step;
use Random\Randomizer;

/**
 * A made-up child for whom each step is known or not: it is learnt by practice at once or not at all, fades without it, and shows through
 * slips, guesses and tiredness. No day is missed.
 *
 * Nothing here is taken from the engine's constants, and memory fades along another curve than the engine's: every trait is drawn from a
 * range, so that the engine is tested against children it does not assume.
 */
final class StepwiseChild implements SimulatedChild
{
    /** One child in so many guesses a lot; one in so many never says a quick answer. */
    private const ONE_IN = 8;

    /** So many months before most children can, a step is hardly to be had by practice. */
    private const AHEAD = 5.0;
    private const DAYS_A_MONTH = 30.44;

    /** The shortest first fading of children who do not forget fast, in days: a quarter of the range they are drawn from. */
    private const FAST_UNDER = 13.5;

    /** @var array<string, true> steps that were learnt at some time, whether or not they are still there */
    private array $learnt = [];

    /** @var array<string, float> step id => days over which it fades to half */
    private array $stability = [];

    /** @var array<string, float> step id => share left at which it is gone, drawn at each practice */
    private array $goneAt = [];

    /** @var array<string, int> step id => day number it was last practised */
    private array $lastDay = [];

    /** @var array<string, float> strand => months that the child is old in it, on the day it was made */
    private array $maturity = [];

    private int $madeOn = 0;

    private function __construct(
        private readonly SkillMap $map,
        private readonly float $learns,
        private readonly float $firstStability,
        private readonly float $stabilityGrows,
        private readonly float $slips,
        private readonly float $tires,
        private readonly int $patience,
        private readonly float $guessesClosed,
        private readonly float $guessesOpen,
        private readonly float $saysAtOnce,
        private readonly bool $guesser,
    ) {
    }

    /**
     * A child of an age, in months, who knows about what children of that age know, give or take; every known step's needs are known.
     *
     * @param float $spread how far children of one age differ; 1 as they do, 0 not at all
     */
    public static function ofAge(SkillMap $map, int $months, Randomizer $random, LocalDate $on, float $spread = 1.0): self
    {
        $guesser = 1 === $random->getInt(1, self::ONE_IN);
        $neverQuick = 1 === $random->getInt(1, self::ONE_IN);
        $child = new self(
            $map,
            self::between($random, 0.05, 0.22),
            self::between($random, 8.0, 30.0),
            self::between($random, 1.4, 2.6),
            self::between($random, 0.02, 0.14),
            self::between($random, 0.0, 0.05),
            $random->getInt(6, 12),
            self::between($random, 0.6, $guesser ? 1.8 : 1.3),
            $guesser ? self::between($random, 0.08, 0.2) : self::between($random, 0.0, 0.06),
            $neverQuick ? self::between($random, 0.0, 0.05) : self::between($random, 0.3, 0.9),
            $guesser,
        );
        // Ahead or behind on the whole, in a strand, and now and then in a single step.
        $whole = $spread * self::between($random, -10.0, 10.0);
        $child->madeOn = $on->dayNumber;
        $strands = [];
        foreach ($map->steps as $step) {
            $strand = $strands[$step->skill->strand->value] ??= $spread * self::between($random, -7.0, 7.0);
            $child->maturity[$step->skill->strand->value] = $months + $whole + $strand;
            if ($child->haveLearnt($step->needs) && $months + $whole + $strand + self::between($random, -5.0, 5.0) >= self::usualMonths($step)) {
                $child->learnt[$step->id] = true;
                // What has been there for long stays for long.
                $child->stability[$step->id] = $child->firstStability * self::between($random, 3.0, 12.0);
                $child->practised($step->id, $on, $random);
            }
        }

        return $child;
    }

    /** Learnt, and not faded past what this child keeps. */
    public function knows(string $stepId, LocalDate $on): bool
    {
        return isset($this->learnt[$stepId]) && $this->left($stepId, $on) >= $this->goneAt[$stepId];
    }

    public function chance(string $stepId, LocalDate $on): float
    {
        return $this->knows($stepId, $on) ? 1 - $this->slips : $this->guessesOpen;
    }

    public function forgetsFast(): bool
    {
        return $this->firstStability < self::FAST_UNDER;
    }

    public function guessesALot(): bool
    {
        return $this->guesser;
    }

    public function isMissed(LocalDate $on): bool
    {
        return false;
    }

    public function learning(string $stepId, LocalDate $on, int $tries): float
    {
        return 1 - (1 - $this->chanceToLearn($stepId, $on)) ** $tries;
    }

    public function daysLeft(string $stepId, LocalDate $on): float
    {
        // left = 1 / (1 + days / stability) falls to goneAt after stability · (1 / goneAt − 1) days.
        return max(0.0, $this->stability[$stepId] * (1 / max(0.02, $this->goneAt[$stepId]) - 1) - ($on->dayNumber - $this->lastDay[$stepId]));
    }

    /** Chance to learn the step in one try, as things are. */
    private function chanceToLearn(string $stepId, LocalDate $on): float
    {
        $ready = true;
        foreach ($this->map->step($stepId)->needs as $need) {
            $ready = $ready && $this->knows($need, $on);
        }

        $step = $this->map->step($stepId);
        $early = self::usualMonths($step) - $this->maturity[$step->skill->strand->value] - ($on->dayNumber - $this->madeOn) / self::DAYS_A_MONTH;

        // What was there before comes back sooner; what has no ground under it hardly comes, nor what is for much older children.
        $known = isset($this->learnt[$stepId]) ? 3.0 : 1.0;

        return min(0.6, $this->learns * ($ready ? 1.0 : 0.15) * $known * exp(-max(0.0, $early - self::AHEAD) / self::AHEAD));
    }

    public function answer(Question $question, Help $help, LocalDate $on, int $alreadyAsked, Randomizer $random): array
    {
        $id = $question->stepId;
        $knows = $this->knows($id, $on);
        $tired = max(0, $alreadyAsked - $this->patience) * $this->tires;
        $lucky = null === $question->prompt->choices() ? $this->guessesOpen : min(0.95, $this->guessesClosed / $question->prompt->choices());
        $eased = match ($help) {
            Help::Shown => 0.5,
            Help::PartDone => 0.25,
            Help::Bare => 0.0,
        };
        $right = $knows ? 1 - $this->slips * (1 - $eased) - $tired : min(0.95, $lucky + $eased);

        if ($knows) {
            $this->practised($id, $on, $random);
        } elseif (self::between($random, 0.0, 1.0) < $this->chanceToLearn($id, $on)) {
            $this->learnt[$id] = true;
            $this->stability[$id] = max($this->stability[$id] ?? 0.0, $this->firstStability);
            $this->practised($id, $on, $random);
        }

        if (self::between($random, 0.0, 1.0) < $right) {
            $atOnce = self::between($random, 0.0, 1.0) < ($knows ? $this->saysAtOnce : 0.3 * $this->saysAtOnce);

            return [$atOnce ? Outcome::AtOnce : Outcome::WorkedItOut, $this->method($this->map->step($id), $atOnce, $random), null];
        }

        return [
            self::between($random, 0.0, 1.0) < ($knows ? 0.7 : 0.35) ? Outcome::WithHelp : Outcome::NotYet,
            null,
            0 === $random->getInt(0, 5) ? Slip::Guesses : null,
        ];
    }

    /** Practice on a new day makes a step last longer, and half of what it stands on is met again with it. */
    private function practised(string $id, LocalDate $on, Randomizer $random): void
    {
        $gap = $on->dayNumber - ($this->lastDay[$id] ?? $on->dayNumber);
        if ($gap > 0) {
            $this->stability[$id] *= 1 + ($this->stabilityGrows - 1) * min(1.0, $gap / (0.25 * $this->stability[$id]));
        }
        $this->meet($id, $on, $random);
        foreach ($this->map->step($id)->needs as $need) {
            if ($this->knows($need, $on) && 0 === $random->getInt(0, 1)) {
                $this->meet($need, $on, $random);
            }
        }
    }

    private function meet(string $id, LocalDate $on, Randomizer $random): void
    {
        $this->lastDay[$id] = $on->dayNumber;
        $this->goneAt[$id] = self::between($random, 0.0, 0.9);
    }

    /** The share of a step that is left: it fades along a hyperbola. */
    private function left(string $id, LocalDate $on): float
    {
        return 1 / (1 + max(0, $on->dayNumber - $this->lastDay[$id]) / $this->stability[$id]);
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
    private function haveLearnt(array $steps): bool
    {
        foreach ($steps as $id) {
            if (!isset($this->learnt[$id])) {
                return false;
            }
        }

        return true;
    }

    /** The age in months at which a made-up child knows a step: not quite what the map says, so that no plan is measured against its own guesses. */
    private static function usualMonths(Step $step): float
    {
        return 1.08 * $step->reach->months - 5.0;
    }
}

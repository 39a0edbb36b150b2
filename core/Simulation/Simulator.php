<?php

declare(strict_types=1);

namespace Pindle\Core\Simulation;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Skill\SkillMap;
use Random\Randomizer;

/** The two kinds of simulated children. A rule of the engine has to hold for both. */
enum Simulator: string
{
    case Stepwise = 'stepwise';
    case Growing = 'growing';

    /** A child of an age in months, who knows about what children of that age know, give or take. */
    public function child(SkillMap $map, int $months, Randomizer $random, LocalDate $on): SimulatedChild
    {
        return match ($this) {
            self::Stepwise => StepwiseChild::ofAge($map, $months, $random, $on),
            self::Growing => GrowingChild::ofAge($map, $months, $random, $on),
        };
    }
}

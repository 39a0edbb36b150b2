<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\OwnMap;
use Pindle\Core\FirstLook\FirstLook;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What a child of an age may know, before anything was seen: a first look without answers. */
final readonly class AgeHint
{
    /** Two children of one age are guessed alike. */
    private const SEED = 1;

    public function __construct(private Activities $activities)
    {
    }

    /** @return array<string, float> step id => chance that it is known; empty where the age is not known */
    public function of(Child $child, LocalDate $on): array
    {
        return null === $child->born ? [] : FirstLook::of(
            OwnMap::of($this->activities->map(), $child->settings),
            $child->ageInMonths($on),
            [],
            [],
            new Randomizer(new Xoshiro256StarStar(self::SEED)),
        )->chances();
    }
}

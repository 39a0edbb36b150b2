<?php

declare(strict_types=1);

namespace Pindle\Core\FirstLook;

use Pindle\Core\Skill\SkillMap;

/** A skill map in numbers: steps numbered so that each stands after all it needs. */
final readonly class NumberedMap
{
    /**
     * @param list<string>       $ids        number => step id
     * @param array<string, int> $numbers    step id => number
     * @param list<list<int>>    $needs      numbers of the steps directly needed
     * @param list<list<int>>    $dependents numbers of the steps that directly need it
     * @param list<int>          $strandOf   number of its strand
     * @param list<float>        $hints      months at which about half of children may know it
     * @param int                $strands    how many strands there are
     */
    private function __construct(
        public array $ids,
        public array $numbers,
        public array $needs,
        public array $dependents,
        public array $strandOf,
        public array $hints,
        public int $strands,
    ) {
    }

    public static function of(SkillMap $map): self
    {
        $ids = array_keys($map->steps);
        $numbers = array_flip($ids);
        $needs = $dependents = $strandOf = $hints = $strands = [];
        foreach ($map->steps as $id => $step) {
            $needs[] = array_map(static fn (string $need): int => $numbers[$need], $step->needs);
            $dependents[] = array_map(static fn (string $dependent): int => $numbers[$dependent], $map->dependents($id));
            $strandOf[] = $strands[$step->skill->strand->value] ??= \count($strands);
            $hints[] = $step->reach->months;
        }

        return new self($ids, $numbers, $needs, $dependents, $strandOf, $hints, \count($strands));
    }
}

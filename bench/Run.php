<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Advice\Choosing;
use Pindle\Core\Simulation\SimulatedParent;

/** One row of a table of sixty days: how the step is chosen, and who notes what was seen. */
final readonly class Run
{
    public function __construct(
        public string $row,
        public Way $way,
        public SimulatedParent $parent = SimulatedParent::TapsAll,
        public Choosing $choosing = new Choosing(),
    ) {
    }

    /** @return list<self> every way of choosing, with a parent who taps all; then Pindle's with the other parents */
    public static function all(bool $withParents): array
    {
        // The ways to compare with have one step a sitting.
        $one = new Choosing(courses: 1);
        $runs = array_map(static fn (Way $way): self => new self(
            $way->value,
            $way,
            choosing: Way::Pindle === $way || Way::SeesWorth === $way ? new Choosing() : $one,
        ), Way::cases());
        foreach ($withParents ? SimulatedParent::cases() : [] as $parent) {
            if (SimulatedParent::TapsAll !== $parent) {
                $runs[] = new self('Pindle, '.$parent->value, Way::Pindle, $parent);
            }
        }

        return $runs;
    }
}

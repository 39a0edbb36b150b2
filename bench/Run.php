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

    /** @return list<self> every way of choosing, with a parent who taps all; with more, also Pindle's with the other parents and with one thing changed */
    public static function all(bool $withMore): array
    {
        // The ways to compare with have one step a sitting.
        $one = new Choosing(courses: 1);
        $runs = array_map(static fn (Way $way): self => new self(
            $way->value,
            $way,
            choosing: Way::Pindle === $way || Way::SeesWorth === $way ? new Choosing() : $one,
        ), Way::cases());
        foreach ($withMore ? SimulatedParent::cases() : [] as $parent) {
            if (SimulatedParent::TapsAll !== $parent) {
                $runs[] = new self('Pindle, '.$parent->value, Way::Pindle, $parent);
            }
        }

        return $withMore ? [...$runs, ...self::changed()] : $runs;
    }

    /** @return list<self> what Pindle's choice is made of, one thing taken away or put back at a time */
    public static function changed(): array
    {
        $taps = static fn (string $row, Choosing $choosing): self => new self($row, Way::Pindle, choosing: $choosing);
        $goodDays = static fn (string $row, Choosing $choosing): self => new self($row, Way::Pindle, SimulatedParent::OnlyGoodDays, $choosing);

        return [
            $taps('one step a sitting', new Choosing(courses: 1)),
            $taps('Nearly does not rest', new Choosing(nearlyRests: 0)),
            $taps('what does not move does not rest', new Choosing(stuckRests: 0)),
            $taps('what is met often does not rest', new Choosing(oftenRests: 0)),
            $taps('a look by what has faded alone', new Choosing(looking: 1.0, keeping: 0.0)),
            $taps('a look by what it keeps alone', new Choosing(looking: 0.0, keeping: 2.0)),
            $taps('something for being nearly there', new Choosing(nearly: 0.5)),
            $taps('what is years ahead is learnt as fast', new Choosing(inReach: 0.0)),
            $taps('nothing for opening more', new Choosing(opening: 0.0)),
            $taps('begins without a sure one', new Choosing(opens: false)),
            $taps('ends on its own step', new Choosing(closes: false)),
            $goodDays('what nobody told of does not rest, only on good days', new Choosing(untoldRests: 0)),
        ];
    }
}

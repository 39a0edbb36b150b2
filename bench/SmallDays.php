<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Advice\Choosing;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Prospects;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Made-up days for planning: children of any age on any simulator, some of the cupboard, some of the games, one time at the table or two. */
final readonly class SmallDays
{
    private const WINDOWS = [[[540, 560]], [[540, 565]], [[540, 550], [780, 792]], [[600, 625]]];
    private const LARGE_WINDOWS = [[[540, 580], [780, 805]], [[540, 600]], [[570, 610], [800, 840]], [[540, 590]]];
    private const AGES = [28, 34, 40, 46, 52, 58, 64, 70, 76, 84, 92, 98];

    private const START = '2026-01-04';

    /** A house has sat down on so many days before, at most; every fourth begins. */
    private const LIVED = 90;

    /** @param int|null $most candidates of one child; null for all */
    private function __construct(public DayRequest $request, private ?int $most)
    {
    }

    /** One to three children, a few games, so that the best day can be found for sure. */
    public static function small(int $number): self
    {
        $random = new Randomizer(new Xoshiro256StarStar(20_000 + $number));

        return new self(self::request($number, 1 + $number % 3, $random, self::WINDOWS, 25, 12), [7, 4, 3][$number % 3]);
    }

    /** Three to six children, as many things and games as a house has after some weeks or years. */
    public static function large(int $number): self
    {
        $random = new Randomizer(new Xoshiro256StarStar(30_000 + $number));

        return new self(self::request($number, 3 + $number % 4, $random, self::LARGE_WINDOWS, $random->getInt(40, 150), $random->getInt(12, 60)), null);
    }

    public function prospects(Planner $planner): Prospects
    {
        $all = $planner->prospects($this->request);

        if (null === $this->most) {
            return $all;
        }
        $best = array_map(fn (array $own): array => \array_slice($own, 0, max(1, $this->most)) ?: $own, $all->candidates);

        return new Prospects($all->learners, $all->ranked, $best, $all->scale);
    }

    /** @param list<list<array{int, int}>> $windows */
    private static function request(int $number, int $children, Randomizer $random, array $windows, int $kinds, int $known): DayRequest
    {
        $ages = \array_slice($random->shuffleArray(self::AGES), 0, $children);
        rsort($ages);
        $things = \array_slice($random->shuffleArray(array_values(Make::things()->things())), 0, $kinds);
        $simulator = Simulator::cases()[$number % \count(Simulator::cases())];
        $start = LocalDate::parse(self::START);
        $house = new House(Make::map(), $simulator, SimulatedParent::TapsAll, new Choosing(), $ages, $things, 700 + $number, $start);
        $games = \array_slice($random->shuffleArray(array_keys(Make::catalogue()->activities)), 0, $known);

        $lived = 0 === $number % 4 ? 0 : $random->getInt(1, self::LIVED);
        $house->practise($start, $lived);

        return $house->request($start->plusDays($lived + 1), $house->children, array_map(
            static fn (array $window): Span => new Span(...$window),
            $windows[$random->getInt(0, \count($windows) - 1)],
        ))->knowing(new Repertoire(array_fill_keys($games, 2)));
    }
}

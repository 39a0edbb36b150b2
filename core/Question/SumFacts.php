<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** Facts about adding and taking away beyond the plain ones: on from a number, doubles, across, with a hole in them, with two figures. */
final class SumFacts
{
    /** @return list<Fact> a group hidden, a few more beside it; the first is the larger, for going on is shorter that way */
    public static function addOn(int $reach): array
    {
        $facts = [];
        foreach (range(2, $reach - 1) as $a) {
            foreach (range(1, min(5, $reach - $a)) as $b) {
                $facts[] = new Fact(Ask::AddOn, ['a' => $a, 'b' => $b], $a + $b, null, $a + 3 * $b);
            }
        }

        return $facts;
    }

    /** @return list<Fact> nothing added, before or after; now and then something, so that it has to be looked at */
    public static function addZero(): array
    {
        $facts = [];
        foreach (range(1, 9) as $n) {
            $facts[] = new Fact(Ask::AddZero, ['a' => $n, 'b' => 0], $n, null, $n);
            $facts[] = new Fact(Ask::AddZero, ['a' => 0, 'b' => $n], $n, null, $n + 3);
            $facts[] = new Fact(Ask::AddZero, ['a' => $n, 'b' => 1], $n + 1, null, $n + 1);
        }

        return $facts;
    }

    /** @return list<Fact> the same two parts the other way round */
    public static function turnAround(int $reach): array
    {
        $facts = [];
        foreach (range(1, $reach - 1) as $a) {
            foreach (range(1, $reach - $a) as $b) {
                if ($a !== $b) {
                    $facts[] = new Fact(Ask::TurnAround, ['a' => $a, 'b' => $b], $a + $b, null, $a + $b + abs($a - $b));
                }
            }
        }

        return $facts;
    }

    /** @return list<Fact> a number and the same again, totals to the reach; nothing doubled as well */
    public static function doubles(int $reach): array
    {
        return array_map(static fn (int $a): Fact => new Fact(Ask::Double, ['a' => $a, 'b' => $a], 2 * $a, null, $a), range(0, intdiv($reach, 2)));
    }

    /** @return list<Fact> one off a double, either way round */
    public static function nearDoubles(int $reach): array
    {
        $facts = [];
        foreach (range(2, intdiv($reach, 2) - 1) as $a) {
            $facts[] = new Fact(Ask::NearDouble, ['a' => $a, 'b' => $a + 1], 2 * $a + 1, null, $a);
            $facts[] = new Fact(Ask::NearDouble, ['a' => $a + 1, 'b' => $a], 2 * $a + 1, null, $a + 1);
        }

        return $facts;
    }

    /** @return list<Fact> how far it is up to the larger number; near ones are easier */
    public static function countUp(int $reach): array
    {
        $facts = [];
        foreach (range(2, $reach) as $n) {
            foreach (range(max(0, $n - 5), $n) as $a) {
                $facts[] = new Fact(Ask::CountUp, ['n' => $n, 'a' => $a], $n - $a, null, $n + 2 * ($n - $a));
            }
        }

        return $facts;
    }

    /** @return list<Fact> some are this, the rest are that; none and all of them too */
    public static function theRest(int $reach): array
    {
        $facts = [];
        foreach (range(4, $reach) as $n) {
            foreach (range(0, $n) as $a) {
                $facts[] = new Fact(Ask::TheRest, ['n' => $n, 'a' => $a, 'b' => $n - $a], $n - $a, null, $n + min($a, $n - $a));
            }
        }

        return $facts;
    }

    /** @return list<Fact> a story whose start, or whose change, is not told */
    public static function missing(int $reach): array
    {
        $facts = [];
        foreach (range(3, $reach) as $n) {
            foreach (range(1, min(6, $n - 1)) as $b) {
                $facts[] = new Fact(Ask::MissingStart, ['n' => $n, 'b' => $b], $n - $b, null, $n + $b + 2);
                $facts[] = new Fact(Ask::MissingChange, ['n' => $n, 'a' => $n - $b], $b, null, $n + $b);
            }
        }

        return $facts;
    }

    /** @return list<Fact> first without an exchange, then with one */
    public static function addTwoFigure(): array
    {
        $facts = [];
        foreach ([12, 15, 21, 24, 33, 36, 42, 45, 57, 58] as $a) {
            foreach ([11, 13, 20, 22, 26, 34, 35, 38] as $b) {
                $facts[] = new Fact(Ask::AddTwoFigure, ['a' => $a, 'b' => $b], $a + $b, null, $a + $b + ($a % 10 + $b % 10 > 9 ? 100 : 0));
            }
        }

        return $facts;
    }

    /** @return list<Fact> first without an exchange, then with one */
    public static function takeTwoFigure(): array
    {
        $facts = [];
        foreach ([25, 36, 38, 47, 49, 52, 64, 75, 81, 96] as $n) {
            foreach ([11, 13, 20, 24, 26, 35, 38] as $b) {
                if ($b < $n) {
                    $facts[] = new Fact(Ask::TakeTwoFigure, ['n' => $n, 'b' => $b], $n - $b, null, $n + ($n % 10 < $b % 10 ? 100 : 0));
                }
            }
        }

        return $facts;
    }
}

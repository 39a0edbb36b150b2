<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Skill\Step;

/** Facts about counting in steps, places, guesses, balances, shapes, charts, sizes, coins and shares. */
final class MoreFacts
{
    /** @return list<Fact> in tens, twos or fives, from one multiple to another */
    public static function countIn(Step $step): array
    {
        [$by, $last] = match ($step->reach) {
            'twos' => [2, 20],
            'fives' => [5, 50],
            default => [10, 100],
        };
        $facts = [];
        foreach (range(0, intdiv($last, $by) - 3) as $start) {
            foreach ([3, 5] as $long) {
                $to = min($last, ($start + $long) * $by);
                $facts[] = new Fact(Ask::CountIn, ['by' => $by, 'from' => $start * $by, 'to' => $to], $to, null, $start + $long);
            }
        }

        return $facts;
    }

    /** @return list<Fact> which one is third, and in which place is this one */
    public static function places(int $reach): array
    {
        $facts = [];
        foreach (range(3, $reach) as $n) {
            foreach (range(1, $n) as $k) {
                $facts[] = new Fact(0 === ($n + $k) % 2 ? Ask::WhichIsAt : Ask::SayPlace, ['n' => $n, 'k' => $k], $k, null, $n + min($k, $n - $k));
            }
        }

        return $facts;
    }

    /** @return list<Fact> amounts worth a guess */
    public static function guesses(int $reach): array
    {
        return array_map(static fn (int $n): Fact => new Fact(Ask::GuessCount, ['n' => $n], $n, null, $n), range(max(4, intdiv($reach, 4)), $reach));
    }

    /** @return list<Fact> build the stairs up to one, and say which comes next */
    public static function stairs(int $reach): array
    {
        $facts = [];
        foreach (range(3, $reach) as $n) {
            $facts[] = new Fact(Ask::StairBuild, ['n' => $n], $n, null, 2 * $n);
        }
        foreach (range(1, $reach - 1) as $n) {
            $facts[] = new Fact(Ask::StairNext, ['n' => $n], $n + 1, null, $n);
        }

        return $facts;
    }

    /** @return list<Fact> make it level, and say what it does; one in five level already */
    public static function balances(int $reach): array
    {
        $facts = [];
        foreach (range(1, $reach) as $n) {
            $facts[] = new Fact(Ask::BalanceTo, ['n' => $n], $n, null, $n);
            foreach ([$n - 2, $n, $n + 1] as $b) {
                if ($b > 0 && $b <= $reach) {
                    $facts[] = new Fact(Ask::BalanceWhich, ['a' => $n, 'b' => $b], $n === $b ? 'same' : ($n > $b ? 'more' : 'fewer'), 3, max($n, $b) + 1);
                }
            }
        }

        return $facts;
    }

    /** @return list<Fact> the whole first, then a sum on both sides */
    public static function equalities(int $reach): array
    {
        $facts = [];
        foreach (range(4, $reach) as $n) {
            foreach (range(max(0, $n - 7), $n) as $a) {
                $facts[] = new Fact(Ask::MakesWhole, ['n' => $n, 'a' => $a], $n - $a, null, $n);
                $c = $a > 0 ? $a - 1 : $a + 1;
                if ($c <= $n) {
                    $facts[] = new Fact(Ask::BothSides, ['n' => $n, 'a' => $a, 'b' => $n - $a, 'c' => $c], $n - $c, null, $n + 6);
                }
            }
        }

        return $facts;
    }

    /** @return list<Fact> from 11 to 19 on to the next five or ten */
    public static function toNext(): array
    {
        $facts = [];
        foreach (range(11, 19) as $n) {
            foreach ([5, 10] as $step) {
                $to = $step * intdiv($n + $step, $step);
                $facts[] = new Fact(Ask::ToNext, ['n' => $n, 'to' => $to], $to - $n, null, $to - $n + (10 === $step ? 4 : 0));
            }
        }

        return array_values(array_combine(array_map(static fn (Fact $fact): string => $fact->key(), $facts), $facts));
    }

    /** @return list<Fact> numbered as content/words names them: four flat ones, eight, then solid ones */
    public static function shapes(Step $step): array
    {
        [$from, $to] = match ($step->reach) {
            'four' => [1, 4],
            'eight' => [1, 8],
            default => [9, 13],
        };
        $facts = [];
        foreach (range($from, $to) as $shape) {
            $facts[] = new Fact(Ask::NameShape, ['shape' => $shape], $shape, null, $shape);
            $facts[] = new Fact(Ask::FindShape, ['shape' => $shape], $shape, null, $shape + 1);
        }

        return $facts;
    }

    /** @return list<Fact> three piles from one edge: which is longest, how many, how many more */
    public static function charts(int $reach): array
    {
        $facts = [];
        foreach (range(2, $reach) as $a) {
            foreach ([1, 2, 3] as $less) {
                $b = $a - $less;
                $c = max(0, $b - 1);
                if ($b >= 1) {
                    $numbers = ['a' => $a, 'b' => $b, 'c' => $c];
                    $facts[] = new Fact(Ask::ChartMost, $numbers, $a, 3, $a);
                    $facts[] = new Fact(Ask::ChartHowMany, $numbers, $b, null, $a + 1);
                    $facts[] = new Fact(Ask::ChartMore, $numbers, $less, null, $a + 2);
                }
            }
        }

        return $facts;
    }

    /** @return list<Fact> by length (1), weight (2), what it holds (3) */
    public static function sizes(Step $step): array
    {
        $facts = [];
        foreach ([1, 2, 3] as $by) {
            if ('two' === $step->reach) {
                foreach ([1, 2, 3] as $pair) {
                    $facts[] = new Fact(Ask::WhichIsLonger, ['by' => $by, 'pair' => $pair], 'more', 1 === $pair ? 2 : null, $by + $pair);
                }
            } else {
                foreach ([3, 4, 5] as $n) {
                    $facts[] = new Fact(Ask::OrderSizes, ['by' => $by, 'n' => $n], $n, null, $by + $n);
                }
            }
        }

        return $facts;
    }

    /** @return list<Fact> with one kind of coin, then with any mixture */
    public static function coins(int $reach): array
    {
        $facts = [];
        foreach (range(1, $reach) as $n) {
            // One can be paid in one way only.
            if ($n > 1) {
                $facts[] = new Fact(Ask::MakeAmount, ['n' => $n], $n, null, $n + 3);
            }
            if ($n <= 10 || 0 === $n % 5) {
                $facts[] = new Fact(Ask::MakeOneKind, ['n' => $n], $n, null, $n);
            }
        }

        return $facts;
    }

    /** @return list<Fact> even amounts up to the reach */
    public static function halves(int $reach): array
    {
        $facts = [];
        foreach (range(2, $reach, 2) as $n) {
            $facts[] = new Fact(Ask::HalfOf, ['n' => $n], intdiv($n, 2), null, $n);
            $facts[] = new Fact(Ask::HalfHow, ['n' => $n], intdiv($n, 2), null, $n + 2);
        }

        return $facts;
    }

    /** @return list<Fact> piles of two, five or ten */
    public static function equalPiles(Step $step): array
    {
        $facts = [];
        foreach ('50' === $step->reach ? [5, 10] : [2, 5] as $each) {
            foreach (range(2, intdiv($step->size(), $each)) as $piles) {
                $facts[] = new Fact(Ask::EqualPiles, ['piles' => $piles, 'each' => $each], $piles * $each, null, $piles + $each);
            }
        }

        return $facts;
    }
}

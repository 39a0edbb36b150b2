<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Activity\Generator;
use Pindle\Core\Skill\Step;

/** Every fact that can be asked at a step, for each kind of question: all inside the reach, all solvable, nothing below zero. */
final class Facts
{
    /** @return non-empty-list<Fact> in no particular order */
    public static function of(Generator $generator, Step $step): array
    {
        $reach = $step->size();
        $least = null === $step->before || !ctype_digit($step->reach) ? 1 : 2;
        $facts = match ($generator) {
            Generator::TellHowMany => self::amounts(Ask::HowMany, 1, $reach),
            Generator::TakeJustSo => self::amounts(Ask::GiveMe, $least, $reach),
            Generator::StillSame => self::stillSame($reach),
            Generator::SayOn => self::sayOn($step, $reach),
            Generator::SayBack => self::sayBack($reach),
            Generator::CountMoves => [...self::amounts(Ask::DoMoves, 1, $reach), ...self::amounts(Ask::CountMoves, 1, $reach)],
            Generator::FillFrame => self::frames($step, $reach),
            Generator::NameNumeral => self::numerals($step, $reach),
            Generator::MatchNumeral => [...self::amounts(Ask::ShowAmount, $reach >= 5 ? 0 : 1, $reach), ...self::amounts(Ask::LabelAmount, 1, $reach, $reach + 1)],
            Generator::OrderNumerals => self::order($reach),
            Generator::Compare => self::compare($reach),
            Generator::Difference => self::differences($reach),
            Generator::Neighbour => [...self::amounts(Ask::OneMore, 1, $reach - 1), ...self::amounts(Ask::OneFewer, 1, $reach)],
            Generator::Split => self::splits($reach),
            Generator::PartnerTo => self::partners($reach),
            Generator::Join => self::joins('add-sentence' === $step->skill->id ? Ask::JoinSentence : Ask::Join, $reach),
            Generator::Take => self::takes('take-sentence' === $step->skill->id ? Ask::TakeSentence : Ask::Take, $reach),
            Generator::TenAndSome => self::teens(),
            Generator::ShareOut => self::shares($reach),
            Generator::SortBy => self::sorts($step),
            Generator::CarryOn => self::patterns($step),
            Generator::ReadSigns => self::signs($step),
            Generator::ActStory => self::stories($reach),
            Generator::CompareSigns => self::comparingSigns($reach),
            Generator::BridgeTen => self::bridges(),
            Generator::BridgeBack => self::bridgesBack(),
            Generator::CountIn => MoreFacts::countIn($step),
            Generator::WhichPlace => MoreFacts::places($reach),
            Generator::GuessCount => MoreFacts::guesses($reach),
            Generator::FormNumeral => self::amounts(Ask::FormNumeral, 0, $reach),
            Generator::StairOrder => MoreFacts::stairs($reach),
            Generator::Balance => MoreFacts::balances($reach),
            Generator::MakeEqual => MoreFacts::equalities($reach),
            Generator::ToNext => MoreFacts::toNext(),
            Generator::AddOn => SumFacts::addOn($reach),
            Generator::AddZero => SumFacts::addZero(),
            Generator::TurnAround => SumFacts::turnAround($reach),
            Generator::Double => SumFacts::doubles($reach),
            Generator::NearDouble => SumFacts::nearDoubles($reach),
            Generator::SumAtOnce => self::joins(Ask::SumAtOnce, $reach),
            Generator::DifferenceAtOnce => self::takes(Ask::DifferenceAtOnce, $reach),
            Generator::AddTwoFigure => SumFacts::addTwoFigure(),
            Generator::TakeTwoFigure => SumFacts::takeTwoFigure(),
            Generator::CountUp => SumFacts::countUp($reach),
            Generator::TheRest => SumFacts::theRest($reach),
            Generator::LineAdd => array_values(array_filter(self::joins(Ask::HopOn, $reach), static fn (Fact $fact): bool => ($fact->numbers['b'] ?? 0) > 0)),
            Generator::LineTake => array_values(array_filter(self::takes(Ask::HopBack, $reach), static fn (Fact $fact): bool => ($fact->numbers['b'] ?? 0) > 0)),
            Generator::ByEar => TensFacts::byEar($step),
            Generator::CountBundles => TensFacts::countBundles($reach),
            Generator::TensOnes => TensFacts::tensOnes($reach),
            Generator::TenMoreLess => TensFacts::tenMoreLess(),
            Generator::ThreeSizes => TensFacts::threeSizes(),
            Generator::NameShape => MoreFacts::shapes($step),
            Generator::PileChart => MoreFacts::charts($reach),
            Generator::CompareSize => MoreFacts::sizes($step),
            Generator::MeasureWith => self::amounts(Ask::MeasureWith, 3, $reach),
            Generator::MissingStory => SumFacts::missing($reach),
            Generator::MakeAmount => MoreFacts::coins($reach),
            Generator::HalfOf => MoreFacts::halves($reach),
            Generator::EqualPiles => MoreFacts::equalPiles($step),
        };

        return [] === $facts ? throw new \LogicException(\sprintf('Nothing can be asked at "%s" by "%s".', $step->id, $generator->value)) : $facts;
    }

    /** @return list<Fact> */
    private static function amounts(Ask $ask, int $from, int $to, ?int $choices = null): array
    {
        return array_map(static fn (int $n): Fact => new Fact($ask, ['n' => $n], match ($ask) {
            Ask::OneMore => $n + 1,
            Ask::OneFewer => $n - 1,
            default => $n,
        }, $choices, $n), range($from, max($from, $to)));
    }

    /** @return list<Fact> amounts spread (0), bunched (1) or counted from the other end (2) */
    private static function stillSame(int $reach): array
    {
        $facts = [];
        foreach (range(2, $reach) as $n) {
            foreach ([0, 1, 2] as $how) {
                $facts[] = new Fact(Ask::HowManyNow, ['n' => $n, 'how' => $how], $n, null, $n);
            }
            $facts[] = new Fact(Ask::StillSame, ['n' => $n, 'how' => $n % 2], 'same', 3, $n);
        }

        return $facts;
    }

    /** @return list<Fact> */
    private static function sayOn(Step $step, int $reach): array
    {
        $facts = [];
        if ('count-from' === $step->skill->id) {
            foreach (range(2, $reach) as $from) {
                $facts[] = new Fact(Ask::SayOn, ['from' => $from, 'to' => $from + min(5, $reach)], $from + min(5, $reach), null, $from);
            }

            return $facts;
        }
        foreach (range(max(2, $reach - 7), $reach) as $to) {
            $facts[] = new Fact(Ask::SayOn, ['from' => 1, 'to' => $to], $to, null, $to);
        }

        return $facts;
    }

    /** @return list<Fact> */
    private static function sayBack(int $reach): array
    {
        return array_map(static fn (int $from): Fact => new Fact(Ask::SayBack, ['from' => $from, 'to' => max(0, $from - 10)], max(0, $from - 10), null, $from), range(2, $reach));
    }

    /** @return list<Fact> */
    private static function frames(Step $step, int $reach): array
    {
        return match ($step->skill->id) {
            'five-and-some' => array_map(static fn (int $n): Fact => new Fact(Ask::FiveAndSome, ['n' => $n], $n - 5, null, $n), range(6, 9)),
            'see-at-once' => self::amounts(Ask::HowMany, 1, $reach),
            default => self::amounts(Ask::ReadFrame, 0, $reach),
        };
    }

    /** @return list<Fact> to say (open), and to find among three */
    private static function numerals(Step $step, int $reach): array
    {
        $from = $reach >= 5 ? ('20' === $step->reach ? 8 : 0) : 1;

        return [...self::amounts(Ask::NameNumeral, $from, $reach), ...self::amounts(Ask::FindNumeral, $from, $reach, 3)];
    }

    /** @return list<Fact> neighbours first, gaps later: a gap loads more */
    private static function order(int $reach): array
    {
        $facts = [];
        foreach (range(1, $reach - 1) as $n) {
            $facts[] = new Fact(Ask::After, ['n' => $n], $n + 1, null, $n);
            $facts[] = new Fact(Ask::Before, ['n' => $n], $n - 1, null, $n + 2);
            $facts[] = new Fact(Ask::Between, ['a' => $n - 1, 'b' => $n + 1], $n, null, $n + 3);
        }
        foreach ([1, 2] as $gap) {
            for ($from = 0; $from + 3 * $gap <= $reach; ++$from) {
                $facts[] = new Fact(Ask::PutInOrder, ['from' => $from, 'gap' => $gap], $from, null, $from + 6 * $gap);
            }
        }

        return $facts;
    }

    /** @return list<Fact> near, far and equal; the closed question, then open ones */
    private static function compare(int $reach): array
    {
        $facts = [];
        foreach (range(1, $reach) as $a) {
            foreach (range(1, $reach) as $b) {
                if (abs($a - $b) > 3 && abs($a - $b) < $reach - 3) {
                    continue;
                }
                $load = max($a, $b) + (1 === abs($a - $b) ? 2 : 0);
                $facts[] = new Fact(Ask::WhichMore, ['a' => $a, 'b' => $b], $a === $b ? 'same' : ($a > $b ? 'more' : 'fewer'), 3, $load);
                if ($b < $a) {
                    $facts[] = new Fact(Ask::MakeSame, ['a' => $a, 'b' => $b], $a - $b, null, $load);
                }
            }
            if ($a < $reach) {
                $facts[] = new Fact(Ask::MakeMore, ['a' => $a, 'b' => 0], $a + 1, null, $a);
            }
        }

        return $facts;
    }

    /** @return list<Fact> */
    private static function differences(int $reach): array
    {
        $facts = [];
        foreach (range(1, $reach) as $a) {
            foreach (range(max(0, $a - 6), $a) as $b) {
                $facts[] = new Fact(Ask::HowManyMore, ['a' => $a, 'b' => $b], $a - $b, null, $a + ($a - $b));
            }
        }

        return $facts;
    }

    /** @return list<Fact> a whole with one part to see and the other to find */
    private static function splits(int $reach): array
    {
        $facts = [];
        foreach (range(min(3, $reach), $reach) as $whole) {
            foreach (range(0, $whole) as $part) {
                $facts[] = new Fact(Ask::OtherPart, ['n' => $whole, 'a' => $part, 'b' => $whole - $part], $whole - $part, null, 2 * $whole - abs($whole - 2 * $part));
            }
            $facts[] = new Fact(Ask::SplitIt, ['n' => $whole], $whole, null, 2 * $whole);
        }

        return $facts;
    }

    /** @return list<Fact> how many more make the reach (five or ten) */
    private static function partners(int $reach): array
    {
        return array_map(static fn (int $a): Fact => new Fact(Ask::HowManyTo, ['n' => $reach, 'a' => $a, 'b' => $reach - $a], $reach - $a, null, $reach - abs($reach - 2 * $a)), range(0, $reach));
    }

    /** @return list<Fact> */
    private static function joins(Ask $ask, int $reach): array
    {
        $facts = [];
        foreach (range(0, min(10, $reach)) as $a) {
            foreach (range(0, min(10, $reach - $a)) as $b) {
                if ($a + $b > 0) {
                    $facts[] = new Fact($ask, ['a' => $a, 'b' => $b], $a + $b, null, $a + $b);
                }
            }
        }

        return $facts;
    }

    /** @return list<Fact> nothing and everything taken away as well */
    private static function takes(Ask $ask, int $reach): array
    {
        $facts = [];
        foreach (range(1, $reach) as $whole) {
            foreach (range(0, min(10, $whole)) as $gone) {
                $facts[] = new Fact($ask, ['n' => $whole, 'b' => $gone], $whole - $gone, null, $whole + min($gone, $whole - $gone));
            }
        }

        return $facts;
    }

    /** @return list<Fact> */
    private static function teens(): array
    {
        return [...self::amounts(Ask::TenAndSome, 11, 19), ...self::amounts(Ask::BuildTeen, 11, 19)];
    }

    /** @return list<Fact> fair first; left-overs load more */
    private static function shares(int $reach): array
    {
        $facts = [];
        foreach ([2, 3, 4] as $plates) {
            foreach (range($plates, $reach) as $n) {
                $left = $n % $plates;
                $facts[] = new Fact(Ask::ShareOut, ['n' => $n, 'plates' => $plates, 'left' => $left], intdiv($n, $plates), null, $n + 4 * $left + 2 * ($plates - 2));
            }
        }

        return $facts;
    }

    /** @return list<Fact> sort into so many groups by one of four properties */
    private static function sorts(Step $step): array
    {
        $groups = 'three' === $step->reach ? 3 : 2;
        $facts = [];
        foreach (range(1, 4) as $by) {
            $facts[] = new Fact(Ask::SortBy, ['groups' => $groups, 'by' => $by], $groups, null, $by);
            $facts[] = new Fact(Ask::SayTheRule, ['groups' => $groups, 'by' => $by], $by, null, 2 + $by);
        }

        return $facts;
    }

    /** @return list<Fact> the unit in digits: 12 is one of the first, one of the second, over and over */
    private static function patterns(Step $step): array
    {
        $units = match ($step->reach) {
            'ab' => [12, 21],
            'aab-abb' => [112, 122, 221, 211],
            default => [123, 132, 213, 231],
        };
        $facts = [];
        foreach ($units as $unit) {
            foreach (range(2, 4) as $next) {
                $facts[] = new Fact(Ask::CarryOn, ['unit' => $unit, 'next' => $next], (int) ((string) $unit)[0], null, $next + \strlen((string) $unit));
            }
        }

        return $facts;
    }

    /** @return list<Fact> one for joining, two for taking */
    private static function signs(Step $step): array
    {
        $facts = [];
        foreach (range(1, 4) as $a) {
            foreach (range(1, 3) as $b) {
                foreach ('take' === $step->reach ? [1, 2] : [1] as $sign) {
                    [$first, $second] = 2 === $sign ? [$a + $b, $b] : [$a, $b];
                    $facts[] = new Fact(Ask::StageIt, ['a' => $first, 'b' => $second, 'sign' => $sign], $sign, null, $a + $b);
                    $facts[] = new Fact(Ask::WhatSign, ['a' => $first, 'b' => $second, 'sign' => $sign], $sign, 'take' === $step->reach ? 2 : null, $a + $b);
                }
            }
        }

        return $facts;
    }

    /** @return list<Fact> */
    private static function stories(int $reach): array
    {
        return array_map(
            static fn (Fact $fact): Fact => new Fact(Ask::Join === $fact->ask ? Ask::StoryJoin : Ask::StoryTake, $fact->numbers, $fact->answer, null, $fact->load),
            [...self::joins(Ask::Join, $reach), ...self::takes(Ask::Take, $reach)],
        );
    }

    /** @return list<Fact> which sign goes between (three to choose from), and which numerals make a sign true (open); one pair in five equal */
    private static function comparingSigns(int $reach): array
    {
        $facts = [];
        foreach (range(1, $reach) as $a) {
            foreach ([$a - 5, $a - 1, $a, $a + 1, $a + 5] as $b) {
                if ($b >= 0 && $b <= $reach) {
                    $facts[] = new Fact(Ask::PutSign, ['a' => $a, 'b' => $b], $a === $b ? 'same' : ($a > $b ? 'more' : 'fewer'), 3, max($a, $b) + (1 === abs($a - $b) ? 2 : 0));
                }
            }
            if ($a < $reach) {
                $facts[] = new Fact(Ask::MakeTrue, ['a' => $a, 'b' => 0], $a + 1, null, $a);
            }
        }

        return $facts;
    }

    /** @return list<Fact> sums of two numbers below ten that go over it */
    private static function bridges(): array
    {
        $facts = [];
        foreach (range(2, 9) as $a) {
            foreach (range(11 - $a, 9) as $b) {
                $facts[] = new Fact(Ask::BridgeTen, ['a' => $a, 'b' => $b], $a + $b, null, $a + $b + (10 - $a));
            }
        }

        return $facts;
    }

    /** @return list<Fact> differences from a teen that go back through ten */
    private static function bridgesBack(): array
    {
        $facts = [];
        foreach (range(11, 18) as $n) {
            foreach (range($n - 9, 9) as $b) {
                $facts[] = new Fact(Ask::BridgeBack, ['n' => $n, 'b' => $b], $n - $b, null, $n + $b - ($n - 10));
            }
        }

        return $facts;
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Skill\Step;

/** Facts about bundles of ten and what is built of them. */
final class TensFacts
{
    /** @return list<Fact> so many of each size, asked by ear */
    public static function byEar(Step $step): array
    {
        $facts = [];
        $hundreds = 'hundreds' === $step->reach ? [1, 2, 3] : [0];
        foreach ($hundreds as $h) {
            foreach ([0, 1, 2, 3, 4, 5] as $t) {
                foreach ([0, 1, 2, 4] as $o) {
                    if ($t + $o > 0) {
                        $facts[] = new Fact($h > 0 ? Ask::HundredsByEar : Ask::BundlesByEar, ($h > 0 ? ['h' => $h] : []) + ['t' => $t, 'o' => $o], $h + $t + $o, null, $h + $t + $o);
                    }
                }
            }
        }

        return $facts;
    }

    /** @return list<Fact> */
    public static function countBundles(int $reach): array
    {
        return array_map(static fn (int $t): Fact => new Fact(Ask::CountBundles, ['t' => $t], 10 * $t, null, $t), range(2, intdiv($reach, 10)));
    }

    /** @return list<Fact> built and read; whole tens and small ones first */
    public static function tensOnes(int $reach): array
    {
        $facts = [];
        foreach (range(20, min(99, $reach)) as $n) {
            $load = intdiv($n, 10) + $n % 10 + (0 === $n % 10 ? -4 : 0);
            $facts[] = new Fact(0 === $n % 2 ? Ask::BuildTens : Ask::ReadTens, ['n' => $n, 't' => intdiv($n, 10), 'o' => $n % 10], $n, null, $load);
        }

        return $facts;
    }

    /** @return list<Fact> */
    public static function tenMoreLess(): array
    {
        $facts = [];
        foreach (range(11, 89, 3) as $n) {
            $facts[] = new Fact(Ask::TenMore, ['n' => $n], $n + 10, null, $n);
            $facts[] = new Fact(Ask::TenFewer, ['n' => $n], $n - 10, null, $n + 5);
        }

        return $facts;
    }

    /** @return list<Fact> a nought in the middle and at the end too */
    public static function threeSizes(): array
    {
        $facts = [];
        foreach ([1, 2, 3, 4] as $h) {
            foreach ([0, 2, 4, 5] as $t) {
                foreach ([0, 1, 3, 6] as $o) {
                    $facts[] = new Fact(0 === ($t + $o) % 2 ? Ask::BuildHundreds : Ask::ReadHundreds, ['n' => 100 * $h + 10 * $t + $o, 'h' => $h, 't' => $t, 'o' => $o], 100 * $h + 10 * $t + $o, null, $h + $t + $o + (0 === $t ? 5 : 0));
                }
            }
        }

        return $facts;
    }
}

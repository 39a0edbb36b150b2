<?php

declare(strict_types=1);

use Pindle\Bench\Figures;
use Pindle\Bench\Shares;
use Pindle\Bench\SmallDays;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Planning\Day;
use Pindle\Core\Planning\Filling;
use Pindle\Core\Planning\PlanCheck;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\SettingOut;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Bench\House;
use Pindle\Tests\ExactDay;
use Pindle\Tests\Make;

/*
 * ./pindle bench plan [small days] [large days] [households]: how near the planner comes to the best day there is. Small days against branch and bound
 * over the same candidates, really laid out; large ones against a search twenty times as long; broken rules over made-up households; how long it takes.
 * Seeds fixed. Takes forty minutes. Two processes share the work; with more arguments it does one share and prints its figures.
 */

require dirname(__DIR__).'/vendor/autoload.php';

ini_set('memory_limit', '1G');
const NODES = 40_000;
const LONGER = 20;
const YEARS = 5 * 365;

$counts = [max(1, (int) ($argv[1] ?? 130)), max(1, (int) ($argv[2] ?? 120)), max(1, (int) ($argv[3] ?? 400))];
$planner = new Planner(Make::map(), Make::catalogue(), Make::cautions());
if (isset($argv[4])) {
    $first = (int) $argv[4];
    $found = ['small' => [], 'large' => [], 'unsolved' => 0, 'broken' => [], 'again' => 0];
    for ($number = $first; $number < $counts[0]; $number += 2) {
        $day = SmallDays::small($number);
        $prospects = $day->prospects($planner);
        if ([] === $prospects->candidates) {
            continue;
        }
        $settingOut = new SettingOut(Make::map(), Make::catalogue(), Make::cautions(), $day->request);
        $worth = $planner->plan($day->request, $prospects)->goal->total();
        $filling = new Filling($day->request, Day::of($day->request), $prospects, $settingOut);
        $exact = (new ExactDay($day->request, $prospects, $filling, NODES))->worth($worth - 1e-6);
        $found['unsolved'] += null === $exact ? 1 : 0;
        if (null !== $exact && $exact > 0.0) {
            $found['small'][] = [(string) count($prospects->learners), $worth / $exact];
        }
        fwrite(\STDERR, '.');
    }
    for ($number = $first; $number < $counts[1]; $number += 2) {
        $day = SmallDays::large($number);
        $long = new Planner(Make::map(), Make::catalogue(), Make::cautions(), times: LONGER);
        $plan = $planner->plan($day->request);
        $best = max($plan->goal->total(), $long->plan($day->request)->goal->total());
        $found['large'][] = [(string) count($day->request->learners), $plan->goal->total() / $best];
        fwrite(\STDERR, '.');
    }
    for ($number = $first; $number < $counts[2]; $number += 2) {
        $day = SmallDays::large(1_000 + $number);
        $plan = $planner->plan($day->request);
        foreach ((new PlanCheck(Make::cautions()))->problems($day->request, $plan) as [$problem, $where]) {
            $found['broken'][] = $number.': '.$problem->value.' '.$where;
        }
        $found['again'] += 0 === $number % 20 && $planner->plan($day->request) != $plan ? 1 : 0;
    }
    echo json_encode($found, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    exit;
}
$began = microtime(true);
$small = $large = $broken = [];
$unsolved = $again = 0;
foreach (Shares::of(__FILE__, array_map(static fn (string $share): array => [...array_map(strval(...), $counts), $share], ['0', '1'])) as $share) {
    $small = [...$small, ...$share['small']];
    $large = [...$large, ...$share['large']];
    $broken = [...$broken, ...$share['broken']];
    $unsolved += $share['unsolved'];
    $again += $share['again'];
}
$table = static function (string $title, array $rows): void {
    $by = ['all' => array_column($rows, 1)];
    foreach ($rows as [$children, $part]) {
        $by[$children][] = $part;
    }
    ksort($by);
    printf("\n%s\n\n| children | days | mean | fifth percentile | least |\n|---|---|---|---|---|\n", $title);
    foreach ($by as $children => $parts) {
        sort($parts);
        $parts = $parts ?: [0.0];
        $mean = array_sum($parts) / count($parts);
        printf("| %s | %d | %.3f | %.3f | %.3f |\n", $children, count($parts), $mean, $parts[(int) floor(0.05 * count($parts))], $parts[0]);
    }
};
$table(sprintf('Small days: part of the best there is (%d more were not solved in %d nodes)', $unsolved, NODES), $small);
$table(sprintf('Large days: part of what a search %d times as long finds', LONGER), $large);
printf("\n%d households: %d broken rules; planned once more: %d other plans (%.0f s)\n", $counts[2], count($broken), $again, microtime(true) - $began);
foreach ($broken as $one) {
    echo $one, "\n";
}

// How long a day takes to plan, with the whole catalogue: CPU milliseconds, median of 9.
$cpu = static function (): float {
    $of = (array) getrusage();

    return ($of['ru_utime.tv_sec'] ?? 0) * 1000 + ($of['ru_utime.tv_usec'] ?? 0) / 1000;
};
$all = array_keys(Make::catalogue()->activities);
printf("\n| children | things | games known | days lived | CPU ms |\n|---|---|---|---|---|\n");
$rows = [
    [1, 150, 170, 60], [2, 150, 170, 60], [3, 150, 170, 60], [4, 150, 170, 60], [6, 150, 170, 60],
    [3, 50, 170, 60], [3, 150, 20, 60], [3, 150, 60, 60], [3, 150, 170, 0], [3, 150, 170, YEARS],
];
foreach ($rows as [$children, $kinds, $known, $lived]) {
    $things = array_slice(array_values(Make::things()->things()), 0, $kinds);
    // Who sits for five years is big in the end.
    $ages = array_slice(YEARS === $lived ? [36, 30, 24] : [90, 66, 42, 78, 54, 30], 0, $children);
    $on = LocalDate::parse('2026-01-05');
    $house = new House(Make::map(), Simulator::Growing, SimulatedParent::TapsAll, new Choosing(), $ages, $things, 77, $on->plusDays(-1 - $lived));
    $house->practise($on->plusDays(-1 - $lived), $lived);
    $request = $house->request($on, $house->children, [new Span(540, 580), new Span(780, 805)]);
    $request = $request->knowing(new Repertoire(array_fill_keys(array_slice($all, 0, $known), 2)));
    $taken = [];
    for ($time = 0; $time < 9; ++$time) {
        $from = $cpu();
        $planner->plan($request);
        $taken[] = $cpu() - $from;
    }
    sort($taken);
    printf("| %d | %d | %d | %d | %.0f |\n", $children, count($things), min($known, count($all)), $lived, $taken[4]);
}
exit([] === $broken ? 0 : 1);

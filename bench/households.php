<?php

declare(strict_types=1);

use Pindle\Bench\Ahead;
use Pindle\Bench\Figures;
use Pindle\Bench\Shares;
use Pindle\Bench\ThirtyDays;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Tests\Make;

/*
 * ./pindle bench households [households]: thirty days of real day plans in so many households of one to three children, with each kind of
 * parent, on both simulators, seeds fixed. Two processes share the work; with more numbers it does one share of it and prints its figures.
 */

require dirname(__DIR__).'/vendor/autoload.php';

ini_set('memory_limit', '1G');
$households = max(1, (int) ($argv[1] ?? 24));
if (isset($argv[2], $argv[3])) {
    $all = [];
    foreach (Simulator::cases() as $simulator) {
        $figures = new Figures();
        $days = new ThirtyDays(Make::map(), Make::catalogue(), Make::cautions(), array_values(Make::things()->things()), $figures);
        for ($number = (int) $argv[2]; $number < $households; $number += (int) $argv[3]) {
            foreach (SimulatedParent::cases() as $parent) {
                $days->household($simulator, $parent, $number);
            }
            fwrite(\STDERR, '.');
        }
        $all[$simulator->value] = [$figures->values, $days->plans, $days->problems];
    }
    echo json_encode($all, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    exit;
}

$began = microtime(true);
/** @var array<string, Figures> $figures */
$figures = [];
$plans = 0;
$problems = [];
foreach (Shares::of(__FILE__, [[(string) $households, '0', '2'], [(string) $households, '1', '2']]) as $share) {
    foreach ($share as $simulator => [$values, $ofPlans, $ofProblems]) {
        $figures[$simulator] ??= new Figures();
        $figures[$simulator]->addAll($values);
        $plans += $ofPlans;
        array_push($problems, ...$ofProblems);
    }
}
printf(
    "\n%d households of one to three children on each simulator with each kind of parent: %d days planned, %d broken rules (%.0f s)\n",
    $households,
    $plans,
    \count($problems),
    microtime(true) - $began,
);
foreach ($figures as $simulator => $of) {
    printf("\n## On the %s simulator, per child\n\n", $simulator);
    foreach ([ThirtyDays::DAY, ThirtyDays::SITTING, ThirtyDays::LEARNT, Ahead::MEASURES, Ahead::SHAPE] as $measures) {
        echo $of->table('', $measures, 2), "\n";
    }
    foreach (array_keys($of->values) as $parent) {
        printf("Most tries at one step in 30 days, %s, of all children: %d\n", $parent, max([0.0, ...$of->values[$parent]['most tries at one step']]));
    }
}
foreach ($problems as $problem) {
    echo $problem, "\n";
}
exit([] === $problems ? 0 : 1);

<?php

declare(strict_types=1);

use Pindle\Bench\Figures;
use Pindle\Bench\FirstLookBench;
use Pindle\Bench\Life;
use Pindle\Bench\Run;
use Pindle\Bench\CanDoBench;
use Pindle\Bench\Shares;
use Pindle\Bench\SixtyDays;
use Pindle\Bench\Way;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Tests\Make;

/*
 * ./pindle bench learners [children [few]]: how well the judgement does on simulated children of two kinds, seeds fixed. Two processes share
 * the work. What asks for a parent who taps all is done on so many children, all else on a few. With more numbers it does one share of it and
 * prints its figures.
 */

require dirname(__DIR__).'/vendor/autoload.php';

ini_set('memory_limit', '1G');
$children = (int) ($argv[1] ?? 200);
$few = min($children, (int) ($argv[2] ?? 48));
if (isset($argv[3], $argv[4])) {
    $map = Make::wholeMap();
    $all = [];
    foreach (Simulator::cases() as $simulator) {
        [$look, $secure, $sixty] = [new Figures(), new Figures(), new Figures()];
        [$looks, $marks, $days] = [new FirstLookBench($map, $look), new CanDoBench($map, $secure), new SixtyDays($map, Make::catalogue(), $sixty)];
        for ($number = (int) $argv[3]; $number < $children; $number += (int) $argv[4]) {
            $looks->child($simulator, $number);
            if ($number < $few) {
                $marks->child($simulator, $number);
            }
            $days->child($simulator, $number, Run::all($number < $few));
            fwrite(\STDERR, '.');
        }
        $all[$simulator->value] = [$look->values, $secure->values, $sixty->values];
    }
    echo json_encode($all, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    exit;
}

$began = microtime(true);
/** @var array<string, list<Figures>> $figures */
$figures = [];
foreach (Shares::of(__FILE__, [[(string) $children, (string) $few, '0', '2'], [(string) $children, (string) $few, '1', '2']]) as $share) {
    foreach ($share as $simulator => $three) {
        foreach ($three as $which => $values) {
            $figures[$simulator][$which] ??= new Figures();
            $figures[$simulator][$which]->addAll($values);
        }
    }
}

printf(
    "\n%d simulated children of each kind, of %s months; the other parents on %d. Means with 95 %% intervals (%.0f s)\n",
    $children,
    implode(', ', FirstLookBench::AGES),
    $few,
    microtime(true) - $began,
);
$changed = array_map(static fn (Run $run): string => $run->row, Run::changed());
foreach ($figures as $simulator => [$look, $secure, $sixty]) {
    printf("\n## On the %s simulator\n\n### First look\n\n%s", $simulator, $look->table('way of asking', FirstLookBench::MEASURES));
    printf(
        "\nCalibration: a chance is off by %.3f on the whole. Tasks that go well under 3½ years: %s\n",
        FirstLookBench::calibration($look),
        $look->mean('adaptive', FirstLookBench::WENT_WELL),
    );
    printf("\n### Sixty days of two sittings, then thirty of nothing: steps truly known\n\n%s", $sixty->table('way of choosing', Life::LEARNT, 1, $changed));
    $limit = 0.1;
    foreach (Way::cases() as $way) {
        $limit = $way->seesTruth() ? max($limit, $sixty->plainMean($way->value, 'learnt')) : $limit;
    }
    printf(
        "\nThe limit is the most learnt by any that sees the true state: %.1f. Learnt by Pindle: %.2f of the limit, %.2f × random.\n",
        $limit,
        $sixty->plainMean(Way::Pindle->value, 'learnt') / $limit,
        $sixty->plainMean(Way::Pindle->value, 'learnt') / $sixty->plainMean(Way::RandomReady->value, 'learnt'),
    );
    echo "\nWhat a child gains by Pindle's choice over the others\n\n| over | known after 60 days | learnt | known 30 days later |\n|---|---|---|---|\n";
    foreach (Way::cases() as $way) {
        if (Way::Pindle !== $way) {
            printf(
                "| %s | %s | %s | %s |\n",
                $way->value,
                $sixty->gain(Way::Pindle->value, $way->value, 'known after 60 days'),
                $sixty->gain(Way::Pindle->value, $way->value, 'learnt'),
                $sixty->gain(Way::Pindle->value, $way->value, 'known 30 days later'),
            );
        }
    }
    printf("\n### Marks of the surest kind on day 60\n\n%s", $sixty->table('', Life::MARKS, without: $changed));
    printf("\n### Sittings\n\n%s", $sixty->table('', Life::SITTINGS, 2, $changed));
    echo "\n### One thing changed\n\nOn the few, paired: what Pindle's choice gains by that one change\n\n";
    echo "| with | learnt | gained | known 30 days later | gained | false | most tries |\n|---|---|---|---|---|---|---|\n";
    foreach (Run::changed() as $run) {
        $base = SimulatedParent::TapsAll === $run->parent ? Way::Pindle->value : 'Pindle, '.$run->parent->value;
        printf(
            "| %s | %s | %s | %s | %s | %s | %s |\n",
            $run->row,
            $sixty->mean($run->row, 'learnt', 1),
            $sixty->gain($run->row, $base, 'learnt'),
            $sixty->mean($run->row, 'known 30 days later', 1),
            $sixty->gain($run->row, $base, 'known 30 days later'),
            $sixty->mean($run->row, 'false'),
            $sixty->mean($run->row, 'most tries at one step in 30 days', 1),
        );
    }
    $most = $sixty->values[Way::Pindle->value]['most tries at one step in 30 days'];
    printf("\nMost tries at one step in 30 days, of all children: %d\n", max([0.0, ...$most]));
    echo "\n### Sittings of six questions until a step the child knows is found\n\n| rule | median | 90th percentile |\n|---|---|---|\n";
    foreach (array_keys($secure->values) as $rule) {
        printf("| %s | %s | %s |\n", $rule, $secure->quantile($rule, 'sittings', 0.5), $secure->quantile($rule, 'sittings', 0.9));
    }
}

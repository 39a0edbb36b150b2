<?php

declare(strict_types=1);

use Pindle\Bench\DaysOfThree;
use Pindle\Bench\Figures;
use Pindle\Bench\House;
use Pindle\Bench\Shares;
use Pindle\Core\Advice\Choosing;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\Weights;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Tests\Make;

/*
 * ./pindle bench days [households]: four weeks of so many households of three, 65 minutes a day, as their parent lives them; seeds fixed, one
 * process a simulator. With one more number it does one of them and prints its figures.
 */

require dirname(__DIR__).'/vendor/autoload.php';

ini_set('memory_limit', '1G');
$households = max(1, (int) ($argv[1] ?? 40));
if (isset($argv[2])) {
    $simulator = Simulator::from($argv[2]);
    $weights = new Weights(setUp: (float) ($argv[3] ?? (new Weights())->setUp));
    $figures = new Figures();
    $days = new DaysOfThree(Make::map(), Make::catalogue(), Make::cautions(), array_values(Make::things()->things()), $figures, $weights);
    for ($number = 0; $number < $households; ++$number) {
        $days->household($argv[3] ?? $simulator->value, $simulator, $number);
        fwrite(\STDERR, '.');
    }
    echo json_encode($figures->values, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    exit;
}
$began = microtime(true);
$figures = new Figures();
foreach (Shares::of(__FILE__, array_map(static fn (Simulator $of): array => [(string) $households, $of->value], Simulator::cases())) as $values) {
    $figures->addAll($values);
}
printf("\nFour weeks of %d households of three on each simulator, 65 minutes a day (%.0f s)\n\n", $households, microtime(true) - $began);
foreach ([DaysOfThree::DAY, DaysOfThree::FAIR, DaysOfThree::MONTH] as $measures) {
    echo $figures->table('', $measures, 2), "\n";
}

// What fewer lay-outs cost: the same days by the weight of a set-up, two weights at a time.
$few = (string) min($households, 4);
$frontier = new Figures();
foreach ([['0.0', '0.5'], ['1.0', '1.5'], ['2.0', '3.0']] as $two) {
    foreach (Shares::of(__FILE__, array_map(static fn (string $weight): array => [$few, Simulator::Growing->value, $weight], $two)) as $values) {
        $frontier->addAll($values);
    }
}
printf("\nBy the weight of a set-up, %s households on the growing simulator\n\n", $few);
echo $frontier->table('', ['lay-outs', 'set-ups', 'switches', 'share of minutes', 'questions', 'learnt by the three'], 2);

// How long a day takes to plan, with the whole catalogue and cupboard: CPU milliseconds, median of 15.
$things = array_values(Make::things()->things());
$cpu = static function (): float {
    $of = (array) getrusage();

    return ($of['ru_utime.tv_sec'] ?? 0) * 1000 + ($of['ru_utime.tv_usec'] ?? 0) / 1000;
};
$known = array_keys(Make::catalogue()->activities);
printf("\nPlanning a day, with every game known and with none\n\n| children | all known | none known |\n|---|---|---|\n");
foreach ([1, 3, 6] as $count) {
    $ages = array_slice([90, 78, 66, 54, 42, 30], 0, $count);
    $house = new House(Make::map(), Simulator::Growing, SimulatedParent::TapsAll, new Choosing(), $ages, $things, 77, LocalDate::parse('2026-01-04'));
    $request = $house->request(LocalDate::parse('2026-01-05'), $house->children, [new Span(540, 580), new Span(780, 805)]);
    $planner = new Planner(Make::map(), Make::catalogue(), Make::cautions());
    $median = static function (DayRequest $request) use ($planner, $cpu): float {
        $taken = [];
        for ($time = 0; $time < 15; ++$time) {
            $from = $cpu();
            $planner->plan($request);
            $taken[] = $cpu() - $from;
        }
        sort($taken);

        return $taken[7];
    };
    printf("| %d | %.0f ms | %.0f ms |\n", $count, $median($request->knowing(new Repertoire(array_fill_keys($known, 2)))), $median($request));
}

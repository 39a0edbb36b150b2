<?php

declare(strict_types=1);

use Pindle\Bench\DaysOfThree;
use Pindle\Bench\Figures;
use Pindle\Bench\Shares;
use Pindle\Core\Planning\Weights;
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
foreach ([['1.0', '1.5'], ['2.0', '2.5'], ['3.0', '4.0']] as $two) {
    foreach (Shares::of(__FILE__, array_map(static fn (string $weight): array => [$few, Simulator::Growing->value, $weight], $two)) as $values) {
        $frontier->addAll($values);
    }
}
printf("\nBy the weight of a set-up after the first, %s households on the growing simulator\n\n", $few);
echo $frontier->table('', ['lay-outs', 'set-ups', 'switches', 'share of minutes', 'questions', 'learnt by the three'], 2);

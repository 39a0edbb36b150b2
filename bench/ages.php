<?php

declare(strict_types=1);

use Pindle\Core\Simulation\StepwiseChild;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/* ./pindle bench ages [children]: at which age half of the simulated children know each step, beside the age at which half may know it. */

require dirname(__DIR__).'/vendor/autoload.php';

$children = (int) ($argv[1] ?? 200);
$map = Make::map();
$day = Make::day(0);
$ages = range(20, 120, 2);
$know = [];
foreach ($ages as $months) {
    $random = new Randomizer(new Xoshiro256StarStar($months));
    for ($i = 0; $i < $children; ++$i) {
        $child = StepwiseChild::ofAge($map, $months, $random, $day);
        foreach ($map->steps as $step) {
            $know[$step->id][$months] = ($know[$step->id][$months] ?? 0) + ($child->knows($step->id, $day) ? 1 : 0);
        }
    }
}
printf("%-22s %6s %6s   %s\n", 'step', 'may', 'half', 'years of half');
foreach ($map->steps as $step) {
    $half = null;
    foreach ($ages as $months) {
        $half ??= 2 * $know[$step->id][$months] >= $children ? $months : null;
    }
    printf("%-22s %6.0f %6s   %s\n", $step->id, $step->reach->months, $half ?? '-', null === $half ? 'later' : sprintf('%.1f', $half / 12));
}

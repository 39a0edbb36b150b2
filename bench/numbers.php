<?php

declare(strict_types=1);

use Pindle\Tests\Promises;

/* ./pindle bench numbers [seeds]: every kind of question with every step it is asked about, thousands of sets, against what a set promises. */

require dirname(__DIR__).'/vendor/autoload.php';

$seeds = (int) ($argv[1] ?? 200);
$began = microtime(true);
$sets = $questions = 0;
$broken = [];
foreach (Promises::asked() as [$kind, $step]) {
    for ($seed = 1; $seed <= $seeds; ++$seed) {
        $set = Promises::set($kind, $step, 5 + $seed % 8, $seed);
        ++$sets;
        $questions += count($set);
        foreach (Promises::broken($kind, $step, 5 + $seed % 8, $set) as $promise) {
            $broken[$promise][] = $kind->id.', '.$step->id.', seed '.$seed;
        }
    }
}
printf(
    "%d sets of %d questions, %d kinds with their steps, %d seeds each (%.0f s)\n",
    $sets,
    $questions,
    count(Promises::asked()),
    $seeds,
    microtime(true) - $began,
);
foreach ($broken as $promise => $where) {
    printf("  %s: broken %d times, first at %s\n", $promise, count($where), $where[0]);
}
echo [] === $broken ? "Every promise is kept.\n" : '';
exit([] === $broken ? 0 : 1);

<?php

declare(strict_types=1);

use Pindle\Bench\Figures;
use Pindle\Bench\FirstLookBench;
use Pindle\Bench\SecureBench;
use Pindle\Bench\SixtyDays;
use Pindle\Tests\Make;
use Symfony\Component\Process\Process;

/*
 * ./pindle bench learners [children]: how well the judgement does on simulated children, seeds fixed. Two processes share the work.
 * With a second and a third number it does one share of it and prints its figures.
 */

require dirname(__DIR__).'/vendor/autoload.php';

ini_set('memory_limit', '1G');
$children = (int) ($argv[1] ?? 204);
if (isset($argv[2], $argv[3])) {
    $map = Make::wholeMap();
    [$look, $secure, $sixty] = [new Figures(), new Figures(), new Figures()];
    $benches = [new FirstLookBench($map, $look), new SecureBench($map, $secure), new SixtyDays($map, $sixty)];
    for ($number = (int) $argv[2]; $number < $children; $number += (int) $argv[3]) {
        foreach ($benches as $bench) {
            $bench->child($number);
        }
        fwrite(\STDERR, '.');
    }
    echo json_encode([$look->values, $secure->values, $sixty->values], \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    exit;
}

$began = microtime(true);
$shares = [];
for ($i = 0; $i < 2; ++$i) {
    $shares[$i] = new Process([\PHP_BINARY, __FILE__, (string) $children, (string) $i, '2'], timeout: null);
    $shares[$i]->start(static function (string $type, string $text): void {
        if (Process::ERR === $type) {
            fwrite(\STDERR, $text);
        }
    });
}
/** @var list<Figures> $figures */
$figures = [new Figures(), new Figures(), new Figures()];
foreach ($shares as $share) {
    if (0 !== $share->wait()) {
        fwrite(\STDERR, $share->getErrorOutput());
        exit(1);
    }
    foreach (json_decode($share->getOutput(), true, 512, \JSON_THROW_ON_ERROR) as $which => $values) {
        $figures[$which]->addAll($values);
    }
}
[$look, $secure, $sixty] = $figures;

printf("\n%d simulated children of %s months, means with 95 %% intervals (%.0f s)\n", $children, implode(', ', FirstLookBench::AGES), microtime(true) - $began);
printf("\nFirst look, seeds 1000 and up\n\n%s", $look->table('way of asking', FirstLookBench::MEASURES));
printf(
    "\nSixty days of two sittings, with as many questions as go by age, then thirty of nothing, seeds 50000 and up: steps truly known\n\n%s",
    $sixty->table('way of choosing', SixtyDays::MEASURES, 1),
);
echo "\nWhat a child gains by Pindle's choice over the others\n\n| over | known after 60 days | learnt | known 30 days later |\n|---|---|---|---|\n";
foreach (array_slice(SixtyDays::WAYS, 1) as $way) {
    printf(
        "| %s | %s | %s | %s |\n",
        $way,
        $sixty->gain('Pindle', $way, 'known after 60 days'),
        $sixty->gain('Pindle', $way, 'learnt'),
        $sixty->gain('Pindle', $way, 'known 30 days later'),
    );
}
echo "\nShare of Secure marks, under Pindle's choice, that the child does not in fact know\n\n", $sixty->table(
    '',
    ['wrong when first Secure', 'wrong on the last day'],
    4,
);
echo "\nSittings of six questions until a step the child knows is found Secure, seeds 90000 and up\n\n| rule | median | 90th percentile |\n|---|---|---|\n";
foreach (array_keys($secure->values) as $rule) {
    printf("| %s | %s | %s |\n", $rule, $secure->quantile($rule, 'sittings', 0.5), $secure->quantile($rule, 'sittings', 0.9));
}

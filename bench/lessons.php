<?php

declare(strict_types=1);

use Pindle\Bench\Lessons;

/*
 * ./pindle bench lessons [seeds] [--read ACTIVITY]: every activity with every step and form, from cupboards of 0, 18, 60 and 150 kinds of
 * things, with and without a baby in reach, against what must be true of a sitting. --read prints them as a parent would meet them.
 */

require dirname(__DIR__).'/vendor/autoload.php';

ini_set('memory_limit', '1G');
$lessons = new Lessons();
$read = array_search('--read', $argv, true);
if (false !== $read) {
    foreach ($lessons->sittings(60, false, (int) ($argv[$read + 2] ?? 1), $argv[$read + 1] ?? '') as $where => $setUp) {
        echo null === $setUp ? "-- $where: not with what is here\n" : $lessons->read($setUp);
    }
    exit(0);
}
$began = microtime(true);
$found = $lessons->check(max(1, (int) ($argv[1] ?? 3)), [0, 18, 60, 150]);
printf(
    "%d sittings of %d questions read, %d more cannot be laid out with what is there (%.0f s)\n",
    $found['sittings'],
    $found['questions'],
    $found['lacking'],
    microtime(true) - $began,
);
foreach ($found['wrong'] as $line => $where) {
    printf("%6d  %s%s\n", count($where), $line, [] === $where ? '' : ', first: '.$where[0]);
}
exit(0 === array_sum(array_map(count(...), $found['wrong'])) ? 0 : 1);

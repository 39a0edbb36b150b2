<?php

declare(strict_types=1);

use Pindle\Core\Calendar\LocalDate;
use Pindle\Tests\Browser\Server;

/*
 * ./pindle bench week [times]: what looking ahead at a week takes for the three children of the demo (1.5 s), when its first day is told, and what the
 * other requests of the room take, beside the cheapest answer there is (3 times as long). Medians of one run, after one to warm up.
 */

require dirname(__DIR__).'/vendor/autoload.php';

// A Monday: the whole week lies ahead.
$server = new Server('2026-03-02', true);
register_shutdown_function(static fn () => $server->stop());
$times = max(3, (int) ($argv[1] ?? 15));
$context = stream_context_create(['http' => ['header' => "Accept: application/json\r\nSec-Fetch-Site: same-origin"]]);
/** @return array{float, float, string} milliseconds to the first line and to the last, and what was said */
$ask = static function (string $path) use ($server, $context): array {
    $began = hrtime(true);
    $stream = fopen($server->url.'/api'.$path, 'r', false, $context) ?: throw new RuntimeException($path.' does not answer.');
    $first = (string) fgets($stream);
    $told = (hrtime(true) - $began) / 1e6;
    $rest = (string) stream_get_contents($stream);

    return [$told, (hrtime(true) - $began) / 1e6, $first.$rest];
};
$median = static function (array $values): float {
    sort($values);

    return $values[intdiv(count($values), 2)];
};
// Days a week is asked for by: the same again, and one that nobody asked for yet, so that nothing of it is kept.
$same = static fn (): string => '/week';
$other = static fn (int $time): string => '/week?day='.LocalDate::parse('2026-03-02')->plusDays(-$time)->toString();
$took = [];
foreach (['the cheapest answer' => static fn (): string => '/lock', 'the week' => $same, 'a week asked for anew' => $other,
    'outlook' => static fn (): string => '/week/outlook'] as $what => $path) {
    $ask($path(0));
    $runs = array_map(static fn (int $time): array => $ask($path($time)), range(1, $times));
    $took[$what] = [$median(array_column($runs, 0)), $median(array_column($runs, 1))];
}
$wrong = 0;
foreach (['the week', 'a week asked for anew'] as $what) {
    $by = $took[$what][1] / $took['the cheapest answer'][1];
    printf("%-24s %6.1f ms, %.1f times the cheapest answer (3)\n", $what, $took[$what][1], $by);
    $wrong += $by > 3.0 ? 1 : 0;
}
[$first, $last] = $took['outlook'];
printf("outlook of a week, three children: %.2f s (1.5), its first day after %.2f s\n", $last / 1000, $first / 1000);
$wrong += $last > 1500.0 ? 1 : 0;
exit($wrong > 0 ? 1 : 0);

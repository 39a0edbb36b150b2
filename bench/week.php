<?php

declare(strict_types=1);

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
$took = [];
foreach (['/lock', '/week', '/week?day=2026-03-10', '/week/outlook'] as $path) {
    $ask($path);
    $runs = array_map(static fn (): array => $ask($path), range(1, $times));
    $took[$path] = [$median(array_column($runs, 0)), $median(array_column($runs, 1))];
}
$cheapest = $took['/lock'][1];
$wrong = 0;
foreach (['/week', '/week?day=2026-03-10'] as $path) {
    $by = $took[$path][1] / $cheapest;
    printf("%-24s %6.1f ms, %.1f times the cheapest answer (3)\n", $path, $took[$path][1], $by);
    $wrong += $by > 3.0 ? 1 : 0;
}
[$first, $last] = $took['/week/outlook'];
printf("outlook of a week, three children: %.2f s (1.5), its first day after %.2f s\n", $last / 1000, $first / 1000);
$wrong += $last > 1500.0 ? 1 : 0;
exit($wrong > 0 ? 1 : 0);

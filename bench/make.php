<?php

declare(strict_types=1);

use Pindle\Bench\Sheets;
use Pindle\Tests\Browser\Server;
use Symfony\Component\Filesystem\Filesystem;

/*
 * ./pindle bench make [seeds]: what each sheet takes (300 ms, 64 MB, 500 kB), how true it is on paper (0.2 mm), what must never be over so many
 * seeds (1,000), and what a week's set of the demo household takes (3 s).
 */

require dirname(__DIR__).'/vendor/autoload.php';

const TRUE_TO = 0.2;
$folder = sys_get_temp_dir().'/pindle-make-'.getmypid();
(new Filesystem())->mkdir($folder);
register_shutdown_function(static fn () => (new Filesystem())->remove($folder));
$sheets = new Sheets($folder);
$wrong = 0;

// The first one reads the face, which is read once when Pindle is built.
foreach ($sheets->all() as $_) {
    break;
}
$all = iterator_to_array($sheets->all());
foreach (['milliseconds' => 300, 'megabytes' => 64, 'kilobytes' => 500] as $of => $most) {
    $values = array_column($all, $of) ?: [0.0];
    sort($values);
    $slowest = array_search(max($values), array_combine(array_keys($all), array_column($all, $of)), true);
    printf("%-12s median %6.1f, most %6.1f (%d): %s\n", $of, $values[intdiv(count($values), 2)], max($values), $most, $slowest);
    $wrong += max($values) > $most ? 1 : 0;
}
printf(
    "%d sheets in %d ways, %d pages\n\n",
    count(array_unique(array_map(static fn (string $name): string => explode(' ', $name)[0], array_keys($all)))),
    count($all),
    array_sum(array_column($all, 'pages')),
);

echo "measured on paper at ten dots a millimetre:\n";
foreach ($sheets->sizes() as [$what, $should, $is]) {
    printf("  %-52s %6.1f mm, is %7.2f\n", $what, $should, $is);
    $wrong += abs($is - $should) > TRUE_TO ? 1 : 0;
}

$seeds = (int) ($argv[1] ?? 1000);
echo "\nover $seeds seeds:\n";
foreach ($sheets->never($seeds) as $what => $count) {
    printf("  %-52s %d\n", $what, $count);
    $wrong += $count > 0 ? 1 : 0;
}

$server = new Server('2026-03-04', true);
register_shutdown_function(static fn () => $server->stop());
$send = static function (string $method, string $path) use ($server): string {
    $context = stream_context_create(['http' => [
        'method' => $method,
        'header' => "Content-Type: application/json\r\nAccept: application/json\r\nSec-Fetch-Site: same-origin",
        'content' => 'POST' === $method ? '{}' : '',
    ]]);

    return (string) file_get_contents($server->url.'/api'.$path, false, $context);
};
for ($day = 5; $day <= 10; ++$day) {
    $send('POST', sprintf('/today/plan?day=2026-03-%02d', $day));
}
$send('GET', '/make/set.pdf?until=week');
$began = hrtime(true);
$set = json_decode($send('GET', '/make/set?until=week'), true, 512, \JSON_THROW_ON_ERROR);
$pdf = $send('GET', '/make/set.pdf?until=week');
$seconds = (hrtime(true) - $began) / 1e9;
printf(
    "\na week's set for three children: %d sheets on %d pages, %.2f s (3), %.0f kB (500)\n",
    count($set['sheets']),
    $set['pages'],
    $seconds,
    strlen($pdf) / 1000,
);
$wrong += $seconds > 3.0 || strlen($pdf) > 500_000 ? 1 : 0;
exit($wrong > 0 ? 1 : 0);

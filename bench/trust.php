<?php

declare(strict_types=1);

use Pindle\Bench\Trust;
use Pindle\Tests\Browser\Chrome;

/*
 * ./pindle bench trust [share]: 200 kills while tapping, 100 inside a rebuild, 2,000 taps over two tabs with reloads and a flapping server,
 * 20 damaged files. A share below 1 does less of each.
 */

require dirname(__DIR__).'/vendor/autoload.php';

$share = (float) ($argv[1] ?? 1);
$trust = new Trust();
$times = static fn (int $count): int => max(1, (int) round($count * $share));
$say = static function (string $what, array $figures): bool {
    echo $what, ': ', implode(', ', array_map(static fn (string $name, int $value): string => $value.' '.$name, array_keys($figures), $figures)), "\n";

    return 0 === array_sum(array_diff_key($figures, array_flip(['taps', 'kills', 'files', 'sentences', 'refused'])));
};
$chrome = new Chrome();
register_shutdown_function(static fn () => $chrome->close());
$fine = [
    $say('killed while tapping', $trust->killsWhileTapping($times(200))),
    $say('killed in a rebuild', $trust->killsInARebuild($times(100))),
    $say('two tabs, reloads, a flapping server', $trust->tabs($chrome, $times(2000))),
    $say('damaged files', $trust->damagedFiles(20)),
];
exit(in_array(false, $fine, true) ? 1 : 0);

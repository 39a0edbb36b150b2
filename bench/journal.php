<?php

declare(strict_types=1);

use Pindle\Bench\FiveYears;
use Pindle\Tests\Browser\Server;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/*
 * ./pindle bench journal [days]: five years of a household of three. What each page of the Journal takes beside the cheapest answer there is (3 times as
 * long): asked for again, and anew after something was written; medians of one run. Then the whole household out (40 s, 128 MB) and in (120 s).
 */

require dirname(__DIR__).'/vendor/autoload.php';

const TODAY = '2026-03-04';
const MEMORY = '128M';

$days = (int) ($argv[1] ?? FiveYears::DAYS);
$root = sys_get_temp_dir().'/pindle-journal-'.getmypid();
(new Filesystem())->mkdir([$root.'/from', $root.'/to']);
register_shutdown_function(static fn () => (new Filesystem())->remove($root));
$console = static function (string $data, string $command, string ...$arguments): array {
    $run = new Process(
        ['php', '-d', 'memory_limit='.MEMORY, 'bin/console', $command, ...$arguments],
        dirname(__DIR__),
        ['APP_ENV' => 'prod', 'PINDLE_DATA' => $data, 'DATABASE_URL' => 'sqlite:///'.$data.'/pindle.sqlite', 'PINDLE_TODAY' => TODAY],
    );
    $began = hrtime(true);
    $run->setTimeout(600)->mustRun();

    return [(hrtime(true) - $began) / 1e9, trim($run->getOutput())];
};
$console($root.'/from', 'pindle:open');
$console($root.'/to', 'pindle:open');
$tries = (new FiveYears($root.'/from', TODAY))->write($days);
printf("%d days, %d tries\n", $days, $tries);

$server = new Server(TODAY, false, $root.'/from/pindle.sqlite');
register_shutdown_function(static fn () => $server->stop());
$ask = static function (string $path) use ($server): float {
    $began = hrtime(true);
    $said = file_get_contents($server->url.'/api'.$path, false, stream_context_create(['http' => ['header' => 'Accept: application/json']]));
    false === $said && throw new RuntimeException($path.' does not answer.');

    return (hrtime(true) - $began) / 1e6;
};
$median = static function (array $values): float {
    sort($values);

    return $values[intdiv(count($values), 2)];
};
$database = new PDO('sqlite:'.$server->data.'/pindle.sqlite', null, null, [PDO::ATTR_TIMEOUT => 10]);
$write = static fn () => $database->exec('PRAGMA user_version = '.random_int(1, 2 ** 31 - 1));
$child = json_decode((string) file_get_contents($server->url.'/api/children'), true)['present'][0]['id'];
$ask('/map/'.$child);
$cheapest = $median(array_map(static fn (): float => $ask('/lock'), range(1, 31)));
printf("%-28s %7.1f ms\n", 'the cheapest answer', $cheapest);
$pages = [
    'days' => '/journal', 'days of one child' => '/journal?child='.$child, 'days with words' => '/journal?find=ducks',
    'days of long ago' => '/journal?before=2022-05-01',
    'the year' => '/journal/year', 'how one comes along' => '/journal/children/'.$child, 'a letter' => "/journal/children/$child/letter?month=2026-02",
    'a portfolio of a month' => '/journal/portfolio?from=2026-02-01&to=2026-03-04',
];
$wrong = 0;
foreach ($pages as $what => $path) {
    $first = $ask($path);
    $again = $median(array_map(static fn (): float => $ask($path), range(1, 11)));
    $anew = $median(array_map(static function () use ($ask, $path, $write): float {
        $write();

        return $ask($path);
    }, range(1, 11)));
    printf("%-28s %7.1f ms, %4.1f times the cheapest answer (3); anew after something was written %7.1f ms, %4.1f times; the first time ever %.0f ms\n", ...[
        $what, $again, $again / $cheapest, $anew, $anew / $cheapest, $first,
    ]);
    $wrong += $again > 3 * $cheapest ? 1 : 0;
}
[$out] = $console($root.'/from', 'pindle:export', $root.'/away.zip');
printf("the household out: %.1f s (40), within %s, a file of %.1f MB\n", $out, MEMORY, filesize($root.'/away.zip') / 1e6);
[$in, $said] = $console($root.'/to', 'pindle:import', $root.'/away.zip');
printf("the household in: %.1f s (120), within %s; it was said how far it is %d times\n", $in, MEMORY, substr_count($said, "\n"));
[$again] = $console($root.'/to', 'pindle:import', $root.'/away.zip');
printf("the same once more, joined: %.1f s\n", $again);
$wrong += $out > 40 || $in > 120 ? 1 : 0;
exit($wrong > 0 ? 1 : 0);

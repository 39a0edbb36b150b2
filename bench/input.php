<?php

declare(strict_types=1);

use Pindle\App\Platform\Kernel;
use Pindle\Bench\HostileRun;
use Symfony\Component\Filesystem\Filesystem;

/*
 * ./pindle bench input [requests] [seed]: hostile requests to every endpoint, on a household of its own.
 */

require dirname(__DIR__).'/vendor/autoload.php';

$count = (int) ($argv[1] ?? 10_000);
$seed = (int) ($argv[2] ?? 1);
$data = sys_get_temp_dir().'/pindle-input-'.getmypid();
(new Filesystem())->mkdir($data);
register_shutdown_function(static fn () => (new Filesystem())->remove($data));
foreach ([
    'APP_ENV' => 'test', 'APP_SECRET' => 'bench', 'PINDLE_DATA' => $data, 'DATABASE_URL' => 'sqlite:///'.$data.'/pindle.sqlite',
    'PINDLE_TODAY' => '2026-03-04', 'PINDLE_ZONE' => 'Europe/London', 'PINDLE_DEMO' => '0', 'PINDLE_HOSTS' => 'localhost', 'PINDLE_LOG' => $data.'/log',
] as $name => $value) {
    $_SERVER[$name] = $_ENV[$name] = $value;
    putenv($name.'='.$value);
}
passthru('php '.escapeshellarg(dirname(__DIR__).'/bin/console').' doctrine:migrations:migrate --no-interaction --quiet');
$run = new HostileRun(static fn (): Kernel => new Kernel('test', false));
$started = microtime(true);
$run->run($count, $seed);
ksort($run->statuses);
printf("%d requests in %.0f s, most memory %.0f MB\n", $count, microtime(true) - $started, memory_get_peak_usage() / 1_048_576);
foreach ($run->statuses as $status => $often) {
    printf("  %d  %6d\n", $status, $often);
}
printf("wrong: %d\n", count($run->wrong));
foreach (array_slice($run->wrong, 0, 40) as $wrong) {
    echo '  ', $wrong, "\n";
}
exit([] === $run->wrong ? 0 : 1);

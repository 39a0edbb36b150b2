<?php

declare(strict_types=1);

use Pindle\Bench\ImportRun;
use Pindle\Tests\RandomHousehold;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/*
 * ./pindle bench import [files] [seed]: household files with one thing wrong, brought into an empty house; what is taken in must open every room.
 */

require dirname(__DIR__).'/vendor/autoload.php';
error_reporting(\E_ALL & ~\E_DEPRECATED & ~\E_USER_DEPRECATED);

$count = (int) ($argv[1] ?? 1000);
$seed = (int) ($argv[2] ?? 1);
$root = sys_get_temp_dir().'/pindle-import-'.getmypid();
(new Filesystem())->mkdir([$root.'/empty', $root.'/from']);
register_shutdown_function(static fn () => (new Filesystem())->remove($root));
foreach ([
    'APP_ENV' => 'test', 'APP_SECRET' => 'bench', 'PINDLE_TODAY' => '2026-03-04', 'PINDLE_ZONE' => 'Europe/London', 'PINDLE_DEMO' => '0',
    'PINDLE_HOSTS' => 'localhost', 'PINDLE_LOG' => $root.'/log', 'PINDLE_LOCKED' => '0',
] as $name => $value) {
    $_SERVER[$name] = $_ENV[$name] = $value;
    putenv($name.'='.$value);
}
$console = static function (string $data, string ...$command): void {
    (new Process(['php', 'bin/console', ...$command], dirname(__DIR__), ['PINDLE_DATA' => $data, 'DATABASE_URL' => 'sqlite:///'.$data.'/pindle.sqlite']))
        ->setTimeout(120)->mustRun();
};
$console($root.'/empty', 'pindle:open');
(new PDO('sqlite:'.$root.'/empty/pindle.sqlite'))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
(new Filesystem())->mirror($root.'/empty', $root.'/from');
if ('demo' === ($argv[3] ?? '')) {
    $console($root.'/from', 'pindle:demo');
} else {
    (new RandomHousehold($root.'/from', new Randomizer(new Xoshiro256StarStar(11))))->write();
}
$console($root.'/from', 'pindle:export', $root.'/made.zip');
$run = new ImportRun($root, $root.'/empty', $root.'/made.zip');
$started = microtime(true);
$run->run($count, $seed);
printf("%d files in %.0f s: %d refused, %d taken in\nwrong: %d\n", $count, microtime(true) - $started, $run->refused, $run->taken, count($run->wrong));
foreach (array_slice($run->wrong, 0, 60) as $wrong) {
    echo '  ', $wrong, "\n";
}
exit([] === $run->wrong ? 0 : 1);

<?php

declare(strict_types=1);

use Symfony\Component\Dotenv\Dotenv;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

require dirname(__DIR__).'/vendor/autoload.php';

// The browser's tests run beside the others, on servers of their own; those of core need no house.
if ('1' === getenv('PINDLE_BROWSER_TESTS') || '1' === getenv('PINDLE_CORE_TESTS')) {
    return;
}

// The app's tests run on a real SQLite file of their own, made anew by the migrations.
$data = dirname(__DIR__).'/var/test';
(new Filesystem())->remove([$data, dirname(__DIR__).'/var/cache/test']);
(new Filesystem())->mkdir($data);
$env = [
    'APP_ENV' => 'test',
    'PINDLE_DATA' => $data,
    'DATABASE_URL' => 'sqlite:///'.$data.'/pindle.sqlite',
    'PINDLE_TODAY' => '2026-03-04',
    'PINDLE_ZONE' => 'Europe/London',
];
foreach ($env as $name => $value) {
    $_SERVER[$name] = $_ENV[$name] = $value;
}
(new Dotenv())->bootEnv(dirname(__DIR__).'/.env', 'test');
(new Process(['php', 'bin/console', 'doctrine:migrations:migrate', '--no-interaction', '--quiet'], dirname(__DIR__), $env))->mustRun();

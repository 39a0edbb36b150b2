<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** Pindle served from a data folder of its own on a free port. */
final class Server
{
    private Process $process;
    public readonly string $url;
    public readonly string $data;

    /** @var array<string, string> */
    private array $env;

    /** @var array<string, string> day and kind => the folder it is copied from */
    private static array $prepared = [];

    /**
     * @param string|null           $database a household of an older release to open
     * @param array<string, string> $env      what differs from the usual
     */
    public function __construct(string $today, bool $demo, ?string $database = null, array $env = [])
    {
        $this->data = sys_get_temp_dir().'/pindle-data-'.bin2hex(random_bytes(4));
        (new Filesystem())->mkdir($this->data);
        $kind = $today.($demo ? ' demo' : '').$database;
        $prepared = self::$prepared[$kind] ??= $this->prepare($today, $demo, $database);
        (new Filesystem())->copy($prepared.'/pindle.sqlite', $this->data.'/pindle.sqlite');
        if (is_dir($prepared.'/photographs')) {
            (new Filesystem())->mirror($prepared.'/photographs', $this->data.'/photographs');
        }
        $this->env = $env + self::environment($this->data, $today, $demo);
        $port = self::freePort();
        $this->url = 'http://127.0.0.1:'.$port;
        $this->start();
    }

    public function start(): void
    {
        $root = \dirname(__DIR__, 2);
        // A group of its own, so that stopping it stops the workers too.
        $this->process = new Process(
            ['setsid', 'php', '-d', 'variables_order=EGPCS', '-S', substr($this->url, 7), '-t', $root.'/public', $root.'/public/router.php'],
            $root,
            $this->env,
        );
        $this->process->setTimeout(null)->disableOutput()->start();
        $until = microtime(true) + 20;
        while (false === @file_get_contents($this->url.'/api/lock')) {
            if (microtime(true) > $until) {
                throw new \RuntimeException('The server did not start.');
            }
            usleep(50_000);
        }
    }

    /** Ends it at once and without warning, as a power cut would. */
    public function kill(): void
    {
        $this->end(\SIGKILL);
    }

    /** The same household on another day. */
    public function on(string $today): void
    {
        $this->end(\SIGTERM);
        $this->env = ['PINDLE_TODAY' => $today] + $this->env;
        $this->start();
    }

    public function stop(): void
    {
        $this->end(\SIGTERM);
        (new Filesystem())->remove($this->data);
    }

    private function end(int $signal): void
    {
        $group = $this->process->getPid();
        if (null === $group) {
            return;
        }
        posix_kill(-$group, $signal);
        while ($this->process->isRunning()) {
            usleep(10_000);
        }
    }

    public static function freePort(): int
    {
        // Below those that the system hands out: asking again and again for a server that is not there yet may else connect a port to itself.
        for ($time = 0; $time < 100; ++$time) {
            $port = random_int(20_000, 32_000);
            $socket = @stream_socket_server('tcp://127.0.0.1:'.$port);
            if (false !== $socket) {
                fclose($socket);

                return $port;
            }
        }
        throw new \RuntimeException('No free port.');
    }

    /** A data folder as it stands at the start, made once a run: seeding takes longer than most stories. */
    private function prepare(string $today, bool $demo, ?string $database): string
    {
        $folder = $this->data.'-at-first';
        (new Filesystem())->mkdir($folder);
        if (null !== $database) {
            (new Filesystem())->copy($database, $folder.'/pindle.sqlite');
        }
        register_shutdown_function(static fn () => (new Filesystem())->remove($folder));
        foreach ([['doctrine:migrations:migrate', '--no-interaction'], ...($demo ? [['pindle:demo']] : [])] as $command) {
            (new Process(['php', 'bin/console', ...$command], \dirname(__DIR__, 2), self::environment($folder, $today, $demo)))->setTimeout(120)->mustRun();
        }

        return $folder;
    }

    /** @return array<string, string> */
    private static function environment(string $data, string $today, bool $demo): array
    {
        return [
            'APP_ENV' => 'prod',
            'PINDLE_DATA' => $data,
            'DATABASE_URL' => 'sqlite:///'.$data.'/pindle.sqlite',
            'PINDLE_TODAY' => $today,
            'PINDLE_ZONE' => 'Europe/London',
            'PINDLE_DEMO' => $demo ? '1' : '0',
            'PINDLE_LOG' => $data.'/log',
            'PHP_CLI_SERVER_WORKERS' => '3',
        ];
    }
}

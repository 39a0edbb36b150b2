<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** ./pindle as a parent calls it: from the shell. */
final class CommandTest extends TestCase
{
    private string $data;

    protected function setUp(): void
    {
        $this->data = sys_get_temp_dir().'/pindle-command-'.bin2hex(random_bytes(4));
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->data);
    }

    public function test_demo_serves_says_when_the_port_is_taken_and_leaves_nothing_behind(): void
    {
        $port = (string) Server::freePort();
        $demo = self::pindle('demo', '--port', $port, '--data', $this->data, '--today', '2026-03-04');
        $demo->start();
        $demo->waitUntil(static fn (string $type, string $text): bool => str_contains($text, 'Ctrl-C'));
        self::assertStringContainsString('data: '.$this->data, $demo->getOutput());
        $day = json_decode((string) file_get_contents('http://127.0.0.1:'.$port.'/api/today'), true);
        self::assertSame('2026-03-04', $day['date']);

        $second = self::pindle('demo', '--port', $port);
        self::assertSame(1, $second->run());
        self::assertStringContainsString('port '.$port.' is taken', $second->getErrorOutput());

        $demo->signal(\SIGINT);
        $until = microtime(true) + 5;
        while ($demo->isRunning() && microtime(true) < $until) {
            usleep(20_000);
        }
        self::assertFalse($demo->isRunning());
        self::assertSame('', (new Process(['pgrep', '-f', '127.0.0.1:'.$port]))->run() ? '' : 'workers were left behind');
    }

    public function test_two_servers_of_one_checkout_have_two_logs(): void
    {
        $logs = [];
        $servers = array_map(
            fn (string $name): Process => self::pindle(
                'start',
                '--port',
                (string) Server::freePort(),
                '--data',
                $this->data.'/'.$name,
                '--today',
                '2026-03-04',
            ),
            ['one', 'two'],
        );
        foreach ($servers as $i => $server) {
            $server->start();
            $server->waitUntil(static fn (string $type, string $text): bool => str_contains($text, 'Ctrl-C'));
            $logs[] = glob($this->data.'/'.['one', 'two'][$i].'/server-*.log') ?: [];
        }
        foreach ($logs as $i => $log) {
            self::assertCount(1, $log);
            preg_match('#127\.0\.0\.1:\d+#', $servers[$i]->getOutput(), $address);
            self::assertStringContainsString($address[0] ?? 'an address', (string) file_get_contents($log[0]), 'it is the log of this one');
        }
        self::assertNotSame($logs[0], $logs[1]);
        foreach ($servers as $server) {
            $server->signal(\SIGINT);
            $server->wait();
        }
    }

    public function test_demo_does_not_touch_a_household_of_its_own(): void
    {
        (new Filesystem())->dumpFile($this->data.'/pindle.sqlite', 'precious');
        $demo = self::pindle('demo', '--port', (string) Server::freePort(), '--data', $this->data);

        self::assertSame(1, $demo->run());
        self::assertStringContainsString('is in use; the demo does not touch it', $demo->getErrorOutput());
        self::assertSame('precious', file_get_contents($this->data.'/pindle.sqlite'));
    }

    public function test_what_it_does_not_know_it_says(): void
    {
        foreach ([['dance'], ['demo', '--port', 'x'], ['demo', '--today', '2026-02-30']] as $arguments) {
            $process = self::pindle(...$arguments);
            self::assertSame(1, $process->run());
            self::assertStringContainsString('pindle: ', $process->getErrorOutput());
        }
    }

    private static function pindle(string ...$arguments): Process
    {
        // Its own environment: what the test run pretends must not reach it.
        return (new Process(
            ['./pindle', ...$arguments],
            \dirname(__DIR__, 2),
            ['APP_ENV' => false, 'PINDLE_DATA' => false, 'PINDLE_TODAY' => false, 'DATABASE_URL' => false, 'PINDLE_ZONE' => false],
        ))->setTimeout(120);
    }
}

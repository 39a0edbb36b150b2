<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** ./pindle start --lan: https for the family's own network, behind a passphrase, and nothing left when it ends. */
final class LanTest extends TestCase
{
    private const ADDRESS = '127.0.0.2';

    private string $data;
    private int $port;
    private Process $pindle;

    protected function setUp(): void
    {
        $root = \dirname(__DIR__, 2);
        $as = 0 === posix_getuid() ? ['--user', 'nobody'] : [];
        if ([] !== $as && 0 !== (new Process(['setpriv', '--reuid', 'nobody', '--clear-groups', 'test', '-x', $root.'/public']))->run()) {
            self::markTestSkipped('The folder of this checkout can only be read by root, as whom PHP never serves a network.');
        }
        $this->data = sys_get_temp_dir().'/pindle-lan-'.bin2hex(random_bytes(4));
        $this->port = Server::freePort();
        $this->pindle = new Process(
            ['setsid', './pindle', 'start', '--lan', ...$as, '--port', (string) $this->port, '--data', $this->data, '--today', '2026-03-04'],
            $root,
            ['PINDLE_LAN_ADDRESSES' => self::ADDRESS],
            "three wet mooring ropes\n",
        );
        $this->pindle->setTimeout(null)->start();
        $until = microtime(true) + 90;
        while (!str_contains($this->pindle->getOutput(), 'Ctrl-C')) {
            if (microtime(true) > $until || !$this->pindle->isRunning()) {
                self::fail('It did not start: '.$this->pindle->getOutput().$this->pindle->getErrorOutput());
            }
            usleep(100_000);
        }
    }

    protected function tearDown(): void
    {
        if (isset($this->pindle) && $this->pindle->isRunning()) {
            $this->pindle->signal(\SIGTERM);
            $this->pindle->wait();
        }
        (new Filesystem())->remove($this->data ?? []);
    }

    public function test_it_answers_by_https_with_a_root_for_this_house_only_listens_where_it_says_and_ends_whole_when_killed(): void
    {
        // Every socket it listens on, and who runs it.
        self::assertSame(
            ['127.0.0.1:'.$this->port, self::ADDRESS.':'.($this->port + 1)],
            $this->listening(),
        );
        foreach ($this->processes() as $uid => $names) {
            self::assertNotSame(0, $uid, implode(', ', $names));
        }

        // Trusted with its own root, and by nobody else; by name and by address.
        $name = $this->leafName();
        [$status, $said] = $this->ask('https://'.self::ADDRESS.':'.($this->port + 1).'/api/lock');
        self::assertSame([200, '{"isSet":true,"who":null,"demo":false}'], [$status, $said]);
        self::assertSame(200, $this->ask('https://'.$name.':'.($this->port + 1).'/api/lock', $name)[0]);
        self::assertSame(401, $this->ask('https://'.self::ADDRESS.':'.($this->port + 1).'/api/today')[0]);
        self::assertSame(401, $this->ask('http://127.0.0.1:'.$this->port.'/api/today')[0], 'on this machine too');
        self::assertSame(0, $this->ask('https://'.self::ADDRESS.':'.($this->port + 1).'/api/lock', trusts: false)[0]);
        $root = openssl_x509_parse((string) file_get_contents($this->data.'/lan/root.pem'));
        self::assertIsArray($root);
        self::assertStringContainsString('DNS:local', $root['extensions']['nameConstraints']);
        self::assertStringContainsString('IP:192.168.0.0/255.255.0.0', $root['extensions']['nameConstraints']);
        $leaf = openssl_x509_parse((string) file_get_contents($this->data.'/lan/leaf.pem'));
        self::assertIsArray($leaf);
        self::assertLessThanOrEqual(397 * 86_400, $leaf['validTo_time_t'] - $leaf['validFrom_time_t']);
        foreach (['root.key', 'leaf.key'] as $key) {
            self::assertSame('0600', substr(\sprintf('%o', fileperms($this->data.'/lan/'.$key)), -4));
        }

        // Killed outright, nothing is left.
        posix_kill((int) $this->pindle->getPid(), \SIGKILL);
        $until = microtime(true) + 10;
        while ([] !== $this->processes() && microtime(true) < $until) {
            usleep(100_000);
        }
        self::assertSame([], $this->processes());
    }

    /** As the leaf names it. */
    private function leafName(): string
    {
        return (string) strtok((string) file_get_contents($this->data.'/lan/leaf.names'), "\n");
    }

    /** @return array{int, string} status and body; 0 where there is no trust */
    private function ask(string $url, ?string $name = null, bool $trusts = true): array
    {
        $curl = curl_init($url);
        self::assertNotFalse($curl);
        curl_setopt_array($curl, [
            \CURLOPT_RETURNTRANSFER => true,
            \CURLOPT_TIMEOUT => 10,
            \CURLOPT_RESOLVE => null === $name ? [] : [$name.':'.($this->port + 1).':'.self::ADDRESS],
        ] + ($trusts ? [\CURLOPT_CAINFO => $this->data.'/lan/root.pem'] : []));
        $said = (string) curl_exec($curl);

        return [curl_getinfo($curl, \CURLINFO_RESPONSE_CODE), $said];
    }

    /** @return list<string> addresses and ports of all sockets, TCP and UDP, that a process with our folder in its hands listens on */
    private function listening(): array
    {
        $sockets = [];
        foreach (['tcp', 'tcp6', 'udp', 'udp6'] as $kind) {
            foreach (\array_slice(file('/proc/net/'.$kind) ?: [], 1) as $line) {
                $columns = preg_split('/\s+/', trim($line)) ?: [];
                if ('0A' === $columns[3] || 'udp' === substr($kind, 0, 3)) {
                    $sockets[$columns[9]] = $columns[1];
                }
            }
        }
        $ours = [];
        foreach (array_merge(...array_values($this->processes(pids: true))) as $pid) {
            foreach (glob('/proc/'.$pid.'/fd/*') ?: [] as $fd) {
                if (1 === preg_match('/^socket:\[(\d+)\]$/', (string) @readlink($fd), $found) && isset($sockets[$found[1]])) {
                    [$address, $port] = explode(':', $sockets[$found[1]]);
                    $ours[] = implode('.', array_map(hexdec(...), array_reverse(str_split($address, 2)))).':'.hexdec($port);
                }
            }
        }
        sort($ours);

        return array_values(array_unique($ours));
    }

    /** @return array<int, list<string>> user id => command lines (or process ids) of what serves our folder */
    private function processes(bool $pids = false): array
    {
        $found = [];
        foreach (glob('/proc/[0-9]*') ?: [] as $process) {
            $command = str_replace("\0", ' ', (string) @file_get_contents($process.'/cmdline'));
            $environment = (string) @file_get_contents($process.'/environ');
            $serves = 1 === preg_match('/caddy|php-fpm|pindle:work/', $command);
            if ($serves && (str_contains($command, $this->data) || str_contains($environment, 'PINDLE_DATA='.$this->data))) {
                $found[(int) @fileowner($process)][] = $pids ? basename($process) : $command;
            }
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Pindle\App\Platform\Database\Written;
use Pindle\App\Platform\Lock\Lock;
use Pindle\App\Platform\Lock\Who;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Symfony\Component\Routing\RouterInterface;

/** Every way into the house, however it is spelt, with no token and with a table device's; and what the door does where its lock is no lock. */
final class DoorTest extends ApiTestCase
{
    use FullDisk;

    private const PASSPHRASE = 'three wet mooring ropes';
    private const HASH = '$2y$04$mJkSkYZAQElsp2CherZQoONYmXNC5GZROPQocQt4XdUHVZuzu7uqG';
    private const TOKEN = 'abababababababababababababababababababababababababababababababab';
    private const ID = '0195a000-0000-7000-8000-000000000000';

    protected function setUp(): void
    {
        parent::setUp();
        $this->forget();
    }

    protected function tearDown(): void
    {
        $this->forget();
        parent::tearDown();
    }

    private function forget(): void
    {
        (new Filesystem())->remove(glob($_SERVER['PINDLE_DATA'].'/lock*') ?: []);
    }

    /** Whoever answers must be a route that says it is for whoever asks. Which one was matched decides, so that is what is looked at. */
    public function test_every_route_in_every_spelling_is_shut_to_whom_it_does_not_name(): void
    {
        $this->addChild('Quillow', '2021-06-01');
        $lock = new Lock((string) $_SERVER['PINDLE_DATA']);
        $lock->setPassphrase(self::PASSPHRASE);
        $tokens = ['no token' => null, 'table' => $lock->signIn('Phone', Who::Table, time())];
        $router = self::service(RouterInterface::class);
        $who = [];
        foreach ($router->getRouteCollection() as $name => $route) {
            $who[$name] = Who::of($route->getDefaults());
        }
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        $before = Written::stamp($connection);
        $asked = $reached = 0;
        foreach ($router->getRouteCollection() as $name => $route) {
            $path = (string) preg_replace('/\{\w+\}/', self::ID, $route->getPath());
            $method = $route->getMethods()[0] ?? 'GET';
            foreach ($tokens as $whose => $token) {
                // A table device may use what is the table's; what that does is another test's.
                if (Who::Public === $who[$name] || null !== $token && Who::Table === $who[$name]) {
                    continue;
                }
                foreach (self::spellings($method, $path) as $how => [$verb, $uri, $headers]) {
                    [$response, $request] = $this->knock($verb, $uri, $headers, $token, (string) ($route->getDefault('_takes') ?? 'application/json'));
                    ++$asked;
                    $what = $whose.', '.$how.': '.$verb.' '.$uri.' => '.$response->getStatusCode();
                    $matched = $request->attributes->getString('_route');
                    if ($response->getStatusCode() < 400) {
                        self::assertContains($who[$matched] ?? null, null === $token ? [Who::Public] : [Who::Public, Who::Table], $what.' by '.$matched);
                    } else {
                        self::assertSame('application/problem+json', $response->headers->get('Content-Type'), $what);
                        self::assertLessThan(500, $response->getStatusCode(), $what);
                    }
                    if ($matched === $name) {
                        ++$reached;
                        self::assertSame(null === $token ? 401 : 403, $response->getStatusCode(), $what);
                    }
                    self::assertStringNotContainsString('Quillow', (string) $response->getContent(), $what);
                }
            }
        }
        self::assertSame($before, Written::stamp($connection), 'nothing was written by any of them');
        self::assertGreaterThan(4000, $asked);
        // Encoded letters, override headers and the script's own name do lead to the route: they must be among what was tried.
        self::assertGreaterThan(1000, $reached);
    }

    public function test_the_page_of_routes_is_what_the_lock_reads(): void
    {
        require_once \dirname(__DIR__, 2).'/tools/routes.php';
        $router = self::service(RouterInterface::class);
        self::assertSame(routesPage($router->getRouteCollection()), file_get_contents(\dirname(__DIR__, 2).'/docs/routes.md'), 'run php tools/routes.php');
    }

    /** @return array<string, array{string, string, array<string, string>}> how => method, address, headers */
    private static function spellings(string $method, string $path): array
    {
        $parts = explode('/', ltrim($path, '/'), 2);
        $encode = static fn (string $letter): string => '/' === $letter ? '/' : \sprintf('%%%02x', \ord($letter));
        $all = static fn (string $text): string => implode('', array_map($encode, str_split($text)));

        return [
            'as it is' => [$method, $path, []],
            'a letter encoded' => [$method, '/'.\sprintf('%%%02X', \ord($parts[0][0] ?? 'x')).substr($parts[0], 1).'/'.($parts[1] ?? ''), []],
            'every letter encoded' => [$method, $all($path), []],
            'a letter of what follows encoded' => [$method, substr($path, 0, -1).\sprintf('%%%02x', \ord($path[-1])), []],
            'encoded twice' => [$method, str_replace('/a', '/%2561', $path), []],
            'doubled slash at first' => [$method, '/'.$path, []],
            'doubled slashes' => [$method, str_replace('/', '//', $path), []],
            'dots' => [$method, '/.'.$path, []],
            'dots up' => [$method, '/build/..'.$path, []],
            'dots up, encoded' => [$method, '/build/%2e%2e'.$path, []],
            'capitals' => [$method, strtoupper($path), []],
            'a capital' => [$method, '/A'.substr($path, 2), []],
            'semicolon' => [$method, $path.';x=1', []],
            'semicolon inside' => [$method, '/'.$parts[0].';x/'.($parts[1] ?? ''), []],
            'slash encoded' => [$method, '/'.str_replace('/', '%2f', ltrim($path, '/')), []],
            'first slash encoded' => [$method, '/%2F'.ltrim($path, '/'), []],
            'backslash' => [$method, str_replace('/', '\\', $path), []],
            'trailing dot' => [$method, $path.'.', []],
            'trailing slash' => [$method, $path.'/', []],
            'trailing space' => [$method, $path.'%20', []],
            'a nought' => [$method, $path.'%00', []],
            'the script\'s name' => [$method, '/index.php'.$path, []],
            'a whole address' => [$method, 'http://localhost'.$path, []],
            'HEAD' => ['HEAD', $path, []],
            'HEAD, encoded' => ['HEAD', $all($path), []],
            'OPTIONS' => ['OPTIONS', $path, []],
            'an unknown method' => ['BREW', $path, []],
            'small letters of the method' => [strtolower($method), $path, []],
            'override header' => ['POST', $path, ['HTTP_X_HTTP_METHOD_OVERRIDE' => $method]],
            'override in the address' => ['POST', $path.'?_method='.$method, []],
            'another address said in a header' => ['GET', '/', ['HTTP_X_ORIGINAL_URL' => $path, 'HTTP_X_REWRITE_URL' => $path]],
            'said to come from here' => [$method, $path, ['HTTP_X_FORWARDED_FOR' => '127.0.0.1', 'HTTP_X_REAL_IP' => '127.0.0.1']],
        ];
    }

    /**
     * @param array<string, string> $headers
     *
     * @return array{Response, Request}
     */
    private function knock(string $method, string $uri, array $headers, ?string $token, string $type): array
    {
        $request = Request::create('http://localhost/', $method, server: $headers + [
            'CONTENT_TYPE' => $type, 'HTTP_SEC_FETCH_SITE' => 'same-origin', 'SCRIPT_NAME' => '/index.php', 'SCRIPT_FILENAME' => '/house/public/index.php',
        ], content: '{}');
        // As a server hands it on: as it was sent.
        $request->server->set('REQUEST_URI', $uri);
        $request->server->set('PHP_SELF', '/index.php');
        $request->setMethod($method);
        $request = $request->duplicate();
        if (null !== $token) {
            $request->cookies->set('pindle', $token);
        }
        $kernel = self::$kernel;
        self::assertInstanceOf(HttpKernelInterface::class, $kernel);

        return [$kernel->handle($request), $request];
    }

    /** @return iterable<string, array{string|null}> what became of the lock => what lies there then; null where nothing does */
    public static function ruins(): iterable
    {
        $whole = self::whole();
        $without = static fn (string $key): string => (string) json_encode(array_diff_key($whole, [$key => 1]));
        $with = static fn (array $other): string => (string) json_encode($other + $whole);
        $device = ['id' => 'a', 'name' => 'Phone', 'who' => 'parent', 'made' => 1, 'used' => time()];
        yield 'gone' => [null];
        yield 'empty' => [''];
        yield 'braces' => ['{}'];
        yield 'a list' => ['[]'];
        yield 'null' => ['null'];
        yield 'half of it' => [substr($with([]), 0, -9)];
        yield 'no passphrase' => [$without('passphrase')];
        yield 'a passphrase that is null' => [$with(['passphrase' => null])];
        yield 'a passphrase that is no hash' => [$with(['passphrase' => self::PASSPHRASE])];
        yield 'no devices' => [$without('devices')];
        yield 'devices that are text' => [$with(['devices' => 'all'])];
        yield 'a device by no hash' => [$with(['devices' => ['x' => $device]])];
        yield 'a device for anybody' => [$with(['devices' => [str_repeat('a', 64) => ['who' => 'public'] + $device]])];
        yield 'a device that was never used' => [$with(['devices' => [str_repeat('a', 64) => array_diff_key($device, ['used' => 1])]])];
        yield 'a code that is text' => [$with(['code' => 'open'])];
        yield 'a code for ever' => [$with(['code' => ['hash' => 'x']])];
        yield 'of a newer release' => [$with(['version' => 2])];
        yield 'of a release that counts in words' => [$with(['version' => '1'])];
    }

    #[DataProvider('ruins')]
    public function test_a_lock_that_cannot_be_read_lets_nobody_in(?string $text): void
    {
        $file = $_SERVER['PINDLE_DATA'].'/lock.json';
        // Gone is what it was only to a house that was started with one.
        $this->startedWithAPassphrase();
        null === $text || file_put_contents($file, $text);
        $asked = ['/api/today' => 'GET', '/api/lock' => 'GET', '/' => 'GET', '/sw.js' => 'GET', '/api/children' => 'POST', '/api/lock/sign-in' => 'POST'];
        foreach ($asked as $path => $method) {
            [$response] = $this->knock($method, $path, [], self::TOKEN, 'application/json');
            self::assertSame(503, $response->getStatusCode(), $method.' '.$path);
            self::assertStringContainsString('cannot be read', (string) $response->getContent());
        }
        self::assertSame($text, is_file($file) ? file_get_contents($file) : null, 'nothing was made of it');
    }

    public function test_a_lock_that_is_whole_lets_its_device_in_and_a_new_passphrase_mends_what_cannot_be_read(): void
    {
        $file = $_SERVER['PINDLE_DATA'].'/lock.json';
        $lock = $this->startedWithAPassphrase();
        file_put_contents($file, json_encode(self::whole()));
        self::assertSame(200, $this->knock('GET', '/api/children', [], self::TOKEN, 'application/json')[0]->getStatusCode());
        file_put_contents($file, '');
        $lock->setPassphrase(self::PASSPHRASE);
        self::assertSame(401, $this->knock('GET', '/api/children', [], self::TOKEN, 'application/json')[0]->getStatusCode());
        self::assertTrue($lock->opens(self::PASSPHRASE));
    }

    /** @return array<string, mixed> */
    private static function whole(): array
    {
        $device = ['id' => 'a', 'name' => 'Laptop', 'who' => 'parent', 'made' => 1, 'used' => time()];

        return ['version' => 1, 'passphrase' => self::HASH, 'code' => null, 'devices' => [hash('sha256', self::TOKEN) => $device]];
    }

    public function test_a_lock_of_the_release_before_is_read(): void
    {
        $token = str_repeat('ab', 32);
        file_put_contents($_SERVER['PINDLE_DATA'].'/lock.json', json_encode([
            'passphrase' => self::HASH, 'code' => null,
            'devices' => [hash('sha256', $token) => ['id' => 'a', 'name' => 'Phone', 'who' => 'table', 'made' => 1, 'used' => time()]],
        ]));
        $lock = new Lock((string) $_SERVER['PINDLE_DATA']);
        self::assertTrue($lock->isSet());
        self::assertSame('Phone', $lock->device($token, time())?->name);
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function elsewhere(): iterable
    {
        yield 'another address' => [['REMOTE_ADDR' => '192.168.1.20']];
        yield 'an address of the world' => [['REMOTE_ADDR' => '203.0.113.9']];
        yield 'no address' => [['REMOTE_ADDR' => '']];
        yield 'by way of another server' => [['HTTP_X_FORWARDED_FOR' => '192.168.1.20']];
        yield 'by way of another server, newly' => [['HTTP_FORWARDED' => 'for=192.168.1.20']];
    }

    /** @param array<string, string> $server */
    #[DataProvider('elsewhere')]
    public function test_before_there_is_a_passphrase_nobody_but_this_machine_is_answered(array $server): void
    {
        self::assertSame(401, $this->knock('GET', '/api/today', $server, null, 'application/json')[0]->getStatusCode());
        self::assertSame(200, $this->knock('GET', '/api/today', ['REMOTE_ADDR' => '127.0.0.9'], null, 'application/json')[0]->getStatusCode());
    }

    /** No byte fits: as on a full disk, whoever runs the test. */
    public function test_on_a_full_disk_the_lock_stays_as_it_is_and_nobody_guesses_for_nothing(): void
    {
        $lock = new Lock((string) $_SERVER['PINDLE_DATA']);
        $lock->setPassphrase(self::PASSPHRASE);
        $token = $lock->signIn('Phone', Who::Table, time() - 2 * 86_400);
        $code = $lock->newCode(time());
        $file = $_SERVER['PINDLE_DATA'].'/lock.json';
        $before = file_get_contents($file);
        self::assertSame(422, $this->signIn(['name' => 'x', 'code' => 'aaaa-aaaa']), 'with room');

        $answers = self::onAFullDisk(fn (): array => array_map(fn (array $said): int => $this->knock(...$said)[0]->getStatusCode(), [
            'reading' => ['GET', '/api/lock', [], null, 'application/json'],
            'a device that is in' => ['GET', '/api/table/stand-ins', [], $token, 'application/json'],
            'a stranger' => ['GET', '/api/today', [], null, 'application/json'],
        ]));
        self::assertSame([200, 200, 401], [$answers['reading'], $answers['a device that is in'], $answers['a stranger']]);
        $refused = self::onAFullDisk(fn (): array => [
            $this->signIn(['name' => 'x', 'code' => 'aaaa-aaaa']),
            $this->signIn(['name' => 'x', 'code' => $code]),
            $this->signIn(['name' => 'x', 'passphrase' => self::PASSPHRASE]),
        ]);
        self::assertSame([507, 507, 507], $refused);
        self::assertSame($before, file_get_contents($file), 'byte for byte');
        self::assertSame([], glob(\dirname($file).'/.part-*') ?: [], 'no half of it is left');
        self::assertSame(200, $this->signIn(['name' => 'x', 'code' => $code]), 'with room again the code is as good as before');
    }

    /** What cannot be written leaves what was there. */
    public function test_a_new_passphrase_that_does_not_fit_leaves_the_old_one(): void
    {
        $lock = new Lock((string) $_SERVER['PINDLE_DATA']);
        $lock->setPassphrase(self::PASSPHRASE);
        $said = self::onAFullDisk(static function () use ($lock): string {
            try {
                $lock->setPassphrase('another one altogether');
            } catch (\Pindle\App\Platform\NotWritten $e) {
                return $e->getMessage();
            }

            return 'it was set';
        });
        self::assertStringContainsString('othing was written down', $said);
        self::assertTrue($lock->opens(self::PASSPHRASE));
    }

    public function test_a_clock_that_is_put_back_makes_nothing_good_for_longer(): void
    {
        $lock = new Lock((string) $_SERVER['PINDLE_DATA']);
        $lock->setPassphrase(self::PASSPHRASE);
        $now = 1_700_000_000;
        $code = $lock->newCode($now);
        self::assertFalse($lock->takeCode($code, $now - 1));
        self::assertTrue($lock->takeCode($code, $now));
        $token = $lock->signIn('Phone', Who::Table, $now);
        self::assertNotNull($lock->device($token, $now - 86_400), 'it stays in');
        self::assertSame($now - 86_400, array_values($lock->devices())[0]->used, 'from now on, by this clock');
    }

    /** One code lets one of them in, and what others keep meanwhile is not lost. */
    public function test_of_twelve_devices_at_once_one_gets_in_by_a_code_and_all_are_kept_who_say_the_passphrase(): void
    {
        $data = (string) $_SERVER['PINDLE_DATA'];
        $lock = new Lock($data);
        $lock->setPassphrase(self::PASSPHRASE);
        $code = $lock->newCode(time());
        $script = 'require "vendor/autoload.php"; $lock = new Pindle\App\Platform\Lock\Lock($argv[1]); $in = $lock->takeCode($argv[2], time()); '
            .'$lock->signIn("Device ".$argv[3], Pindle\App\Platform\Lock\Who::Table, time()); echo $in ? "in" : "out";';
        $all = array_map(static function (int $i) use ($script, $data, $code): \Symfony\Component\Process\Process {
            $one = new \Symfony\Component\Process\Process([\PHP_BINARY, '-r', $script, $data, $code, (string) $i], \dirname(__DIR__, 2));
            $one->start();

            return $one;
        }, range(1, 12));
        $said = [];
        foreach ($all as $one) {
            $one->wait();
            $said[] = $one->getOutput();
        }
        self::assertSame(['in' => 1, 'out' => 11], [...['in' => 0], ...array_count_values($said)]);
        self::assertCount(12, $lock->devices());
    }

    /** @param array<string, string> $body */
    private function signIn(array $body): int
    {
        $headers = ['CONTENT_TYPE' => 'application/json', 'HTTP_SEC_FETCH_SITE' => 'same-origin'];
        $request = Request::create('http://localhost/api/lock/sign-in', 'POST', server: $headers, content: (string) json_encode($body));
        $kernel = self::$kernel;
        self::assertInstanceOf(HttpKernelInterface::class, $kernel);

        return $kernel->handle($request)->getStatusCode();
    }

    /** Of a house that was started as one with a passphrase; this kernel is, too, from here on. */
    private function startedWithAPassphrase(): Lock
    {
        self::ensureKernelShutdown();
        $before = $_ENV['PINDLE_LOCKED'] ?? '0';
        $_SERVER['PINDLE_LOCKED'] = $_ENV['PINDLE_LOCKED'] = '1';
        try {
            $this->browser = self::createClient(['debug' => false]);

            return self::service(Lock::class);
        } finally {
            $_SERVER['PINDLE_LOCKED'] = $_ENV['PINDLE_LOCKED'] = $before;
        }
    }
}

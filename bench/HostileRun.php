<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Household\Activities;
use Pindle\App\Platform\Kernel;
use Psr\Container\ContainerInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Yaml\Yaml;

/**
 * Sends hostile requests to the kernel, each as in life with nothing left in its hands, and says what went wrong: an answer of 500 or above, a
 * refusal that is no problem details, a write behind a refusal, a room that does not open afterwards.
 */
final class HostileRun
{
    private const ROOMS = ['/today', '/children', '/cupboard', '/cupboard/lacking', '/activities', '/house', '/find?q=a'];

    private const HEADERS = ['Content-Type' => 'application/json', 'Sec-Fetch-Site' => 'same-origin'];

    /** Rooms are opened after so many requests, and at the end. */
    private const EVERY = 100;

    /** @var array<int, int> status => how often */
    public array $statuses = [];

    /** @var list<string> */
    public array $wrong = [];

    private string $childId;

    private ?Connection $watcher = null;

    /** In life every request has a kernel of its own; one that finds nothing changed finds in the last one's hands what it would read itself. */
    private ?Kernel $kernel = null;

    /** @param callable(): Kernel $boot a kernel that has handled nothing yet */
    public function __construct(private readonly mixed $boot)
    {
    }

    public function run(int $count, int $seed): void
    {
        $hostile = $this->prepare();
        [$changes, $digest] = $this->state(null, '');
        foreach ($hostile->requests($count, $seed) as $i => $request) {
            $response = $this->send($request['method'], $request['path'], $request['body'], $request['headers']);
            $status = $response->getStatusCode();
            $this->statuses[$status] = ($this->statuses[$status] ?? 0) + 1;
            $what = \sprintf('#%d %s %s %s => %d', $i, $request['method'], substr($request['path'], 0, 120), substr($request['body'], 0, 600), $status);
            if ($status >= 500 || 307 === $status) {
                $this->wrong[] = $what;
            }
            if ($status >= 400 && !self::isProblem($response)) {
                $this->wrong[] = 'no problem details: '.$what.' '.substr((string) $response->getContent(), 0, 200);
            }
            [$changed, $now] = $this->state($changes, $digest);
            if ($status >= 400 && $now !== $digest) {
                $this->wrong[] = 'written all the same: '.$what;
            }
            if ($now !== $digest) {
                $this->forget();
            }
            [$changes, $digest] = [$changed, $now];
            if (self::EVERY - 1 === $i % self::EVERY) {
                $this->forget();
                $this->openRooms($what);
                [$changes, $digest] = $this->state(null, '');
            }
        }
        $this->forget();
        $this->openRooms('the end');
    }

    private function prepare(): HostileInput
    {
        $json = function (string $method, string $path, array $body): array {
            $this->forget();

            return (array) json_decode((string) $this->send($method, $path, json_encode((object) $body) ?: '')->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        };
        $this->childId = (string) $json('POST', '/api/children', ['name' => 'Wim', 'born' => '2021-06-01'])['id'];
        $json('POST', '/api/children', ['name' => 'Ada', 'born' => '2023-06-01']);
        $things = array_column($json('POST', '/api/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids']])['things'], 'id');
        $setUps = $json('POST', '/api/today/plan', [])['setUps'];
        $sittings = array_column(array_merge(...array_column($setUps, 'sittings')), 'id');
        $questions = array_column($json('GET', '/api/table/'.$setUps[0]['id'], [])['turns'], 'questionId');
        $kernel = ($this->boot)();
        $kernel->boot();
        $activities = self::services($kernel)->get(Activities::class);
        \assert($activities instanceof Activities);
        $api = json_decode((string) file_get_contents(\dirname(__DIR__).'/openapi/openapi.json'), true, 64, \JSON_THROW_ON_ERROR);

        return new HostileInput($api, [
            'childId' => [$this->childId],
            'stepId' => ['count-out@5', 'count-out@10', 'join@10'],
            'setUpId' => array_column($setUps, 'id'),
            'sittingId' => $sittings,
            'questionId' => $questions,
            'id' => [$this->childId, ...$things, 'frame-set'],
            'shipped' => ['corks', 'socks'],
        ], Yaml::dump($activities->data('fair-shares'), 6, 2));
    }

    private function forget(): void
    {
        $this->kernel?->shutdown();
        $this->kernel = null;
    }

    private function openRooms(string $after): void
    {
        foreach ([...self::ROOMS, '/map/'.$this->childId] as $room) {
            $response = $this->send('GET', '/api'.$room, '');
            // The child may be archived by now; then there is no map.
            if (200 !== $response->getStatusCode() && !(404 === $response->getStatusCode() && str_starts_with($room, '/map'))) {
                $this->wrong[] = \sprintf('%s does not open after %s: %d', $room, $after, $response->getStatusCode());
            }
        }
    }

    /** @param array<string, string> $headers */
    private function send(string $method, string $path, string $body, array $headers = self::HEADERS): Response
    {
        $server = ['HTTP_HOST' => 'localhost', 'HTTP_ACCEPT' => 'application/json'];
        foreach ($headers as $name => $value) {
            $server['Content-Type' === $name ? 'CONTENT_TYPE' : 'HTTP_'.strtoupper(strtr($name, '-', '_'))] = $value;
        }
        $this->kernel ??= ($this->boot)();
        $request = Request::create($path, $method, server: $server, content: $body);
        $response = $this->kernel->handle($request);
        $this->kernel->terminate($request, $response);

        return $response;
    }

    /**
     * What tells whether something was written: read again only where the database says that it changed, on this connection or another.
     *
     * @return array{string, string} changes so far, digest
     */
    private function state(?string $changes, string $digest): array
    {
        $connection = $this->watcher ??= $this->connect();
        $now = $connection->fetchOne('SELECT total_changes()').'/'.$connection->fetchOne('PRAGMA data_version');

        return [$now, $now === $changes ? $digest : self::digest($connection)];
    }

    private function connect(): Connection
    {
        $kernel = ($this->boot)();
        $kernel->boot();
        $entities = self::services($kernel)->get(EntityManagerInterface::class);

        return $entities instanceof EntityManagerInterface ? $entities->getConnection() : throw new \LogicException('Pindle keeps its data with the ORM.');
    }

    private static function services(Kernel $kernel): ContainerInterface
    {
        $services = $kernel->getContainer()->get('test.service_container');

        return $services instanceof ContainerInterface ? $services : throw new \LogicException('This is for the test environment.');
    }

    private static function digest(Connection $connection): string
    {
        $hash = hash_init('xxh128');
        foreach ($connection->fetchFirstColumn("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name") as $table) {
            foreach ($connection->iterateNumeric('SELECT * FROM '.$table) as $row) {
                hash_update($hash, $table.serialize($row));
            }
        }

        return hash_final($hash);
    }

    private static function isProblem(Response $response): bool
    {
        $said = json_decode((string) $response->getContent(), true);

        return 'application/problem+json' === $response->headers->get('Content-Type')
            && \is_array($said)
            && $response->getStatusCode() === ($said['status'] ?? null)
            && '' !== ($said['title'] ?? '') && 1 !== preg_match('/Pindle\\\\|Symfony\\\\|\.php|Doctrine/', (string) $response->getContent());
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\TestCase;
use Pindle\App\Exchange\Without;
use Pindle\Tests\Browser\Server;
use Pindle\Tests\Camera;
use Symfony\Component\Filesystem\Filesystem;

/** A child of the sample household is erased for good: nothing of them is left in any file of the data folder. */
final class EraseTest extends TestCase
{
    private const DEVICE = '0195a000-0000-4000-8000-00000000dddd';

    private static Server $server;

    /** Answers that are kept lie here, beside what is compiled. */
    private static string $kept;

    public static function setUpBeforeClass(): void
    {
        self::$kept = sys_get_temp_dir().'/pindle-kept-'.bin2hex(random_bytes(4));
        self::$server = new Server('2026-03-04', true, null, ['PINDLE_CACHE' => self::$kept]);
    }

    public static function tearDownAfterClass(): void
    {
        self::$server->stop();
        (new Filesystem())->remove(self::$kept);
    }

    public function test_a_child_is_gone_from_every_file(): void
    {
        $children = self::ask('GET', '/children')['present'];
        $lark = array_values(array_filter($children, static fn (array $child): bool => 'Lark' === $child['name']))[0];
        $maren = array_values(array_filter($children, static fn (array $child): bool => 'Maren' === $child['name']))[0];
        [$id, $erase] = [$lark['id'], '/journal/children/'.$lark['id'].'/erase'];
        self::liveWith($id, $maren['id']);
        self::ask('POST', '/house/copies', []);
        self::ask('GET', '/journal');
        self::assertNotSame([], self::filesWith('Lark', self::$kept.'/prod/pools'), 'answers are kept');
        self::assertNotSame([], self::filesWith($id), 'before that it is in many');
        $before = self::photographs();

        $leaves = self::ask('GET', $erase)['leaves'];
        self::assertGreaterThan(20, $leaves['seen']);
        self::assertSame([1, 1, 1, 0], [$leaves['photographs'], $leaves['shared'], $leaves['copies'], $leaves['letters']]);
        self::assertSame(1, $leaves['mentions'], 'one line of mine about another names Lark');

        $wrong = self::ask('POST', $erase, ['name' => 'lark', 'copies' => true], 422);
        self::assertSame('name', $wrong['errors'][0]['field']);
        self::assertNotSame([], self::filesWith($id));

        $said = self::ask('POST', $erase, ['name' => 'Lark', 'copies' => true])['says'];
        self::assertStringContainsString('erased for good', $said);
        self::assertStringContainsString('out of Pindle\'s reach', $said);

        self::assertSame(['Maren', 'Tobin'], array_column(self::ask('GET', '/children')['present'], 'name'));
        // The id alone stays, once, so that no file brings the child back; the name stays in the one line of mine about another.
        $database = new \PDO('sqlite:'.self::$server->data.'/pindle.sqlite');
        $erased = ($database->query('SELECT id FROM erased') ?: throw new \LogicException())->fetchAll(\PDO::FETCH_COLUMN);
        self::assertContains($id, $erased);
        self::assertSame(['pindle.sqlite' => 2], self::filesWith($id), 'in the table of what was erased and its index');
        self::assertSame(['pindle.sqlite' => 1], self::filesWith('Lark'));
        self::assertSame([], self::filesWith('Lark', self::$kept.'/prod/pools'), 'no answer is kept that names Lark');
        self::assertSame([], glob(self::$server->data.'/copies/*.zip') ?: []);
        self::assertSame($before - 1, self::photographs(), 'the one of Lark alone');
        self::assertSame([[$maren['id']]], array_column(self::ask('GET', '/journal')['days'][0]['photographs'], 'childIds'));
        self::assertSame(0, is_file(self::$server->data.'/pindle.sqlite-wal') ? filesize(self::$server->data.'/pindle.sqlite-wal') : 0);

        // Life goes on: the day is planned for the others, and their records are whole.
        $today = self::ask('GET', '/today');
        self::assertSame(['Maren', 'Tobin'], array_column($today['children'], 'name'));
        self::assertNotContains($id, array_merge(...array_map(
            static fn (array $setUp): array => array_column($setUp['sittings'], 'childId'),
            $today['setUps'],
        )));
        self::assertNotSame([], self::ask('GET', '/map/'.$maren['id'])['strands']);
        self::assertNotSame([], self::ask('GET', '/week')['days']);
        self::assertSame(404, self::ask('GET', $erase, null, 404)['status']);
    }

    public function test_what_is_kept_beside_others_goes_without_its_own(): void
    {
        self::assertSame('{"m":[1.0]}', Without::id('{"x":{"y":1},"m":[1.0]}', 'x'));
        self::assertSame('[{"child":"m"}]', Without::id('[{"child":"x"},{"child":"m"}]', 'x'));
        self::assertSame('{"a":["m"],"b":[{"childId":"m","n":{}}]}', Without::id('{"a":["x","m"],"b":[{"childId":"x"},{"childId":"m","n":{"x":2}}]}', 'x'));
        self::assertSame('{ "a": 1 }', Without::id('{ "a": 1 }', 'x'), 'what does not name it stays as it is');
    }

    /** A day in which the child is named wherever a child can be. */
    private static function liveWith(string $id, string $other): void
    {
        foreach ([[$id, 'f1'], [$id.','.$other, 'f2']] as [$who, $name]) {
            $query = ['id' => '0195a000-0000-4000-8000-0000000000'.$name, 'deviceId' => self::DEVICE, 'at' => 1000 * time(), 'childIds' => $who];
            self::ask('POST', '/journal/photographs?'.http_build_query($query), Camera::take(), 201, 'image/jpeg');
        }
        self::ask('POST', '/today/something-else', [
            'at' => 600, 'deviceId' => self::DEVICE, 'words' => 'Skimmed pebbles', 'children' => [['childId' => $id, 'mark' => null]],
        ]);
        $seen = ['id' => '0195a000-0000-4000-8000-0000000000a1', 'deviceId' => self::DEVICE, 'at' => 1000 * time(), 'outcome' => 'at-once'];
        self::ask('POST', "/map/$other/say-count@5/seen", ['note' => 'Counted for Lark'] + $seen);
        $week = self::ask('GET', '/week');
        self::ask('POST', '/week/away/'.$id, ['from' => '2026-03-10', 'to' => '2026-03-11', 'version' => $week['version']]);
    }

    private static function photographs(): int
    {
        return \count(glob(self::$server->data.'/photographs/'.str_repeat('[0-9a-f]', 32).'.jpg') ?: []);
    }

    /** @return array<string, int> files of the data folder in which these letters stand, and how often */
    private static function filesWith(string $letters, ?string $folder = null): array
    {
        $found = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder ?? self::$server->data, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            $times = substr_count((string) file_get_contents($file->getPathname()), $letters);
            if ($times > 0) {
                $found[$file->getFilename()] = $times;
            }
        }

        return $found;
    }

    /**
     * @param array<string, mixed>|string|null $body
     *
     * @return array<string, mixed>
     */
    private static function ask(string $method, string $path, array|string|null $body = null, int $expect = 200, string $type = 'application/json'): array
    {
        $answer = (string) file_get_contents(self::$server->url.'/api'.$path, false, stream_context_create(['http' => [
            'method' => $method,
            'header' => "Content-Type: $type\r\nAccept: application/json\r\nSec-Fetch-Site: same-origin",
            'content' => \is_array($body) ? json_encode((object) $body, \JSON_THROW_ON_ERROR) : (string) $body,
            'ignore_errors' => true,
        ]]));
        /** @var list<string> $http_response_header */
        $status = (int) (explode(' ', $http_response_header[0])[1] ?? 0);
        self::assertContains($status, [$expect, 201], $path.' '.substr($answer, 0, 300));

        return (array) json_decode($answer, true);
    }
}

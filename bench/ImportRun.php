<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\App\Exchange\Check;
use Pindle\App\Exchange\Export;
use Pindle\App\Exchange\Format;
use Pindle\App\Exchange\Import;
use Pindle\App\Exchange\NotImportable;
use Pindle\App\Platform\Kernel;
use Psr\Container\ContainerInterface;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\Request;

/**
 * Household files with one thing wrong in them: each field of each table given what it should not be. Refused with the line, or taken in; and of what is
 * taken in every room must open.
 */
final class ImportRun
{
    private const NASTY = [
        1e308, -1e308, 0.5, -1, 0, 9_007_199_254_740_991, '', 'x', 'no-such-thing', "a\nb", '<script>', '=1+1', '0195a000-0000-4000-8000-000000000000',
        '2026-02-30', '9999-12-31', null, true, [], [[]], [1], ['x'], [['x' => 1]], [1e308], [[-1, 1e308]],
    ];

    private const ROOMS = [
        '/', '/api/today', '/api/today/tomorrow', '/api/children', '/api/cupboard', '/api/cupboard/lacking', '/api/activities', '/api/house', '/api/week',
        '/api/journal', '/api/journal/year', '/api/evening', '/api/make', '/api/repertoire', '/api/find?q=a', '/api/journal/tables/attempts.csv',
        '/api/journal/tables/days.csv', '/api/journal/tables/record.csv', '/api/journal/tables/things.csv', '/api/journal/tables/facts.csv',
    ];

    private const ROOMS_OF_A_CHILD = ['/api/map/%s', '/api/journal/children/%s', '/api/journal/children/%s/letter', '/api/children/%s/first-look'];

    /** @var list<string> */
    public array $wrong = [];

    public int $refused = 0;
    public int $taken = 0;

    /**
     * @param string $root  a folder of its own
     * @param string $empty a house with nothing in it
     * @param string $file  a good household file
     */
    public function __construct(private readonly string $root, private readonly string $empty, private readonly string $file)
    {
    }

    public function run(int $count, int $seed): void
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $places = $this->places();
        for ($i = 0; $i < $count; ++$i) {
            [$name, $field] = $places[$random->getInt(0, \count($places) - 1)];
            $this->try($name, $field, self::NASTY[$random->getInt(0, \count(self::NASTY) - 1)]);
        }
    }

    /** @return list<array{string, string}> name in the file and field */
    private function places(): array
    {
        $schema = json_decode((string) file_get_contents(\dirname(__DIR__).'/docs/household.schema.json'), true, 64, \JSON_THROW_ON_ERROR);
        $places = [];
        foreach (array_keys(Format::all()) as $name) {
            foreach (array_keys($schema['$defs'][$name]['properties']) as $field) {
                $places[] = [$name, (string) $field];
            }
        }

        return $places;
    }

    private function try(string $name, string $field, mixed $value): void
    {
        $file = $this->root.'/changed.zip';
        copy($this->file, $file);
        $zip = new \ZipArchive();
        $zip->open($file);
        $in = isset(Format::GROWING[$name]) ? Format::lines($name) : Format::HEAD;
        $text = (string) $zip->getFromName($in);
        $head = $lines = null;
        if (isset(Format::GROWING[$name])) {
            $lines = explode("\n", $text);
            $row = json_decode($lines[0], false, 64);
        } else {
            $head = json_decode($text, false, 64, \JSON_THROW_ON_ERROR);
            $row = $head->{$name}[0] ?? null;
        }
        if (!$row instanceof \stdClass) {
            $zip->close();

            return;
        }
        $row->{$field} = $value;
        if (null !== $lines) {
            $lines[0] = json_encode($row, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
            $zip->addFromString($in, implode("\n", $lines));
        } else {
            $zip->addFromString($in, json_encode($head, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION));
        }
        $zip->close();
        $what = $name.'.'.$field.' = '.json_encode($value);
        $house = $this->root.'/house';
        (new Filesystem())->remove($house);
        (new Filesystem())->mirror($this->empty, $house);
        foreach (['PINDLE_DATA' => $house, 'DATABASE_URL' => 'sqlite:///'.$house.'/pindle.sqlite'] as $key => $at) {
            $_SERVER[$key] = $_ENV[$key] = $at;
        }
        $kernel = new Kernel('test', false);
        $kernel->boot();
        try {
            $import = self::service($kernel, Import::class);
            \assert($import instanceof Import);
            $import->carryOut($file, static fn () => null);
        } catch (NotImportable) {
            ++$this->refused;

            return;
        } catch (\Throwable $e) {
            $this->wrong[] = $what.': neither taken nor refused: '.$e::class.': '.substr($e->getMessage(), 0, 200);

            return;
        } finally {
            $kernel->shutdown();
        }
        ++$this->taken;
        $this->openRooms($what);
    }

    private function openRooms(string $what): void
    {
        $rooms = self::ROOMS;
        $children = $this->get('/api/children')[1];
        foreach (array_column([...$children['present'] ?? [], ...$children['archived'] ?? []], 'id') as $id) {
            foreach (self::ROOMS_OF_A_CHILD as $room) {
                $rooms[] = \sprintf($room, $id);
            }
        }
        foreach ($rooms as $room) {
            [$status] = $this->get($room);
            if ($status >= 500 || 307 === $status) {
                $this->wrong[] = $what.': taken in, and '.$room.' answers '.$status;
            }
        }
        $kernel = new Kernel('test', false);
        $kernel->boot();
        $rows = (new \PDO('sqlite:'.$_SERVER['PINDLE_DATA'].'/pindle.sqlite'))->query('SELECT COUNT(*) FROM set_aside');
        $aside = false === $rows ? 1 : (int) $rows->fetchColumn();
        if ($aside > 0) {
            $this->wrong[] = $what.': taken in, and '.$aside.' rows had to be set aside';
        }
        // What came in must be fit to be taken away and brought in again.
        $again = $this->root.'/again.zip';
        $export = self::service($kernel, Export::class);
        $check = self::service($kernel, Check::class);
        \assert($export instanceof Export && $check instanceof Check);
        try {
            $export->write($again, static fn () => null);
            $check->file($again, static fn () => null);
        } catch (\Throwable $e) {
            $this->wrong[] = $what.': taken in, and cannot be taken away: '.substr($e->getMessage(), 0, 200);
        }
        $kernel->shutdown();
    }

    /** @return array{int, array<string, mixed>} */
    private function get(string $path): array
    {
        $kernel = new Kernel('test', false);
        $response = $kernel->handle(Request::create('http://localhost'.$path));
        $data = json_decode((string) $response->getContent(), true);
        $kernel->shutdown();

        return [$response->getStatusCode(), \is_array($data) ? $data : []];
    }

    private static function service(Kernel $kernel, string $class): ?object
    {
        $services = $kernel->getContainer()->get('test.service_container');
        \assert($services instanceof ContainerInterface);

        return $services->get($class);
    }
}

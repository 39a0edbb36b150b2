<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\App\Platform\Copies\BadCopy;
use Pindle\App\Platform\Copies\Copies;
use Pindle\App\Platform\Copies\CopiesRoom;
use Pindle\App\Platform\Copies\Copy;
use Pindle\App\Platform\Copies\CopyReader;
use Pindle\App\Platform\Database\FileState;
use Pindle\App\Platform\Database\HouseholdFile;
use Pindle\App\Platform\Database\OpenCommand;
use Pindle\App\Platform\Photograph;
use Pindle\App\Platform\PhotographFolder;
use Pindle\Tests\Camera;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/** Safe copies of a household in a folder of its own, by the commands a parent has. */
final class CopiesTest extends TestCase
{
    private string $data;

    private static string $seed = '';

    public static function setUpBeforeClass(): void
    {
        self::$seed = sys_get_temp_dir().'/pindle-copies-'.bin2hex(random_bytes(4));
        (new Filesystem())->mkdir(self::$seed);
        self::console(self::$seed, 'pindle:open');
        (new \PDO('sqlite:'.self::$seed.'/pindle.sqlite'))->exec(
            "INSERT INTO child (id, name, allergies, liked_things, rests, priors, thread, version) VALUES ('a', 'Wim', '[]', '[]', '[]', '[]', 0, 1)",
        );
    }

    public static function tearDownAfterClass(): void
    {
        (new Filesystem())->remove(self::$seed);
    }

    protected function setUp(): void
    {
        $this->data = self::$seed.'-'.bin2hex(random_bytes(4));
        (new Filesystem())->mirror(self::$seed, $this->data);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->data);
    }

    public function test_a_copy_is_made_taken_away_and_put_back_and_what_was_there_is_kept(): void
    {
        $copy = $this->data.'/away.zip';
        self::assertStringContainsString($copy, self::console($this->data, 'pindle:backup', $copy));
        $this->sql("UPDATE child SET name = 'Changed'");

        $said = self::console($this->data, 'pindle:restore', $copy);

        self::assertStringContainsString('kept as a safe copy too', $said);
        self::assertSame(['Wim'], $this->names());
        // And the other way round, from the copy of what was there.
        $kept = glob($this->data.'/copies/*-restore.zip') ?: [];
        self::assertCount(1, $kept);
        self::console($this->data, 'pindle:restore', $kept[0]);
        self::assertSame(['Changed'], $this->names());
    }

    public function test_photographs_go_with_a_copy_and_come_back_with_it(): void
    {
        $folder = new PhotographFolder($this->data);
        $name = $folder->put(Photograph::of(Camera::take()));
        $jpeg = (string) file_get_contents((string) $folder->find($name));
        $folder->find($name, true);
        $copy = $this->data.'/away.zip';
        self::console($this->data, 'pindle:backup', $copy);
        $folder->remove($name);
        $later = $folder->put(Photograph::of(Camera::take(40, 40)));

        self::console($this->data, 'pindle:restore', $copy);

        self::assertSame([$name], $folder->all(), 'the one that came later lies in the copy of what was there');
        self::assertSame($jpeg, file_get_contents((string) $folder->find($name)));
        $kept = glob($this->data.'/copies/*-restore.zip') ?: [];
        self::console($this->data, 'pindle:restore', $kept[0]);
        self::assertSame([$later], $folder->all());

        $zip = new \ZipArchive();
        $zip->open($copy);
        $zip->deleteName(Copies::PHOTOGRAPHS.$name.'.jpg');
        $zip->close();
        $this->expectExceptionMessage('is damaged');
        (new CopyReader(\dirname(__DIR__, 2).'/migrations'))->check($copy);
    }

    public function test_photographs_of_many_copies_lie_there_once_and_go_with_the_last_copy_that_has_them(): void
    {
        $folder = new PhotographFolder($this->data);
        $old = $folder->put(Photograph::of(Camera::take(90, 60)));
        $name = $folder->put(Photograph::of(Camera::take()));
        $shared = $this->data.'/copies/photographs/';
        $hash = static fn (string $one): string => hash_file('sha256', (string) $folder->find($one)).'.jpg';
        $hashes = [$hash($old), $hash($name)];
        sort($hashes);
        self::console($this->data, 'pindle:backup');
        self::assertSame($hashes, array_map(basename(...), glob($shared.'*') ?: []));
        // The other name of a photograph takes no room of its own.
        self::assertSame(fileinode((string) $folder->find($old)), fileinode($shared.$hash($old)));
        [$first] = glob($this->data.'/copies/*.zip') ?: [];
        $folder->remove($old);
        $in = new \ZipArchive();
        $in->open($first);
        self::assertSame(2, $in->numFiles, 'the household and what tells of it');

        // Put back, both are there; copied elsewhere by hand without them, it says what it lacks.
        copy($first, $this->data.'/by-hand.zip');
        $jpeg = (string) file_get_contents($shared.$hashes[0]);
        $said = self::console($this->data, 'pindle:restore', $this->data.'/by-hand.zip', true);
        self::assertStringContainsString('by the House room or by ./pindle backup FILE', $said);
        self::console($this->data, 'pindle:restore', $first);
        self::assertCount(2, $folder->all());

        // Damaged, it is not taken for whole.
        unlink($shared.$hashes[0]);
        file_put_contents($shared.$hashes[0], strrev($jpeg));
        self::console($this->data, 'pindle:restore', $first, true);
        // While one of the copies cannot be read nobody knows what it needs: nothing goes.
        $torn = $this->data.'/copies/pindle-20260101T000000-asked.zip';
        array_map(unlink(...), glob($this->data.'/copies/*.zip') ?: []);
        file_put_contents($torn, 'torn');
        $folder->remove($old);
        self::console($this->data, 'pindle:backup');
        self::assertCount(2, glob($shared.'*') ?: []);
        // Of the copies that were pushed out by newer ones nothing is left.
        array_map(unlink(...), glob($this->data.'/copies/*.zip') ?: []);
        $folder->remove($old);
        self::console($this->data, 'pindle:backup');
        self::assertSame([$hash($name)], array_map(basename(...), glob($shared.'*') ?: []));
        self::assertSame([], glob($this->data.'/copies/.[cw]*') ?: [], 'nothing half-made is left');
    }

    public function test_what_copies_take_is_worked_out_with_those_to_come_and_when_it_fills_the_disk(): void
    {
        $made = static fn (int $daysAgo): \DateTimeImmutable => new \DateTimeImmutable('2026-03-20 -'.$daysAgo.' days');
        $copy = static fn (int $daysAgo, int $bytes, string $why = 'daily'): Copy => new Copy('x', $made($daysAgo), $why, $bytes);
        $all = [$copy(0, 1_300), $copy(1, 1_200), $copy(2, 1_100), $copy(3, 1_000), $copy(3, 500, 'asked')];
        $room = CopiesRoom::of($all, 40_000, 200_000);
        // Four are there, ten are to come as large as the newest.
        self::assertSame([5_100, 40_000, 5_100 + 13_000 + 40_000, 200_000], [$room->copies, $room->photographs, $room->willTake, $room->free]);
        // A hundred bytes a day, for fourteen copies and what they are copies of, ten times as large: 2,400 a day of the 187,000 that are left.
        self::assertSame(77, $room->fullIn);
        self::assertSame(0, CopiesRoom::of($all, 0, 13_000)->fullIn, 'those to come do not fit');
        self::assertSame(0, CopiesRoom::of($all, 0, 15_399)->fullIn);
        self::assertSame(1, CopiesRoom::of($all, 0, 15_400)->fullIn);
        self::assertSame(729, CopiesRoom::of($all, 0, 13_000 + 730 * 2_400 - 1)->fullIn);
        self::assertNull(CopiesRoom::of($all, 0, 13_000 + 730 * 2_400)->fullIn, 'two years off');
        self::assertNull(CopiesRoom::of(\array_slice($all, 0, 3), 0, 20_000)->fullIn, 'two days say nothing');
        self::assertNull(CopiesRoom::of([$copy(0, 1_000), $copy(9, 1_000)], 0, 20_000)->fullIn, 'it does not grow');
        self::assertNull(CopiesRoom::of([], 0, 20_000)->fullIn);
        self::assertSame(500 + 14 * 500, CopiesRoom::of([$copy(0, 500, 'asked')], 0, 20_000)->willTake, 'before the first daily one');
    }

    public function test_a_copy_that_is_put_back_neither_brings_a_lock_nor_takes_one_away(): void
    {
        $lock = '{"this house":"keeps its own"}';
        file_put_contents($this->data.'/lock.json', $lock);
        $copy = $this->data.'/away.zip';
        self::console($this->data, 'pindle:backup', $copy);
        $zip = new \ZipArchive();
        $zip->open($copy);
        self::assertFalse($zip->locateName('lock.json', \ZipArchive::FL_NODIR), 'it is in no copy');
        foreach (['lock.json', 'photographs/../lock.json', '../lock.json'] as $name) {
            $zip->addFromString($name, '{"passphrase":null}');
        }
        $zip->close();

        self::console($this->data, 'pindle:restore', $copy);

        self::assertSame($lock, file_get_contents($this->data.'/lock.json'));
        self::assertFileDoesNotExist(\dirname($this->data).'/lock.json');
    }

    public function test_large_copies_make_room_for_newer_ones_but_for_the_last_three(): void
    {
        $large = static function (string $file): void {
            $handle = fopen($file, 'w') ?: throw new \RuntimeException($file);
            ftruncate($handle, 1600 * 1_048_576);
            fclose($handle);
        };
        (new Filesystem())->mkdir($this->data.'/copies');
        foreach (range(1, 5) as $day) {
            $large(\sprintf('%s/copies/pindle-2026010%dT120000-daily.zip', $this->data, $day));
        }
        self::console($this->data, 'pindle:backup');

        self::assertSame(
            ['pindle-20260103T120000-daily.zip', 'pindle-20260104T120000-daily.zip', 'pindle-20260105T120000-daily.zip'],
            array_map(basename(...), glob($this->data.'/copies/*-daily.zip') ?: []),
        );
    }

    public function test_a_copy_of_an_older_release_is_renewed_on_its_way_in(): void
    {
        $old = $this->data.'/old.sqlite';
        file_put_contents($old, gzdecode((string) file_get_contents(\dirname(__DIR__).'/fixtures/household-0.3.0.sqlite.gz')));
        $zip = $this->zip($old, ['schema' => []]);

        self::console($this->data, 'pindle:restore', $zip);

        self::assertContains('Ida', $this->names());
        self::assertSame(FileState::Fine, $this->file()->state());
        self::assertFalse($this->file()->mustBeRenewed());
    }

    /** @return iterable<string, array{string, \Closure(string): mixed}> what is said, and what is done to a good copy */
    public static function badCopies(): iterable
    {
        $in = static fn (callable $change): \Closure => static function (string $file) use ($change): void {
            $zip = new \ZipArchive();
            $zip->open($file);
            $change($zip);
            $zip->close();
        };
        $noDatabase = 'SQLite format 3'.str_repeat("\0", 9000);
        yield 'no zip' => ['no safe copy of Pindle', static fn (string $zip) => file_put_contents($zip, 'hello')];
        yield 'half a zip' => ['no safe copy of Pindle', static fn (string $zip) => file_put_contents($zip, substr((string) file_get_contents($zip), 0, 900))];
        yield 'another zip' => ['no safe copy of Pindle', $in(static fn (\ZipArchive $zip) => $zip->deleteName(Copies::ABOUT))];
        yield 'without a database' => ['no safe copy of Pindle', $in(static fn (\ZipArchive $zip) => $zip->deleteName(Copies::DATABASE))];
        yield 'with another database' => ['is damaged', $in(static fn (\ZipArchive $zip) => $zip->addFromString(Copies::DATABASE, str_repeat('x', 9000)))];
        yield 'a database that is none' => ['is damaged', $in(static function (\ZipArchive $zip) use ($noDatabase): void {
            $zip->addFromString(Copies::DATABASE, $noDatabase);
            $zip->addFromString(Copies::ABOUT, json_encode(['schema' => [], 'sha256' => hash('sha256', $noDatabase)]) ?: '');
        })];
    }

    /** @param \Closure(string): mixed $spoil */
    #[DataProvider('badCopies')]
    public function test_a_bad_copy_is_refused_in_a_sentence_and_nothing_is_changed(string $said, \Closure $spoil): void
    {
        $copy = $this->data.'/away.zip';
        self::console($this->data, 'pindle:backup', $copy);
        $before = hash_file('sha256', $this->data.'/pindle.sqlite');
        $spoil($copy);
        clearstatcache();

        try {
            (new CopyReader(\dirname(__DIR__, 2).'/migrations'))->check($copy);
            self::fail('It was taken.');
        } catch (BadCopy $e) {
            self::assertStringContainsString($said, $e->getMessage());
            self::assertStringContainsString('Nothing was changed', $e->getMessage());
        }
        self::assertSame($before, hash_file('sha256', $this->data.'/pindle.sqlite'));
        self::assertSame([], glob($this->data.'/.check-*') ?: [], 'nothing is left lying about');
    }

    public function test_a_copy_of_a_newer_release_is_refused(): void
    {
        $this->sql("INSERT INTO migration (version) VALUES ('Pindle\\Migrations\\Version29990101000000')");
        $zip = $this->zip($this->data.'/pindle.sqlite', ['schema' => [], 'release' => '9.9.0']);

        $this->expectExceptionMessage('newer Pindle (9.9.0)');
        (new CopyReader(\dirname(__DIR__, 2).'/migrations'))->check($zip);
    }

    /** @return iterable<string, array{FileState, \Closure(string): mixed}> */
    public static function damage(): iterable
    {
        $newer = "INSERT INTO migration (version) VALUES ('Pindle\\Migrations\\Version29990101000000')";
        $read = static fn (string $file): string => (string) file_get_contents($file);
        yield 'gone' => [FileState::Missing, unlink(...)];
        yield 'empty' => [FileState::Empty, static fn (string $file) => file_put_contents($file, '')];
        yield 'no database' => [FileState::Damaged, static fn (string $file) => file_put_contents($file, 'hello')];
        yield 'cut short' => [FileState::Damaged, static fn (string $file) => file_put_contents($file, substr($read($file), 0, 8192))];
        $written = static fn (string $file): string => substr_replace($read($file), random_bytes(20_000), 4096, 20_000);
        yield 'written over' => [FileState::Damaged, static fn (string $file) => file_put_contents($file, $written($file))];
        yield 'another program\'s' => [FileState::Damaged, static function (string $file): void {
            unlink($file);
            (new \PDO('sqlite:'.$file))->exec('CREATE TABLE recipe (id)');
        }];
        yield 'a newer one' => [FileState::Newer, static fn (string $file) => (new \PDO('sqlite:'.$file))->exec($newer)];
    }

    /** @param \Closure(string): mixed $spoil */
    #[DataProvider('damage')]
    public function test_a_file_that_cannot_be_opened_is_named_with_what_to_do_and_nothing_is_made_anew(FileState $state, \Closure $spoil): void
    {
        self::console($this->data, 'pindle:backup');
        $spoil($this->data.'/pindle.sqlite');
        foreach (['-wal', '-shm'] as $rest) {
            (new Filesystem())->remove($this->data.'/pindle.sqlite'.$rest);
        }
        $before = @file_get_contents($this->data.'/pindle.sqlite');
        self::assertSame($state, $this->file()->state());

        $said = self::console($this->data, 'pindle:open', fails: true);

        self::assertStringContainsString(OpenCommand::sentence($state, $this->data.'/pindle.sqlite'), str_replace("\n", ' ', $said));
        self::assertStringContainsString('pindle-20', $said, 'the copies that exist');
        self::assertSame($before, @file_get_contents($this->data.'/pindle.sqlite'));
        // The copy that is named can be put in its place.
        $copies = glob($this->data.'/copies/*.zip') ?: [];
        self::console($this->data, 'pindle:restore', $copies[0]);
        self::assertSame(['Wim'], $this->names());
    }

    public function test_an_older_household_is_copied_before_it_is_renewed(): void
    {
        (new Filesystem())->remove($this->data);
        (new Filesystem())->mkdir($this->data);
        file_put_contents($this->data.'/pindle.sqlite', gzdecode((string) file_get_contents(\dirname(__DIR__).'/fixtures/household-0.3.0.sqlite.gz')));

        self::assertStringContainsString('before the household is renewed', self::console($this->data, 'pindle:open'));

        self::assertCount(1, glob($this->data.'/copies/*-renewal.zip') ?: []);
        self::assertSame(FileState::Fine, $this->file()->state());
        self::assertStringNotContainsString('renewed', self::console($this->data, 'pindle:open'), 'once');
    }

    public function test_a_copy_is_made_every_day_and_fourteen_are_kept(): void
    {
        foreach (range(1, 16) as $day) {
            foreach ([1, 2] as $time) {
                self::console($this->data, 'pindle:work', '--once', today: \sprintf('2026-03-%02d', $day));
            }
        }
        $copies = array_map(basename(...), glob($this->data.'/copies/*-daily.zip') ?: []);

        self::assertCount(14, $copies);
        self::assertStringStartsWith('pindle-20260303T', $copies[0]);
        self::assertStringStartsWith('pindle-20260316T', $copies[13]);
        self::assertSame('0600', substr(\sprintf('%o', fileperms($this->data.'/copies/'.$copies[0])), -4));
    }

    private function file(): HouseholdFile
    {
        return HouseholdFile::in($this->data, \dirname(__DIR__, 2).'/migrations');
    }

    private function sql(string $sql): void
    {
        (new \PDO('sqlite:'.$this->data.'/pindle.sqlite'))->exec($sql);
    }

    /** @return list<string> */
    private function names(): array
    {
        $names = (new \PDO('sqlite:'.$this->data.'/pindle.sqlite'))->query('SELECT name FROM child ORDER BY id');
        self::assertNotFalse($names);

        return array_values(array_map(strval(...), $names->fetchAll(\PDO::FETCH_COLUMN)));
    }

    /** @param array<string, mixed> $about */
    private function zip(string $database, array $about): string
    {
        $zip = new \ZipArchive();
        $zip->open($this->data.'/made.zip', \ZipArchive::CREATE);
        $zip->addFile($database, Copies::DATABASE);
        $zip->addFromString(Copies::ABOUT, json_encode($about + ['sha256' => hash_file('sha256', $database)]) ?: '');
        $zip->close();

        return $this->data.'/made.zip';
    }

    private static function console(string $data, string $command, ?string $argument = null, bool $fails = false, string $today = '2026-03-04'): string
    {
        $process = new Process(
            ['php', 'bin/console', $command, ...(null === $argument ? [] : [$argument])],
            \dirname(__DIR__, 2),
            ['APP_ENV' => 'test', 'PINDLE_DATA' => $data, 'DATABASE_URL' => 'sqlite:///'.$data.'/pindle.sqlite', 'PINDLE_TODAY' => $today],
        );
        $process->setTimeout(60)->run();
        self::assertSame($fails ? 1 : 0, $process->getExitCode(), $process->getOutput().$process->getErrorOutput());

        return $process->getOutput();
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\TestWith;
use Pindle\App\Platform\Database\FileState;
use Pindle\App\Platform\Database\HouseholdFile;
use Pindle\App\Platform\NotWritten;
use Pindle\App\Platform\Scratch;
use Symfony\Component\Process\Process;

/** A disk that is full, or a file that can only be read: reading goes on, writing says why, nothing is half-written. */
final class CannotWriteTest extends ApiTestCase
{
    use FullDisk;
    // On a full disk SQLite rolls back everything, the transaction around a test too.
    use OwnHouse;

    #[SkipDatabaseRollback]
    #[TestWith(['full', 'The disk is full'])]
    #[TestWith(['read-only', 'can only be read'])]
    public function test_reading_goes_on_and_writing_says_why(string $how, string $said): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $childId = $setUp['sittings'][0]['childId'];
        // The plan is stale and the record made by other rules: reading would write both anew.
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        $connection->executeStatement("UPDATE record SET basis = 'old'");
        $tap = $this->tap($setUp, 1, 'at-once');
        $connection->executeStatement('UPDATE day SET stale = 1');
        $before = $this->everything($connection);
        $most = (int) $connection->fetchOne('PRAGMA max_page_count');
        $connection->executeStatement('full' === $how ? 'PRAGMA max_page_count = 1' : 'PRAGMA query_only = 1');
        try {
            foreach (['/today', '/children', '/cupboard', '/activities', '/map/'.$childId, '/house', '/table/'.$setUp['id']] as $room) {
                $this->ask('GET', $room);
            }
            $asKept = $this->ask('GET', '/today')['asKept'];
            if ('full' === $how) {
                // What still fits a page goes in; what needs a new one does not.
                $this->ask('POST', '/cupboard/tick', ['shipped' => array_column($this->ask('GET', '/cupboard')['shipped'], 'id')], 507);
            } else {
                self::assertStringContainsString('as it was planned', (string) $asKept);
                $this->ask('POST', '/children', ['name' => 'Ada'], 507);
                $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap, 507);
            }
            $problem = json_decode((string) $this->browser->getResponse()->getContent(), true);
            self::assertStringContainsString($said, $problem['detail'] ?? '');
            self::assertStringContainsString('nothing was lost', $problem['detail'] ?? '');
        } finally {
            $connection->executeStatement('PRAGMA query_only = 0');
            $connection->executeStatement('PRAGMA max_page_count = '.$most);
        }
        if ('read-only' === $how) {
            self::assertSame($before, $this->everything($connection));
            self::assertNull($this->ask('GET', '/today')['asKept'], 'such an answer is not kept');
            $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap);
        } else {
            self::assertCount(3, $this->ask('GET', '/cupboard')['things'], 'all of it or none');
        }
    }

    /** Logs, caches and the number drawn with each write have no room either. */
    #[SkipDatabaseRollback]
    public function test_where_no_byte_fits_the_day_is_read_as_it_was_kept_and_says_so_until_there_is_room(): void
    {
        $setUp = $this->plannedHouse();
        $childId = $setUp['sittings'][0]['childId'];
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        $connection->executeStatement("UPDATE record SET basis = 'old'");
        $connection->executeStatement('UPDATE day SET stale = 1');
        $tap = $this->tap($setUp, 0, 'at-once');
        $copies = \count(glob($this->folder.'/copies/*') ?: []);
        $connection->executeStatement('UPDATE day SET stale = 1');
        // Pages are compiled when Pindle is built.
        $this->browser->request('GET', '/');
        // As each request does: logs and what SQLite keeps are opened anew.
        $connection->close();
        self::onAFullDisk(function () use ($setUp, $childId, $tap): void {
            foreach (['/children', '/cupboard', '/cupboard/lacking', '/activities', '/map/'.$childId, '/house', '/table/'.$setUp['id'], '/week'] as $room) {
                $this->ask('GET', $room);
            }
            self::assertStringContainsString('as it was planned', (string) $this->ask('GET', '/today')['asKept']);
            $this->browser->request('GET', '/');
            self::assertResponseIsSuccessful();
            $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap, 507);
            $this->ask('POST', '/children', ['name' => 'Ada'], 507);
            $this->ask('POST', '/house/copies', [], 507);
            $this->send('POST', '/journal/import', str_repeat('x', 100), 507, 'application/zip');
        });
        $connection->close();
        self::assertFalse(HouseholdFile::hasLog($this->folder.'/pindle.sqlite'));
        $file = HouseholdFile::in($this->folder, \dirname(__DIR__, 2).'/migrations');
        self::assertSame(FileState::Fine, self::onAFullDisk($file->state(...)), 'full is not damaged');
        self::assertCount($copies, glob($this->folder.'/copies/*') ?: [], 'no half of a copy is left');
        self::assertSame([], glob($this->folder.'/sent-*') ?: []);
        self::assertNull($this->ask('GET', '/today')['asKept'], 'with room again it is planned');
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap);
    }

    /** In life another user, or a disk that was put in so; SQLite cannot begin its log beside it. */
    public function test_a_household_in_a_folder_that_can_only_be_read_is_read_as_it_lies(): void
    {
        $database = $this->folder.'/pindle.sqlite';
        self::assertSame($database, HouseholdFile::name($database), 'writable');
        self::assertSame('/proc/1/nothing.sqlite', HouseholdFile::name('/proc/1/nothing.sqlite'), 'nothing is there');
        (new \PDO('sqlite:'.$database))->exec('PRAGMA journal_mode = WAL');
        chmod($database, 0o444);
        chmod($this->folder, 0o555);
        // Root may write anywhere: another process is somebody else.
        $script = 'require "vendor/autoload.php"; class_exists(Pindle\App\Platform\Database\HouseholdFile::class); '
            .'0 === posix_getuid() && posix_setgid(65534) && posix_setuid(65534); $name = Pindle\App\Platform\Database\HouseholdFile::name($argv[1]); '
            .'echo $name, " ", (new PDO("sqlite:".$name))->query("SELECT COUNT(*) FROM sqlite_master")->fetchColumn() > 5 ? "read" : "not read";';
        $said = new Process([\PHP_BINARY, '-r', $script, $database], \dirname(__DIR__, 2));
        $said->run();
        self::assertSame('file:'.$database.'?immutable=1 read', $said->getOutput(), $said->getErrorOutput());
        file_put_contents($database.'-wal', 'x');
        self::assertTrue(HouseholdFile::hasLog($database), 'then it is not read without it');
    }

    public function test_to_print_goes_on_in_memory_where_the_disk_is_full(): void
    {
        self::assertSame($this->folder, Scratch::folder($this->folder));
        self::assertStringStartsWith('/dev/shm/pindle-', Scratch::folder('/proc/1/nowhere'));
        $said = self::onAFullDisk(static function (): string {
            try {
                return Scratch::folder('/proc/1/nowhere');
            } catch (NotWritten $e) {
                return $e->getMessage();
            }
        });
        self::assertStringContainsString('othing was written down', $said);
    }

    private function everything(Connection $connection): string
    {
        $all = '';
        foreach (['child', 'thing', 'day', 'set_up', 'sitting', 'attempt', 'note', 'record', 'step_state'] as $table) {
            $all .= serialize($connection->fetchAllNumeric('SELECT * FROM '.$table));
        }

        return md5($all);
    }
}

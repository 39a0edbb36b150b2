<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Filesystem\Filesystem;

/** A disk that is full, or a file that can only be read: reading goes on, writing says why, nothing is half-written. */
final class CannotWriteTest extends ApiTestCase
{
    private string $folder;

    /** @var array<string, mixed> */
    private array $usual = [];

    protected function setUp(): void
    {
        // A database of its own: on a full disk SQLite rolls back everything, the transaction around a test too.
        $this->usual = array_intersect_key($_SERVER, ['PINDLE_DATA' => 1, 'DATABASE_URL' => 1]);
        $this->folder = $_SERVER['PINDLE_DATA'].'-'.bin2hex(random_bytes(4));
        (new Filesystem())->copy($_SERVER['PINDLE_DATA'].'/pindle.sqlite', $this->folder.'/pindle.sqlite');
        foreach (['PINDLE_DATA' => $this->folder, 'DATABASE_URL' => 'sqlite:///'.$this->folder.'/pindle.sqlite'] as $name => $value) {
            $_SERVER[$name] = $_ENV[$name] = $value;
        }
        parent::setUp();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        foreach ($this->usual as $name => $value) {
            $_SERVER[$name] = $_ENV[$name] = $value;
        }
        (new Filesystem())->remove($this->folder);
    }

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
        $connection->executeStatement('UPDATE day SET stale = 1');
        $tap = $this->tap($setUp, 1, 'at-once');
        $before = $this->everything($connection);
        $most = (int) $connection->fetchOne('PRAGMA max_page_count');
        $connection->executeStatement('full' === $how ? 'PRAGMA max_page_count = 1' : 'PRAGMA query_only = 1');
        try {
            foreach (['/today', '/children', '/cupboard', '/activities', '/map/'.$childId, '/house', '/table/'.$setUp['id']] as $room) {
                $this->ask('GET', $room);
            }
            if ('full' === $how) {
                // What still fits a page goes in; what needs a new one does not.
                $this->ask('POST', '/cupboard/tick', ['shipped' => array_column($this->ask('GET', '/cupboard')['shipped'], 'id')], 507);
            } else {
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
            $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap);
        } else {
            self::assertCount(3, $this->ask('GET', '/cupboard')['things'], 'all of it or none');
        }
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

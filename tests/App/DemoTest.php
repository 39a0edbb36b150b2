<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\DBAL\Connection;
use Pindle\App\Demo\DemoHistory;
use Symfony\Component\Filesystem\Filesystem;

final class DemoTest extends ApiTestCase
{
    protected function tearDown(): void
    {
        (new Filesystem())->remove($_SERVER['PINDLE_DATA'].'/photographs');
        parent::tearDown();
    }

    /** Ten seconds: two histories of twelve weeks have to be written to be compared. */
    public function test_twelve_weeks_of_history_the_same_for_the_same_seed_with_a_plan_for_today(): void
    {
        $database = self::service(Connection::class);
        $history = self::service(DemoHistory::class);
        self::assertGreaterThan(1200, $history->write(7));
        $first = $database->fetchAllAssociative('SELECT * FROM attempt ORDER BY id');

        self::assertGreaterThan(20, $database->fetchOne('SELECT count(*) FROM closing'), 'with the little one nobody taps');

        $day = $this->ask('GET', '/today');
        self::assertSame(['Maren', 'Tobin', 'Lark'], array_column($day['children'], 'name'));
        self::assertTrue($day['planned']);
        foreach ($day['children'] as $child) {
            self::assertGreaterThan(0, $child['minutesPlanned'], $child['name']);
            $counts = $this->ask('GET', '/map/'.$child['id'])['counts'];
            // Where only closing marks are given, less is found.
            self::assertGreaterThanOrEqual('Lark' === $child['name'] ? 2 : 5, ($counts['can-do'] ?? 0) + ($counts['nearly'] ?? 0), $child['name']);
        }

        foreach (['note', 'photograph', 'record', 'step_state', 'first_look', 'attempt', 'closing', 'sitting', 'set_up', 'day', 'thing', 'child'] as $table) {
            $database->executeStatement('DELETE FROM '.$table);
        }
        self::ensureKernelShutdown();
        $this->setUp();
        self::service(DemoHistory::class)->write(7);
        self::assertSame($first, self::service(Connection::class)->fetchAllAssociative('SELECT * FROM attempt ORDER BY id'));
    }
}

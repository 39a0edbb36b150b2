<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Plan\DayEntity;
use Pindle\App\Plan\Plans;
use Pindle\App\Plan\PlanWriter;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Planning\DayPlan;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Goal;
use Pindle\Core\Planning\Scale;

/** A plan is stored in one go if nobody changed the day since it was read; else nothing is. */
final class PlanWriterTest extends ApiTestCase
{
    public function test_a_day_that_changed_since_it_was_read_is_left_as_it_is(): void
    {
        $this->plannedHouse();
        $read = $this->read();
        $this->connection()->executeStatement('UPDATE day SET version = version + 1');
        $before = $this->rows();

        self::assertFalse($this->write($read));
        self::assertSame($before, $this->rows());
    }

    public function test_what_was_begun_on_another_device_meanwhile_is_not_planned_away(): void
    {
        $setUp = $this->plannedHouse();
        $all = self::service(Plans::class)->all($this->date());
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $before = $this->rows();

        self::assertFalse(self::service(PlanWriter::class)->write($this->read(), $all, $this->emptyPlan(), []));
        self::assertSame($before, $this->rows());
    }

    public function test_of_two_first_plans_of_a_day_one_is_stored(): void
    {
        $one = new DayEntity($this->date());

        self::assertTrue($this->write($one));
        self::assertFalse($this->write(new DayEntity($this->date())));
        self::assertSame(1, $this->connection()->fetchOne('SELECT COUNT(*) FROM day'));
    }

    public function test_what_is_stored_is_one_version_further_and_fresh(): void
    {
        $this->plannedHouse();
        $this->addChild('Lark', '2022-06-01');
        $read = $this->read();
        self::assertTrue($read->stale);

        self::assertTrue($this->write($read));
        $row = $this->connection()->fetchAssociative('SELECT version, planned, stale FROM day') ?: [];
        self::assertSame(['version' => $read->version + 1, 'planned' => $read->planned + 1, 'stale' => 0], $row);
        self::assertSame([], $this->ask('GET', '/today')['setUps'], 'the plan that was stored had nothing in it');
        self::assertNotSame([], $this->ask('POST', '/today/plan', [])['setUps']);
    }

    public function test_a_set_up_that_was_planned_away_goes_for_good_after_ninety_days(): void
    {
        $setUp = $this->plannedHouse();
        self::assertTrue($this->write($this->read()));
        self::assertSame('dropped', $this->connection()->fetchOne('SELECT state FROM set_up WHERE id = ?', [$setUp['id']]));
        foreach (['2025-12-04' => 1, '2025-12-03' => 0] as $date => $left) {
            $this->connection()->executeStatement('UPDATE set_up SET date = ? WHERE id = ?', [$date, $setUp['id']]);
            $this->ask('POST', '/today/plan', []);
            self::assertSame($left, $this->connection()->fetchOne('SELECT COUNT(*) FROM set_up WHERE id = ?', [$setUp['id']]), $date);
        }
    }

    private function write(DayEntity $day): bool
    {
        return self::service(PlanWriter::class)->write($day, self::service(Plans::class)->all($this->date()), $this->emptyPlan(), []);
    }

    private function emptyPlan(): DayPlan
    {
        return new DayPlan($this->date(), [], [], Goal::of(new DayRequest($this->date(), 1, [], [], [], []), new Scale(), []));
    }

    /** The day as a request reads it, in its own hands. */
    private function read(): DayEntity
    {
        $day = self::service(Plans::class)->day($this->date());
        self::service(EntityManagerInterface::class)->detach($day);

        return $day;
    }

    private function date(): LocalDate
    {
        return LocalDate::parse('2026-03-04');
    }

    private function connection(): Connection
    {
        return self::service(Connection::class);
    }

    /** @return list<array<string, mixed>> */
    private function rows(): array
    {
        return [
            ...$this->connection()->fetchAllAssociative('SELECT * FROM day'),
            ...$this->connection()->fetchAllAssociative('SELECT * FROM set_up ORDER BY id'),
            ...$this->connection()->fetchAllAssociative('SELECT * FROM sitting ORDER BY id'),
        ];
    }
}

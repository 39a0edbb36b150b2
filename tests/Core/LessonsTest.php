<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Bench\Lessons;
use Pindle\Core\Activity\Occasion;
use Pindle\Tests\Make;

/** A little of what ./pindle bench lessons does much of: every sitting there can be, from a cupboard of sixty things. */
final class LessonsTest extends TestCase
{
    public function test_every_sitting_keeps_what_a_sitting_promises(): void
    {
        $found = (new Lessons())->check(1, [60]);

        self::assertSame([], array_filter($found['wrong']));
        self::assertGreaterThan(1500, $found['sittings']);
        self::assertLessThan(0.2 * $found['sittings'], $found['lacking']);
    }

    public function test_an_empty_house_has_still_something_to_do(): void
    {
        self::assertGreaterThan(300, (new Lessons())->check(1, [0])['sittings']);
    }

    /** @return iterable<string, array{Occasion, int}> */
    public static function occasions(): iterable
    {
        yield 'trays' => [Occasion::Tray, 30];
        yield 'moments' => [Occasion::Moment, 15];
        yield 'arms full' => [Occasion::ArmsFull, 20];
    }

    #[DataProvider('occasions')]
    public function test_there_is_enough_that_frees_the_parent(Occasion $occasion, int $least): void
    {
        $fit = array_filter(Make::catalogue()->activities, static fn ($activity): bool => \in_array($occasion, $activity->occasions, true));

        self::assertGreaterThanOrEqual($least, \count($fit));
    }
}

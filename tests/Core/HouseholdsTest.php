<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Bench\Figures;
use Pindle\Bench\ThirtyDays;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Tests\Make;

final class HouseholdsTest extends TestCase
{
    /** Two children of this one once wanted their parent in the same minute: a set-up that got shorter ended while the other one ended. */
    public function test_a_month_of_real_plans_breaks_no_rule(): void
    {
        $figures = new Figures();
        $days = new ThirtyDays(Make::map(), Make::catalogue(), Make::cautions(), array_values(Make::things()->things()), $figures);
        $days->household(Simulator::Growing, SimulatedParent::TooKindly, 5);

        self::assertSame([], $days->problems);
        self::assertGreaterThan(15, $days->plans);
        self::assertCount(3, $figures->values['fifteen points too kindly']['sittings']);
        self::assertGreaterThan(20.0, min([100.0, ...$figures->values['fifteen points too kindly']['sittings']]));
    }
}

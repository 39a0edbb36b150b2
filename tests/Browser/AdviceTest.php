<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Pindle\Bench\Phone;

/** A little of what ./pindle bench phone does much of: what a device advises and asks by itself is what the house says. */
final class AdviceTest extends BrowserTestCase
{
    public function test_after_random_taps_the_device_advises_as_the_house_does(): void
    {
        $phone = new Phone($this->chrome);
        try {
            self::assertLessThan(60_000, $phone->kept(), 'bytes of a day, as they are kept');
            $found = $phone->advice(16);
        } finally {
            $phone->stop();
        }

        self::assertSame([], $found['unequal']);
        self::assertGreaterThan(0, $found['ideas']);
    }
}

<?php

declare(strict_types=1);

namespace Pindle\Tests\Browser;

use Pindle\Bench\Trust;

/** A little of what ./pindle bench trust does much of. */
final class TrustTest extends BrowserTestCase
{
    public function test_kills_while_tapping_lose_nothing_and_double_nothing(): void
    {
        self::assertSame(['taps' => 9, 'lost' => 0, 'doubled' => 0, 'unequal' => 0], (new Trust())->killsWhileTapping(3));
    }

    public function test_a_record_that_is_killed_while_it_is_made_is_whole_or_not_there(): void
    {
        self::assertSame(['kills' => 3, 'partial' => 0, 'unequal' => 0], (new Trust())->killsInARebuild(3));
    }

    public function test_taps_over_two_tabs_with_reloads_and_a_flapping_server_all_arrive_once(): void
    {
        $seen = (new Trust())->tabs($this->chrome, 40);
        self::assertGreaterThanOrEqual(40, $seen['taps']);
        self::assertSame(['lost' => 0, 'doubled' => 0, 'blocked' => 0, 'refused' => 0], array_diff_key($seen, ['taps' => 0]));
    }

    public function test_every_damaged_file_has_its_sentence_and_stays_as_it_is(): void
    {
        self::assertSame(['files' => 20, 'sentences' => 20, 'changed' => 0], (new Trust())->damagedFiles(20));
    }
}

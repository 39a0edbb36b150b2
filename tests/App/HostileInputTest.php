<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\IgnoreDeprecations;
use PHPUnit\Framework\TestCase;
use Pindle\App\Platform\Kernel;
use Pindle\Bench\HostileRun;

/** Eight hundred requests that nobody should send, to every endpoint there is; ./pindle bench input sends ten thousand. */
final class HostileInputTest extends TestCase
{
    /** As public/index.php has it: of an input that is refused the framework makes a half-right object first, and rounds. */
    #[IgnoreDeprecations]
    public function test_no_request_hurts_the_house(): void
    {
        $run = new HostileRun(static fn (): Kernel => new Kernel('test', false));
        $run->run(800, 7);

        self::assertSame([], $run->wrong);
        self::assertGreaterThan(400, array_sum(array_intersect_key($run->statuses, array_flip([400, 404, 409, 413, 415, 422]))), 'most are refused');
        self::assertGreaterThan(80, ($run->statuses[200] ?? 0) + ($run->statuses[201] ?? 0), 'some are right, so that what follows them is tried too');
    }
}

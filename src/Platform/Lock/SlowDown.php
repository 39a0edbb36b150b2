<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\InTurn;
use Pindle\App\Platform\NotWritten;
use Symfony\Component\RateLimiter\RateLimit;
use Symfony\Component\RateLimiter\RateLimiterFactory;

/**
 * Guessing is slow: few tries from one address, and all together wait their turn, so that many addresses gain nothing and nobody is locked out.
 * Whoever has a valid token never comes here.
 */
final readonly class SlowDown
{
    public const PER_ADDRESS = 6;
    public const PER_MINUTE = 30;

    /** Nobody waits longer, in seconds: a worker is busy meanwhile. */
    private const LONGEST_WAIT = 2.0;

    private string $folder;
    private Counts $counts;

    public function __construct(string $dataDir)
    {
        $this->folder = $dataDir.'/lock-counts';
        $this->counts = new Counts($this->folder);
    }

    /**
     * @throws Refusal    429 when this address tried too often
     * @throws NotWritten when the try cannot be counted: it is not let through
     */
    public function beforeGuess(string $address): void
    {
        $own = $this->count('address', $address, self::PER_ADDRESS);
        if (!$own->isAccepted()) {
            throw Refusal::of(429, '', 'That was tried too often from here. Wait a minute, then try again.');
        }
        $all = $this->count('all', 'all', self::PER_MINUTE);
        if (!$all->isAccepted()) {
            $wait = min(self::LONGEST_WAIT, max(0.0, (float) $all->getRetryAfter()->format('U.u') - microtime(true)));
            usleep((int) (1_000_000 * $wait));
        }
    }

    private function count(string $id, string $of, int $limit): RateLimit
    {
        // One at a time, or twelve at once read the same count. By the hour: a clock that is put back shuts nobody out for longer.
        return InTurn::run($this->folder.'/turn', fn (): RateLimit => (new RateLimiterFactory(
            ['id' => $id, 'policy' => 'sliding_window', 'limit' => $limit, 'interval' => '1 minute'],
            $this->counts,
        ))->create($of.' '.intdiv(time(), 3600))->consume());
    }
}

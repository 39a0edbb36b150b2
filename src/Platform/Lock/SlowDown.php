<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Pindle\App\Platform\Http\Refusal;
use Symfony\Component\Cache\Adapter\FilesystemAdapter;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\RateLimiter\Storage\CacheStorage;

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

    private CacheStorage $counts;

    public function __construct(string $dataDir)
    {
        $this->counts = new CacheStorage(new FilesystemAdapter('counts', 3600, $dataDir.'/lock-counts'));
    }

    /** @throws Refusal 429 when this address tried too often */
    public function beforeGuess(string $address): void
    {
        $own = $this->factory('address', self::PER_ADDRESS)->create($address)->consume();
        if (!$own->isAccepted()) {
            throw Refusal::of(429, '', 'That was tried too often from here. Wait a minute, then try again.');
        }
        $all = $this->factory('all', self::PER_MINUTE)->create('all')->consume();
        if (!$all->isAccepted()) {
            $wait = min(self::LONGEST_WAIT, max(0.0, (float) $all->getRetryAfter()->format('U.u') - microtime(true)));
            usleep((int) (1_000_000 * $wait));
        }
    }

    private function factory(string $id, int $limit): RateLimiterFactory
    {
        return new RateLimiterFactory(['id' => $id, 'policy' => 'sliding_window', 'limit' => $limit, 'interval' => '1 minute'], $this->counts);
    }
}

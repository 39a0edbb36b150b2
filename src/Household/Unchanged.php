<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Connection;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\ReadAsKept;
use Pindle\App\Platform\Database\Written;
use Psr\Cache\CacheItemInterface;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * Keeps answers that take long to make and seldom change, until what they follow from does. A route says so: `defaults: Unchanged::HOUSEHOLD` where
 * that is the household and the day alone, as with all activities laid out with what is there, `Unchanged::ALL` where anything written may count.
 */
final readonly class Unchanged
{
    public const HOUSEHOLD = ['_unchanged' => 'household'];
    public const ALL = ['_unchanged' => 'all'];

    /** Seconds that an answer nobody asks for is kept: two days. */
    private const KEPT = 172_800;

    public function __construct(private CacheItemPoolInterface $cache, private Connection $connection, private Clock $clock, private RequestStack $requests)
    {
    }

    /** After the guards and the router, before anything of the room is made. */
    #[AsEventListener(priority: 0)]
    public function answer(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $of = $request->attributes->get('_unchanged');
        if (null === $of) {
            return;
        }
        $since = 'all' === $of ? Written::stamp($this->connection) : $this->household();
        // Where nothing was ever written there is nothing to know the answer by.
        $now = 0 === $since ? null : $since.' '.$this->clock->today()->toString().' '.$request->getQueryString();
        $request->attributes->set('_unchanged', $now);
        if (null === $now) {
            return;
        }
        $kept = $this->item($request)->get();
        if (\is_array($kept) && $now === ($kept[0] ?? null) && \is_string($kept[1] ?? null)) {
            $event->setResponse(JsonResponse::fromJsonString($kept[1]));
        }
    }

    #[AsEventListener]
    public function onReadAsKept(ReadAsKept $event): void
    {
        // Nothing is written when there is room again: it would be said for ever.
        $this->requests->getMainRequest()?->attributes->remove('_unchanged');
    }

    #[AsEventListener]
    public function keep(ResponseEvent $event): void
    {
        $now = $event->getRequest()->attributes->get('_unchanged');
        if (\is_string($now) && 200 === $event->getResponse()->getStatusCode()) {
            $item = $this->item($event->getRequest());
            $this->cache->save($item->expiresAfter(self::KEPT)->set([$now, (string) $event->getResponse()->getContent()]));
        }
    }

    private function item(Request $request): CacheItemInterface
    {
        return $this->cache->getItem(hash('xxh128', $request->getPathInfo()));
    }

    private function household(): string
    {
        // All that is in them, not their versions: a safe copy put back has old versions of other things.
        $hash = hash_init('xxh128');
        foreach (['child', 'thing', 'own_activity', 'house'] as $table) {
            foreach ($this->connection->iterateNumeric('SELECT * FROM '.$table.' ORDER BY id') as $row) {
                hash_update($hash, $table.serialize($row));
            }
        }

        return hash_final($hash);
    }
}

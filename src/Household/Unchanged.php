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

    /** Letters of an answer's key that its turn is known by: two of sixteen, so that there are never more than 256 files for them. */
    private const TURNS = 2;

    public function __construct(
        private CacheItemPoolInterface $cache,
        private Connection $connection,
        private Clock $clock,
        private RequestStack $requests,
        private string $cacheDir,
    ) {
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
        $answer = $this->kept($request, 'all' === $of);
        if (null === $answer && null !== $request->attributes->get('_unchanged')) {
            // Right after a change everybody asks for the same: one makes the answer, the others wait for it.
            $request->attributes->set('_unchanged_turn', $this->takeTurn($request));
            $answer = $this->kept($request, 'all' === $of);
        }
        if (null !== $answer) {
            $request->attributes->remove('_unchanged_turn');
            $event->setResponse(JsonResponse::fromJsonString($answer));
        }
    }

    /** The answer that still holds; null where none does. */
    private function kept(Request $request, bool $isOfAll): ?string
    {
        $since = $isOfAll ? Written::stamp($this->connection) : $this->household();
        // Where nothing was ever written there is nothing to know the answer by.
        $now = 0 === $since ? null : $since.' '.$this->clock->today()->toString().' '.$request->getQueryString();
        $request->attributes->set('_unchanged', $now);
        $kept = null === $now ? null : $this->item($request)->get();

        return \is_array($kept) && $now === ($kept[0] ?? null) && \is_string($kept[1] ?? null) ? $kept[1] : null;
    }

    /** @return resource|null what is held until the answer is kept, or the request ends; null where there is no room for it */
    private function takeTurn(Request $request)
    {
        $folder = $this->cacheDir.'/turns';
        $turn = is_dir($folder) || @mkdir($folder, 0o700, true) ? @fopen($folder.'/'.substr($this->key($request), 0, self::TURNS), 'c') : false;
        if (false === $turn || !flock($turn, \LOCK_EX)) {
            return null;
        }

        return $turn;
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
        $event->getRequest()->attributes->remove('_unchanged_turn');
    }

    private function item(Request $request): CacheItemInterface
    {
        return $this->cache->getItem($this->key($request));
    }

    private function key(Request $request): string
    {
        return hash('xxh128', $request->getPathInfo());
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

<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Connection;
use Pindle\App\Platform\Clock;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/**
 * Keeps answers that follow from the household and the day alone, such as all activities laid out with what is there, until one of them
 * changes. A route says that its answer is such a one: `defaults: Unchanged::ANSWER`.
 */
final readonly class Unchanged
{
    public const ANSWER = ['_unchanged' => true];

    public function __construct(private CacheItemPoolInterface $cache, private Connection $connection, private Clock $clock)
    {
    }

    /** After the guards and the router, before anything of the room is made. */
    #[AsEventListener(priority: 0)]
    public function answer(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!$request->attributes->has('_unchanged')) {
            return;
        }
        $request->attributes->set('_unchanged', $now = $this->fingerprint());
        $kept = $this->cache->getItem($request->attributes->getString('_route'))->get();
        if (\is_array($kept) && $now === ($kept[0] ?? null) && \is_string($kept[1] ?? null)) {
            $event->setResponse(JsonResponse::fromJsonString($kept[1]));
        }
    }

    #[AsEventListener]
    public function keep(ResponseEvent $event): void
    {
        $now = $event->getRequest()->attributes->get('_unchanged');
        if (\is_string($now) && 200 === $event->getResponse()->getStatusCode()) {
            $item = $this->cache->getItem($event->getRequest()->attributes->getString('_route'));
            $this->cache->save($item->set([$now, (string) $event->getResponse()->getContent()]));
        }
    }

    private function fingerprint(): string
    {
        // All that is in them, not their versions: a safe copy put back has old versions of other things.
        $hash = hash_init('xxh128');
        foreach (['child', 'thing', 'own_activity', 'house'] as $table) {
            foreach ($this->connection->iterateNumeric('SELECT * FROM '.$table.' ORDER BY id') as $row) {
                hash_update($hash, $table.serialize($row));
            }
        }

        return $this->clock->today()->toString().hash_final($hash);
    }
}

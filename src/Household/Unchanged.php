<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Connection;
use Pindle\App\Platform\Clock;
use Psr\Cache\CacheItemPoolInterface;

/** Keeps what follows from the household and the day alone, such as all activities laid out with what is there, until one of them changes. */
final readonly class Unchanged
{
    public function __construct(private CacheItemPoolInterface $cache, private Connection $connection, private Clock $clock)
    {
    }

    /** @param callable(): string $make */
    public function text(string $what, callable $make): string
    {
        $now = $this->fingerprint();
        $item = $this->cache->getItem($what);
        $kept = $item->get();
        if (\is_array($kept) && $now === ($kept[0] ?? null) && \is_string($kept[1] ?? null)) {
            return $kept[1];
        }
        $text = $make();
        $this->cache->save($item->set([$now, $text]));

        return $text;
    }

    private function fingerprint(): string
    {
        $rows = $this->connection->fetchFirstColumn(
            "SELECT 'child' || id || version FROM child UNION ALL SELECT 'thing' || id || version FROM thing"
            ." UNION ALL SELECT 'own' || id || version FROM own_activity UNION ALL SELECT 'house' || version FROM house ORDER BY 1",
        );

        return $this->clock->today()->toString().hash('xxh128', implode(',', $rows));
    }
}

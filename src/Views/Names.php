<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Psr\Cache\CacheItemPoolInterface;

/** What activities and steps are called, for a look over many days: composing the catalogue for it would take longer than all the rest. */
final class Names
{
    /** @var array{string, array<string, string>, array<string, string>}|null version, activity id => name, step id => words */
    private ?array $kept = null;

    public function __construct(private readonly Activities $activities, private readonly Words $words, private readonly CacheItemPoolInterface $cache)
    {
    }

    /** Null for one that is not there any more. */
    public function activity(string $id): ?string
    {
        return $this->kept()[1][$id] ?? null;
    }

    /** Null for one that is not on the map any more. */
    public function step(string $id): ?string
    {
        return $this->kept()[2][$id] ?? null;
    }

    /**
     * Those whose name, or whose words, have this in them, in whatever letters.
     *
     * @return array{list<string>, list<string>} activity ids and step ids
     */
    public function having(string $find): array
    {
        $has = static fn (string $words): bool => false !== mb_stripos($words, $find);

        return [array_keys(array_filter($this->kept()[1], $has)), array_keys(array_filter($this->kept()[2], $has))];
    }

    /** @return array{string, array<string, string>, array<string, string>} */
    private function kept(): array
    {
        if (null !== $this->kept) {
            return $this->kept;
        }
        $version = $this->activities->stamp();
        $item = $this->cache->getItem('names');
        /** @var array{string, array<string, string>, array<string, string>}|null $kept */
        $kept = $item->get();
        if (null === $kept || $version !== $kept[0]) {
            $activities = $steps = [];
            foreach ($this->activities->catalogue()->activities as $activity) {
                $activities[$activity->id] = $this->activities->words($activity->id)->name;
            }
            foreach ($this->activities->map()->steps as $step) {
                $steps[$step->id] = $this->words->step($step);
            }
            $kept = [$version, $activities, $steps];
            $this->cache->save($item->set($kept));
        }

        return $this->kept = $kept;
    }
}

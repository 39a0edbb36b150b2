<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Pindle\App\Platform\NotWritten;
use Symfony\Component\Cache\Adapter\FilesystemAdapter;
use Symfony\Component\RateLimiter\LimiterStateInterface;
use Symfony\Component\RateLimiter\Storage\StorageInterface;

/** How often was tried, kept in files. A try that cannot be counted is none: on a full disk nobody guesses for nothing. */
final readonly class Counts implements StorageInterface
{
    private FilesystemAdapter $files;

    public function __construct(private string $folder)
    {
        $this->files = new FilesystemAdapter('counts', 3600, $folder);
    }

    /** @throws NotWritten */
    public function save(LimiterStateInterface $limiterState): void
    {
        $item = $this->files->getItem(sha1($limiterState->getId()));
        if (!@$this->files->save($item->set($limiterState)->expiresAfter($limiterState->getExpirationTime()))) {
            throw NotWritten::at($this->folder.'/counts');
        }
    }

    public function fetch(string $limiterStateId): ?LimiterStateInterface
    {
        $state = $this->files->getItem(sha1($limiterStateId))->get();

        return $state instanceof LimiterStateInterface ? $state : null;
    }

    public function delete(string $limiterStateId): void
    {
        $this->files->deleteItem(sha1($limiterStateId));
    }
}

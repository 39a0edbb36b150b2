<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

use Pindle\App\Platform\NotWritten;

/** Photographs of the safe copies beside the data: each once, however many copies it is in, under the hash of what is in it. */
final readonly class SharedPhotographs
{
    public string $path;

    /** @param string $copies the folder with the copies */
    public function __construct(string $copies)
    {
        $this->path = $copies.'/photographs';
    }

    /**
     * @return string its hash
     *
     * @throws NotWritten when there is no room for it
     */
    public function keep(string $file): string
    {
        $hash = hash_file('sha256', $file) ?: throw NotWritten::at($file);
        $kept = $this->path.'/'.$hash.'.jpg';
        if (is_file($kept) && filesize($kept) === filesize($file)) {
            return $hash;
        }
        if (!is_dir($this->path) && !@mkdir($this->path, 0o700, true)) {
            throw NotWritten::at($kept);
        }
        // A photograph is never changed once it is written: a second name for it takes no room. Another disk wants it written again.
        $part = $this->path.'/.part-'.bin2hex(random_bytes(6));
        if (!@link($file, $part) && !@copy($file, $part) || !rename($part, $kept)) {
            @unlink($part);
            throw NotWritten::at($kept);
        }

        return $hash;
    }

    /** Where one lies that is whole; null where it does not. */
    public function find(string $hash): ?string
    {
        $kept = $this->path.'/'.$hash.'.jpg';

        return 1 === preg_match('/^[0-9a-f]{64}$/D', $hash) && is_file($kept) && hash_equals($hash, (string) hash_file('sha256', $kept)) ? $kept : null;
    }

    /** @param array<string, mixed> $needed hashes, as keys; all others go */
    public function keepOnly(array $needed): void
    {
        foreach (glob($this->path.'/{*.jpg,.part-*}', \GLOB_BRACE) ?: [] as $file) {
            isset($needed[basename($file, '.jpg')]) || unlink($file);
        }
    }

    /** What they take, in bytes. */
    public function bytes(): int
    {
        return array_sum(array_map(static fn (string $file): int => (int) filesize($file), glob($this->path.'/*.jpg') ?: []));
    }
}

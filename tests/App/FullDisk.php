<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

/** A disk on which no byte fits, for this process alone, whoever runs it. */
trait FullDisk
{
    /**
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    private static function onAFullDisk(callable $work): mixed
    {
        $most = posix_getrlimit();
        self::assertIsArray($most);
        $hard = 'unlimited' === $most['hard filesize'] ? -1 : (int) $most['hard filesize'];
        pcntl_signal(\SIGXFSZ, \SIG_IGN);
        posix_setrlimit(\POSIX_RLIMIT_FSIZE, 0, $hard);
        try {
            return $work();
        } finally {
            posix_setrlimit(\POSIX_RLIMIT_FSIZE, 'unlimited' === $most['soft filesize'] ? -1 : (int) $most['soft filesize'], $hard);
            pcntl_signal(\SIGXFSZ, \SIG_DFL);
        }
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

/** Lets one process at a time do something, by a file that they all hold in turn. */
final class InTurn
{
    /**
     * @template T
     *
     * @param string        $file what is held; it stays empty
     * @param callable(): T $work
     *
     * @return T
     *
     * @throws NotWritten when there is no room to hold it; then nothing was done
     */
    public static function run(string $file, callable $work): mixed
    {
        $folder = \dirname($file);
        if (!is_dir($folder) && !@mkdir($folder, 0o700, true) && !is_dir($folder)) {
            throw NotWritten::at($file);
        }
        $before = umask(0o077);
        $turn = @fopen($file, 'c');
        umask($before);
        if (false === $turn || !WholeFile::forFolder($file) || !flock($turn, \LOCK_EX)) {
            throw NotWritten::at($file);
        }
        try {
            return $work();
        } finally {
            fclose($turn);
        }
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

/** Writes a file whole or not at all: to a neighbour, onto the disk, looked at, and only then in its place. */
final class WholeFile
{
    private const TRIED = '.part-';

    /**
     * @param int $mode who may read it
     *
     * @throws NotWritten when it could not be; what lay there before still does
     */
    public static function put(string $path, string $text, int $mode = 0o600): void
    {
        // What is there already is not written again: a house starts on a full disk, too.
        if (is_file($path) && $mode === (fileperms($path) & 0o777) && $text === @file_get_contents($path)) {
            return;
        }
        $folder = \dirname($path);
        if (!is_dir($folder) && !@mkdir($folder, 0o700, true) && !is_dir($folder)) {
            throw NotWritten::at($path);
        }
        $part = $folder.'/'.self::TRIED.bin2hex(random_bytes(6));
        $before = umask(0o077);
        try {
            $to = @fopen($part, 'x') ?: throw NotWritten::at($path);
            $isWritten = \strlen($text) === @fwrite($to, $text) && fflush($to) && fsync($to);
            $isWhole = fclose($to) && $isWritten && $text === @file_get_contents($part);
            if (!$isWhole || !chmod($part, $mode) || !self::forFolder($part) || !@rename($part, $path)) {
                throw NotWritten::at($path);
            }
        } finally {
            umask($before);
            if (is_file($part)) {
                unlink($part);
            }
        }
    }

    /** What root writes belongs to whom the folder belongs to: a lock that was mended as root must be read by who serves the house. */
    public static function forFolder(string $path): bool
    {
        $owner = fileowner(\dirname($path));

        return 0 !== posix_geteuid() || false === $owner || fileowner($path) === $owner || chown($path, $owner);
    }
}

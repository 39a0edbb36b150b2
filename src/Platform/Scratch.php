<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

/** Where something that is only needed for a moment can lie: to print is to read, and goes on while the disk is full. */
final class Scratch
{
    /** Bytes that must fit: about what printing a page takes. */
    private const ROOM = 1_048_576;

    /** Memory that looks like a folder, where the machine has it. */
    private const MEMORY = '/dev/shm';

    /**
     * The folder itself where there is room in it, else one in memory, for this user alone.
     *
     * @throws NotWritten when there is neither
     */
    public static function folder(string $usual): string
    {
        foreach ([$usual, self::MEMORY.'/pindle-'.posix_geteuid()] as $folder) {
            if (!is_link($folder) && (is_dir($folder) || @mkdir($folder, 0o700)) && fileowner($folder) === posix_geteuid() && self::hasRoom($folder)) {
                return $folder;
            }
        }

        throw NotWritten::at($usual.'/scratch');
    }

    private static function hasRoom(string $folder): bool
    {
        $probe = $folder.'/.room-'.bin2hex(random_bytes(6));
        $file = @fopen($probe, 'x');
        if (false === $file) {
            return false;
        }
        $fits = self::ROOM === @fwrite($file, str_repeat("\0", self::ROOM)) && fflush($file);
        fclose($file);
        unlink($probe);

        return $fits;
    }
}

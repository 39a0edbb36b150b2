<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

use Pindle\App\Platform\Database\FileState;
use Pindle\App\Platform\Database\HouseholdFile;

/** Looks into a safe copy, and takes the database out of it. */
final readonly class CopyReader
{
    /** A database larger than this, in bytes, is none of a household: a small zip can hold endless noughts. */
    private const LARGEST = 4 * 1024 * 1_048_576;

    public function __construct(private string $migrationsDir)
    {
    }

    /** @throws BadCopy when it is not whole, not ours, or newer than this release */
    public function check(string $file): void
    {
        $folder = \dirname($file).'/.check-'.bin2hex(random_bytes(4));
        try {
            $this->extract($file, $folder);
        } finally {
            self::remove($folder);
        }
    }

    /**
     * Takes the database out into a folder of its own, and looks whether it is whole.
     *
     * @return string the database
     *
     * @throws BadCopy
     */
    public function extract(string $file, string $folder): string
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::RDONLY)) {
            throw BadCopy::notOurs();
        }
        $about = json_decode((string) $zip->getFromName(Copies::ABOUT, 100_000), true);
        $size = $zip->statName(Copies::DATABASE)['size'] ?? 0;
        if (!\is_array($about) || !\is_string($about['sha256'] ?? null) || !\is_array($about['schema'] ?? null) || $size < 1 || $size > self::LARGEST) {
            throw BadCopy::notOurs();
        }
        $known = HouseholdFile::in($folder, $this->migrationsDir);
        if (!is_dir($folder)) {
            mkdir($folder, 0o700, true);
        }
        $from = $zip->getStream(Copies::DATABASE) ?: throw BadCopy::damaged();
        $to = fopen($known->path, 'w') ?: throw new \RuntimeException('There is no room to unpack the copy.');
        $copied = @stream_copy_to_stream($from, $to);
        fclose($to);
        $zip->close();
        if ($copied !== $size || !hash_equals($about['sha256'], (string) hash_file('sha256', $known->path))) {
            throw BadCopy::damaged();
        }

        return match ($known->state()) {
            FileState::Fine, FileState::ReadOnly => $known->path,
            FileState::Newer => throw BadCopy::newer(\is_string($about['release'] ?? null) ? substr($about['release'], 0, 20) : '?'),
            default => throw BadCopy::damaged(),
        };
    }

    public static function remove(string $folder): void
    {
        foreach (glob($folder.'/{,.}*', \GLOB_BRACE) ?: [] as $file) {
            if (is_file($file)) {
                unlink($file);
            }
        }
        if (is_dir($folder)) {
            rmdir($folder);
        }
    }
}

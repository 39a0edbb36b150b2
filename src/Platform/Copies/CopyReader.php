<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

use Pindle\App\Platform\Database\FileState;
use Pindle\App\Platform\Database\HouseholdFile;
use Pindle\App\Platform\Photograph;
use Pindle\App\Platform\PhotographFolder;
use Symfony\Component\Filesystem\Filesystem;

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
     * Takes the database and the photographs out into a folder of its own, and looks whether all is whole.
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
        $this->photographs($zip, $folder, \is_int($about['photographs'] ?? null) ? $about['photographs'] : 0);
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

    /**
     * Takes the photographs out, as many as were put in.
     *
     * @throws BadCopy
     */
    private function photographs(\ZipArchive $zip, string $folder, int $wanted): void
    {
        $to = new PhotographFolder($folder);
        $found = 0;
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $entry = $zip->statIndex($i);
            if (false === $entry || 1 !== preg_match('#^'.Copies::PHOTOGRAPHS.'([0-9a-f]{32})\.jpg$#', $entry['name'], $name)) {
                continue;
            }
            $bytes = $entry['size'] > Photograph::MOST_BYTES ? false : $zip->getFromIndex($i);
            $to->putAs($name[1], \is_string($bytes) && \strlen($bytes) === $entry['size'] ? $bytes : throw BadCopy::damaged());
            ++$found;
        }
        if ($found !== $wanted) {
            throw BadCopy::damaged();
        }
    }

    public static function remove(string $folder): void
    {
        (new Filesystem())->remove($folder);
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

use Pindle\App\Platform\Database\FileState;
use Pindle\App\Platform\Database\HouseholdFile;
use Pindle\App\Platform\NotWritten;
use Pindle\App\Platform\Photograph;
use Pindle\App\Platform\PhotographFolder;
use Symfony\Component\Filesystem\Filesystem;

/** Looks into a safe copy, and takes the database out of it. */
final readonly class CopyReader
{
    /** A database larger than this, in bytes, is none of a household: a small zip can hold endless noughts. */
    private const LARGEST = 4 * 1024 * 1_048_576;

    /** What it tells of itself, in bytes: a line of 110 for each photograph, and a household has a few thousand. */
    private const LARGEST_ABOUT = 4 * 1_048_576;

    public function __construct(private string $migrationsDir)
    {
    }

    /** @throws BadCopy when it is not whole, not ours, or newer than this release */
    public function check(string $file): void
    {
        $folder = \dirname($file).'/.check-'.bin2hex(random_bytes(4));
        try {
            $this->read($file, $folder, false);
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
        return $this->read($file, $folder, true);
    }

    /**
     * Where the photographs that lie beside a copy are told of.
     *
     * @return array<array-key, string>|null name => hash; null where the copy cannot be read
     */
    public static function apart(string $file): ?array
    {
        $zip = new \ZipArchive();
        $about = true === $zip->open($file, \ZipArchive::RDONLY) ? self::about($zip) : null;

        return null === $about ? null : array_filter(\is_array($about['apart'] ?? null) ? $about['apart'] : [], is_string(...));
    }

    /** @return array<array-key, mixed>|null what a copy tells of itself */
    public static function about(\ZipArchive $zip): ?array
    {
        $about = json_decode((string) $zip->getFromName(Copies::ABOUT, self::LARGEST_ABOUT), true);

        return \is_array($about) ? $about : null;
    }

    /**
     * @param bool $isTaken whether the photographs are taken out, or only looked at
     *
     * @throws BadCopy
     */
    private function read(string $file, string $folder, bool $isTaken): string
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::RDONLY)) {
            throw BadCopy::notOurs();
        }
        $about = self::about($zip);
        $size = $zip->statName(Copies::DATABASE)['size'] ?? 0;
        if (null === $about || !\is_string($about['sha256'] ?? null) || !\is_array($about['schema'] ?? null) || $size < 1 || $size > self::LARGEST) {
            throw BadCopy::notOurs();
        }
        $known = HouseholdFile::in($folder, $this->migrationsDir);
        if (!is_dir($folder) && !@mkdir($folder, 0o700, true)) {
            throw NotWritten::at($known->path);
        }
        $from = $zip->getStream(Copies::DATABASE) ?: throw BadCopy::damaged();
        $to = @fopen($known->path, 'w') ?: throw NotWritten::at($known->path);
        $copied = @stream_copy_to_stream($from, $to);
        fclose($to);
        $found = $this->photographs($zip, $isTaken ? new PhotographFolder($folder) : null)
            + $this->apartFrom($file, \is_array($about['apart'] ?? null) ? $about['apart'] : [], $isTaken ? new PhotographFolder($folder) : null);
        $zip->close();
        if ($found !== (\is_int($about['photographs'] ?? null) ? $about['photographs'] : 0)) {
            throw BadCopy::damaged();
        }
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
     * @return int photographs that are in it
     *
     * @throws BadCopy
     */
    private function photographs(\ZipArchive $zip, ?PhotographFolder $to): int
    {
        $found = 0;
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $entry = $zip->statIndex($i);
            if (false === $entry || 1 !== preg_match('#^'.Copies::PHOTOGRAPHS.'([0-9a-f]{32})\.jpg$#D', $entry['name'], $name)) {
                continue;
            }
            $bytes = $entry['size'] > Photograph::MOST_BYTES ? false : $zip->getFromIndex($i);
            if (!\is_string($bytes) || \strlen($bytes) !== $entry['size']) {
                throw BadCopy::damaged();
            }
            $to?->putAs($name[1], $bytes);
            ++$found;
        }

        return $found;
    }

    /**
     * @param array<array-key, mixed> $apart name => hash
     *
     * @return int photographs that lie beside it
     *
     * @throws BadCopy when one of them does not
     */
    private function apartFrom(string $file, array $apart, ?PhotographFolder $to): int
    {
        $shared = new SharedPhotographs(\dirname($file));
        foreach ($apart as $name => $hash) {
            $kept = $shared->find(\is_string($hash) ? $hash : '') ?? throw BadCopy::withoutPhotographs();
            if (1 !== preg_match(PhotographFolder::NAME, (string) $name) || filesize($kept) > Photograph::MOST_BYTES) {
                throw BadCopy::damaged();
            }
            $to?->putAs((string) $name, (string) file_get_contents($kept));
        }

        return \count($apart);
    }

    public static function remove(string $folder): void
    {
        (new Filesystem())->remove($folder);
    }
}

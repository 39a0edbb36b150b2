<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\HouseholdFile;
use Pindle\App\Platform\NotWritten;
use Pindle\App\Platform\PhotographFolder;
use Pindle\App\Platform\Release;

/**
 * Safe copies: each is one zip with the database as it was at one moment, the photographs, and what tells whether it is whole. They lie beside the data; the
 * parent carries them elsewhere.
 */
final readonly class Copies
{
    /** So many of the daily ones are kept. */
    public const DAILY_KEPT = 14;

    /** So many of the others are kept, so that renewing and restoring again and again fills no disk. */
    public const OTHERS_KEPT = 10;

    public const DATABASE = 'pindle.sqlite';
    public const ABOUT = 'about.json';
    public const PHOTOGRAPHS = 'photographs/';

    /** The copies beside the data take so many bytes together at most, but for the newest few of each kind, which always stay. */
    private const TOGETHER = 4 * 1024 * 1_048_576;
    private const ALWAYS = 3;

    public function __construct(
        private CopyFolder $folder,
        private PhotographFolder $photographs,
        private Clock $clock,
        private string $dataDir,
        private string $migrationsDir,
    ) {
    }

    /**
     * Makes a copy now, and looks whether it is whole.
     *
     * @return string the file
     *
     * @throws BadCopy    when what was written cannot be read back
     * @throws NotWritten when there is no room for it
     */
    public function make(string $why, ?string $file = null): string
    {
        $file ??= $this->folder->path.'/'.\sprintf('pindle-%s-%s.zip', $this->clock->now()->format('Ymd\THis'), $why);
        if (is_dir(\dirname($file)) && !is_writable(\dirname($file)) || !is_dir(\dirname($file)) && !@mkdir(\dirname($file), 0o700, true)) {
            throw NotWritten::at($file);
        }
        $database = \dirname($file).'/.copy-'.bin2hex(random_bytes(6));
        $zip = $database.'.zip';
        try {
            // A connection of its own: this cannot be part of a transaction.
            $now = HouseholdFile::open($this->dataDir.'/pindle.sqlite');
            $now->exec('VACUUM INTO '.$now->quote($database));
            $this->write($zip, $database);
            (new CopyReader($this->migrationsDir))->check($zip);
            chmod($zip, 0o600);
            rename($zip, $file) || throw NotWritten::at($file);
        } finally {
            foreach ([$database, $zip] as $rest) {
                if (is_file($rest)) {
                    unlink($rest);
                }
            }
        }
        $this->prune();

        return $file;
    }

    /** Whether today's copy is still to be made. */
    public function isDue(): bool
    {
        $today = $this->clock->today();

        return [] === array_filter($this->folder->all(), fn (Copy $copy): bool => 'daily' === $copy->why && $this->clock->dayOf($copy->made) == $today);
    }

    private function write(string $file, string $database): void
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE)) {
            throw NotWritten::at($file);
        }
        $zip->addFile($database, self::DATABASE);
        $photographs = $this->photographs->all();
        foreach ($photographs as $name) {
            $zip->addFile((string) $this->photographs->find($name), self::PHOTOGRAPHS.$name.'.jpg');
            // They are as small as they get already.
            $zip->setCompressionName(self::PHOTOGRAPHS.$name.'.jpg', \ZipArchive::CM_STORE);
        }
        $versions = (new HouseholdFile($this->dataDir, []))->versions();
        sort($versions);
        $zip->addFromString(self::ABOUT, json_encode([
            'what' => 'A safe copy of a Pindle household',
            'made' => $this->clock->now()->format(\DATE_ATOM),
            'release' => Release::NUMBER,
            'schema' => $versions,
            'photographs' => \count($photographs),
            'sha256' => hash_file('sha256', $database),
        ], \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR)."\n");
        if (!@$zip->close()) {
            throw NotWritten::at($file);
        }
    }

    private function prune(): void
    {
        $kept = ['daily' => 0, 'others' => 0];
        $bytes = 0;
        foreach ($this->folder->all() as $copy) {
            $kind = 'daily' === $copy->why ? 'daily' : 'others';
            $bytes += $copy->bytes;
            $most = match (true) {
                $bytes > self::TOGETHER => self::ALWAYS,
                'daily' === $kind => self::DAILY_KEPT,
                default => self::OTHERS_KEPT,
            };
            if (++$kept[$kind] > $most) {
                unlink($this->folder->path.'/'.$copy->name);
            }
        }
    }
}

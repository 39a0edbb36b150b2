<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\HouseholdFile;
use Pindle\App\Platform\InTurn;
use Pindle\App\Platform\NotWritten;
use Pindle\App\Platform\PhotographFolder;
use Pindle\App\Platform\Release;

/**
 * Safe copies: each is one zip with the database as it was at one moment, and what tells whether it is whole. They lie beside the data, their photographs
 * there once for all of them; one that the parent carries elsewhere has its photographs in it.
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

    /** One that is put together to be carried elsewhere lies under such a name while it is sent, and at most so many seconds. */
    private const WHOLE = '.whole-';
    private const SENT_WITHIN = 3600;

    /** A copy is made where there is room for so many times the household, while it is written and looked at, and so many bytes stay for others. */
    private const TIMES_AS_LARGE = 2.2;
    private const LEFT_FREE = 8 * 1_048_576;

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
     * @param string|null $file where it is carried to, with its photographs in it; null for one beside the data
     *
     * @return string the file
     *
     * @throws BadCopy    when what was written cannot be read back
     * @throws NotWritten when there is no room for it
     */
    public function make(string $why, ?string $file = null): string
    {
        $isCarried = null !== $file;
        $file ??= $this->folder->path.'/'.\sprintf('pindle-%s-%s.zip', $this->clock->now()->format('Ymd\THis'), $why);
        $folder = \dirname($file);
        if (is_dir($folder) && !is_writable($folder) || !is_dir($folder) && !@mkdir($folder, 0o700, true)) {
            throw NotWritten::at($file);
        }
        // Tried without room it would take the last of it from whoever taps meanwhile.
        $free = @disk_free_space($folder);
        if (false !== $free && $free < self::TIMES_AS_LARGE * (int) @filesize($this->dataDir.'/pindle.sqlite') + self::LEFT_FREE) {
            throw NotWritten::full();
        }
        $database = $folder.'/.copy-'.bin2hex(random_bytes(6));
        $zip = $database.'.zip';
        // One after the other: what one has just kept, another must not take for left over.
        InTurn::run($folder.'/.turn', function () use ($isCarried, $file, $database, $zip): void {
            try {
                // A connection of its own: this cannot be part of a transaction.
                $now = HouseholdFile::open($this->dataDir.'/pindle.sqlite');
                $now->exec('VACUUM INTO '.$now->quote($database));
                $this->write($zip, $database, $isCarried);
                (new CopyReader($this->migrationsDir))->check($zip);
                chmod($zip, 0o600);
                rename($zip, $file) || throw NotWritten::at($file);
            } finally {
                array_map(unlink(...), array_filter([$database, $zip], is_file(...)));
            }
            $isCarried || $this->prune();
        });

        return $file;
    }

    /**
     * One of the copies beside the data, with its photographs in it, to be sent and then removed.
     *
     * @throws BadCopy    when photographs of it are gone
     * @throws NotWritten when there is no room for it
     */
    public function whole(string $file): string
    {
        $whole = $this->folder->path.'/'.self::WHOLE.bin2hex(random_bytes(6));
        try {
            @copy($file, $whole) || throw NotWritten::at($whole);
            $this->addPhotographs($whole, CopyReader::apart($file) ?? throw BadCopy::damaged());
        } catch (\Throwable $e) {
            @unlink($whole);
            throw $e;
        }

        return $whole;
    }

    /** @param array<array-key, string> $apart name => hash */
    private function addPhotographs(string $whole, array $apart): void
    {
        $zip = new \ZipArchive();
        true === $zip->open($whole) || throw BadCopy::notOurs();
        foreach ($apart as $name => $hash) {
            $this->add($zip, (string) $name, $this->shared()->find($hash) ?? throw BadCopy::damaged());
        }
        $zip->addFromString(self::ABOUT, self::about(array_diff_key(CopyReader::about($zip) ?? [], ['apart' => 1])));
        if (!@$zip->close()) {
            throw NotWritten::at($whole);
        }
    }

    /** Whether today's copy is still to be made. */
    public function isDue(): bool
    {
        $today = $this->clock->today();

        return [] === array_filter($this->folder->all(), fn (Copy $copy): bool => 'daily' === $copy->why && $this->clock->dayOf($copy->made) == $today);
    }

    /** What the copies take, and will. */
    public function room(): CopiesRoom
    {
        return CopiesRoom::of($this->folder->all(), $this->shared()->bytes(), (int) @disk_free_space($this->dataDir));
    }

    private function write(string $file, string $database, bool $isCarried): void
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE)) {
            throw NotWritten::at($file);
        }
        $zip->addFile($database, self::DATABASE);
        $photographs = $this->photographs->all();
        $apart = [];
        foreach ($photographs as $name) {
            $picture = (string) $this->photographs->find($name);
            $isCarried ? $this->add($zip, $name, $picture) : $apart[$name] = $this->shared()->keep($picture);
        }
        $versions = (new HouseholdFile($this->dataDir, []))->versions();
        sort($versions);
        $zip->addFromString(self::ABOUT, self::about([
            'what' => 'A safe copy of a Pindle household',
            'made' => $this->clock->now()->format(\DATE_ATOM),
            'release' => Release::NUMBER,
            'schema' => $versions,
            'photographs' => \count($photographs),
            'sha256' => hash_file('sha256', $database),
        ] + ([] === $apart ? [] : ['apart' => $apart])));
        if (!@$zip->close()) {
            throw NotWritten::at($file);
        }
    }

    private function add(\ZipArchive $zip, string $name, string $picture): void
    {
        $zip->addFile($picture, self::PHOTOGRAPHS.$name.'.jpg');
        // They are as small as they get already.
        $zip->setCompressionName(self::PHOTOGRAPHS.$name.'.jpg', \ZipArchive::CM_STORE);
    }

    /** @param array<array-key, mixed> $about */
    private static function about(array $about): string
    {
        return json_encode($about, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR)."\n";
    }

    private function shared(): SharedPhotographs
    {
        return new SharedPhotographs($this->folder->path);
    }

    private function prune(): void
    {
        $kept = ['daily' => 0, 'others' => 0];
        $needed = [];
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
            } else {
                $apart = CopyReader::apart($this->folder->path.'/'.$copy->name);
                $needed = null === $apart || null === $needed ? null : $needed + array_fill_keys($apart, true);
            }
        }
        // Nobody knows what a copy that cannot be read still needs.
        null === $needed || $this->shared()->keepOnly($needed);
        foreach (glob($this->folder->path.'/'.self::WHOLE.'*') ?: [] as $left) {
            filemtime($left) > time() - self::SENT_WITHIN || unlink($left);
        }
    }
}

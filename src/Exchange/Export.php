<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\HouseholdFile;
use Pindle\App\Platform\Jobs\Finished;
use Pindle\App\Platform\Jobs\Work;
use Pindle\App\Platform\NotWritten;
use Pindle\App\Platform\PhotographFolder;
use Pindle\App\Platform\Release;

/** Writes the whole household as one zip of open formats, row by row, as it is at one moment. */
final readonly class Export implements Work
{
    public const KIND = 'export';

    /** So many that were made are kept for taking away. */
    private const KEPT = 3;

    /** It is said how far it is every so many lines. */
    private const EVERY = 5000;

    private const JSON = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION;

    private string $folder;

    public function __construct(private Tables $tables, private PhotographFolder $photographs, private Clock $clock, private string $dataDir)
    {
        $this->folder = $dataDir.'/exports';
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function carryOut(string $file, callable $progress): Finished
    {
        if (!is_dir($this->folder) && !@mkdir($this->folder, 0o700, true)) {
            throw NotWritten::at($this->folder.'/export');
        }
        $name = \sprintf('pindle-household-%s.zip', $this->clock->now()->format('Ymd\THis'));
        $this->write($this->folder.'/'.$name, $progress);
        foreach (\array_slice(array_reverse($this->all()), self::KEPT) as $old) {
            unlink($this->folder.'/'.$old);
        }

        return new Finished('The household is ready to be taken away.', $name);
    }

    public function failed(): string
    {
        return 'It could not be written; is there room on the disk? Everything of yours is as it was.';
    }

    /** Where one that was made lies; null when it is gone. */
    public function find(string $name): ?string
    {
        return \in_array($name, $this->all(), true) ? $this->folder.'/'.$name : null;
    }

    /** @param callable(int, int, string): void $progress lines written, of how many, and of what */
    public function write(string $file, callable $progress): void
    {
        $work = $file.'.part';
        @mkdir($work, 0o700) || throw NotWritten::at($work);
        try {
            // A connection of its own: it sees one moment, whatever is written meanwhile.
            $now = HouseholdFile::open($this->dataDir.'/pindle.sqlite');
            $now->beginTransaction();
            $lines = $this->lines($now, $work, $progress);
            $head = $this->head($now, $lines);
            $now->rollBack();
            $progress(array_sum($lines), array_sum($lines), 'Packing it');
            $this->zip($work, $head, array_keys($lines));
            rename($work.'/all.zip', $file);
        } finally {
            foreach (glob($work.'/*') ?: [] as $rest) {
                unlink($rest);
            }
            rmdir($work);
        }
    }

    /** @return list<string> names of those that were made, older first */
    private function all(): array
    {
        return array_map(basename(...), glob($this->folder.'/pindle-household-*.zip') ?: []);
    }

    /** @return array<string, int> name => lines written */
    private function lines(\PDO $now, string $work, callable $progress): array
    {
        $counts = [];
        foreach (Format::GROWING as $name => $table) {
            $counts[$name] = (int) self::ask($now, 'SELECT COUNT(*) FROM '.$table)->fetchColumn();
        }
        [$done, $all] = [0, array_sum($counts)];
        foreach (Format::GROWING as $name => $table) {
            $to = @fopen($work.'/'.Format::lines($name), 'w') ?: throw NotWritten::at($work.'/x');
            $counts[$name] = 0;
            foreach ($this->rows($now, $table) as $row) {
                // A picture that was lost is told of by nobody: without it the file could not be brought in.
                if ('photographs' === $name && null === $this->photographs->find(\is_string($row['file']) ? $row['file'] : '')) {
                    continue;
                }
                ++$counts[$name];
                $line = json_encode($row, self::JSON)."\n";
                if (\strlen($line) !== @fwrite($to, $line)) {
                    throw NotWritten::at($work.'/x');
                }
                if (0 === ++$done % self::EVERY) {
                    $progress($done, $all, Format::lines($name));
                }
            }
            fclose($to);
        }

        return $counts;
    }

    /** @param array<string, int> $lines */
    private function head(\PDO $now, array $lines): string
    {
        $small = [];
        foreach (Format::SMALL as $name => $table) {
            $small[$name] = iterator_to_array($this->rows($now, $table), false);
        }

        return json_encode([
            'what' => Format::WHAT,
            'format' => Format::VERSION,
            'release' => Release::NUMBER,
            'made' => $this->clock->now()->format(\DATE_ATOM),
            'lines' => $lines,
        ] + $small, self::JSON | \JSON_PRETTY_PRINT)."\n";
    }

    /** @return \Generator<int, array<string, mixed>> */
    private function rows(\PDO $now, string $table): \Generator
    {
        $shape = $this->tables->named($table);
        $rows = self::ask($now, \sprintf('SELECT %s FROM %s ORDER BY %s', implode(', ', $shape->columns()), $table, implode(', ', $shape->key())));
        while (\is_array($row = $rows->fetch(\PDO::FETCH_ASSOC))) {
            yield $shape->toFile($row);
        }
    }

    private static function ask(\PDO $now, string $sql): \PDOStatement
    {
        return $now->query($sql) ?: throw new \RuntimeException('The household cannot be read.');
    }

    /** @param list<string> $names */
    private function zip(string $work, string $head, array $names): void
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($work.'/all.zip', \ZipArchive::CREATE)) {
            throw NotWritten::at($work.'/all.zip');
        }
        $zip->addFromString(Format::HEAD, $head);
        foreach ($names as $name) {
            $zip->addFile($work.'/'.Format::lines($name), Format::lines($name));
        }
        foreach ($this->photographs->all() as $photograph) {
            $picture = $this->photographs->find($photograph) ?? throw new \RuntimeException('A photograph was taken away meanwhile.');
            $zip->addFile($picture, Format::PHOTOGRAPHS.$photograph.'.jpg');
            $zip->setCompressionName(Format::PHOTOGRAPHS.$photograph.'.jpg', \ZipArchive::CM_STORE);
        }
        if (!@$zip->close()) {
            throw NotWritten::at($work.'/all.zip');
        }
    }
}

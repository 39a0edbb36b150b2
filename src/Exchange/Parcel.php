<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Pindle\App\Platform\Photograph;

/** A household file that came in, looked at piece by piece. Nothing of it is believed: what it may hold, how large, under which names, is asked first. */
final class Parcel
{
    /** Bytes of household.json, of a line, of a file of lines, of all together; and how much smaller than that a file may be in the zip. */
    private const LARGEST_HEAD = 64 * 1_048_576;
    private const LARGEST_LINE = 4 * 1_048_576;
    private const LARGEST_FILE = 1024 * 1_048_576;
    private const LARGEST = 3 * 1024 * 1_048_576;
    private const SQUEEZED = 200;
    private const SMALL_ANYWAY = 1_048_576;

    private const MOST_FILES = 2100;

    private function __construct(private readonly \ZipArchive $zip)
    {
    }

    /** @throws NotImportable when it is no household, or holds what does not belong in one */
    public static function open(string $file): self
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($file, \ZipArchive::RDONLY)) {
            throw NotImportable::noHousehold();
        }
        $parcel = new self($zip);
        if (false === $zip->locateName(Format::HEAD)) {
            throw NotImportable::noHousehold();
        }
        $parcel->mustBePlain();

        return $parcel;
    }

    /** @throws NotImportable */
    public function head(): \stdClass
    {
        $size = $this->zip->statName(Format::HEAD)['size'] ?? 0;
        $text = $size > self::LARGEST_HEAD ? throw NotImportable::in(Format::HEAD, 'it is too large') : $this->zip->getFromName(Format::HEAD);

        return self::object(\is_string($text) ? $text : throw NotImportable::in(Format::HEAD, 'it is damaged'), Format::HEAD, null);
    }

    /**
     * @return \Generator<int, \stdClass> by line, from 1
     *
     * @throws NotImportable
     */
    public function lines(string $name): \Generator
    {
        $file = Format::lines($name);
        if (false === $this->zip->locateName($file)) {
            return;
        }
        $stream = $this->zip->getStream($file) ?: throw NotImportable::in($file, 'it is damaged');
        try {
            for ($line = 1; false !== $text = fgets($stream, self::LARGEST_LINE + 1); ++$line) {
                if (!str_ends_with($text, "\n")) {
                    throw NotImportable::at($file, $line, '', \strlen($text) >= self::LARGEST_LINE ? 'is too long' : 'is cut short');
                }
                yield $line => self::object($text, $file, $line);
            }
            if (!feof($stream)) {
                throw NotImportable::in($file, 'it is damaged');
            }
        } finally {
            fclose($stream);
        }
    }

    public function has(string $file): bool
    {
        return false !== $this->zip->locateName($file);
    }

    /** @throws NotImportable */
    public function photograph(string $name): string
    {
        $file = Format::PHOTOGRAPHS.$name.'.jpg';
        $size = $this->zip->statName($file)['size'] ?? throw NotImportable::in($file, 'it is not there');
        $bytes = $size > Photograph::MOST_BYTES ? false : $this->zip->getFromName($file);

        return \is_string($bytes) && \strlen($bytes) === $size ? $bytes : throw NotImportable::in($file, 'it is damaged');
    }

    /** @throws NotImportable */
    private function mustBePlain(): void
    {
        if ($this->zip->numFiles > self::MOST_FILES) {
            throw NotImportable::noHousehold();
        }
        $names = [Format::HEAD, ...array_map(Format::lines(...), array_keys(Format::GROWING))];
        $all = 0;
        $seen = [];
        for ($i = 0; $i < $this->zip->numFiles; ++$i) {
            $entry = $this->zip->statIndex($i) ?: throw NotImportable::noHousehold();
            ['name' => $name, 'size' => $size, 'comp_size' => $squeezed] = $entry;
            if (!\in_array($name, $names, true) && 1 !== preg_match('#^'.Format::PHOTOGRAPHS.'[0-9a-f]{32}\.jpg$#D', $name)) {
                throw NotImportable::in($name, 'it does not belong in a household');
            }
            if (isset($seen[$name])) {
                // What is looked through must be what is brought in.
                throw NotImportable::in($name, 'it stands in it twice');
            }
            $seen[$name] = true;
            $all += $size;
            if ($size > self::LARGEST_FILE || $all > self::LARGEST || ($size > self::SMALL_ANYWAY && $size > self::SQUEEZED * $squeezed)) {
                throw NotImportable::in($name, 'it is larger than anything a household holds');
            }
        }
    }

    /** @throws NotImportable */
    private static function object(string $text, string $file, ?int $line): \stdClass
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw NotImportable::at($file, $line, '', 'is not written in UTF-8');
        }
        try {
            $object = json_decode($text, false, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw NotImportable::at($file, $line, '', 'is no JSON');
        }

        return $object instanceof \stdClass ? $object : throw NotImportable::at($file, $line, '', 'is no object');
    }
}

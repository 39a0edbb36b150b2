<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

use Symfony\Component\Filesystem\Filesystem;

/** Where photographs lie: beside the data, under names that say nothing. A small one of each is made when it is first asked for. */
final readonly class PhotographFolder
{
    /** What a file of it is called, without its ending. */
    public const NAME = '/^[0-9a-f]{32}$/D';

    public string $path;

    public function __construct(string $dataDir)
    {
        $this->path = $dataDir.'/photographs';
    }

    /** @return string a new name */
    public function put(Photograph $photograph): string
    {
        $name = bin2hex(random_bytes(16));
        $this->write($name.'.jpg', $photograph->jpeg);

        return $name;
    }

    /** One whose name is known, as it was written once. */
    public function putAs(string $name, string $jpeg): void
    {
        1 === preg_match(self::NAME, $name) || throw new \LogicException('That is no name of a photograph.');
        $this->write($name.'.jpg', $jpeg);
    }

    /** Those of another folder take the place of all that lie here. */
    public function takeFrom(self $other): void
    {
        $old = $this->path.'-old-'.bin2hex(random_bytes(4));
        if (is_dir($this->path)) {
            rename($this->path, $old);
        }
        if (is_dir($other->path)) {
            rename($other->path, $this->path);
        }
        (new Filesystem())->remove($old);
    }

    /** Those of another folder come to what lies here. */
    public function addFrom(self $other): void
    {
        if (is_dir($other->path)) {
            (new Filesystem())->mirror($other->path, $this->path);
        }
    }

    /** Where it lies; null when it is not there. */
    public function find(string $name, bool $small = false): ?string
    {
        $file = $this->path.'/'.$name.'.jpg';
        if (1 !== preg_match(self::NAME, $name) || !is_file($file)) {
            return null;
        }
        if (!$small) {
            return $file;
        }
        $made = $this->path.'/'.$name.'-small.jpg';
        if (!is_file($made)) {
            $this->write($name.'-small.jpg', Photograph::of((string) file_get_contents($file), Photograph::SMALL)->jpeg);
        }

        return $made;
    }

    public function remove(string $name): void
    {
        foreach (1 === preg_match(self::NAME, $name) ? ['.jpg', '-small.jpg'] : [] as $end) {
            if (is_file($this->path.'/'.$name.$end)) {
                unlink($this->path.'/'.$name.$end);
            }
        }
    }

    /** @return list<string> names of all that lie there, in order */
    public function all(): array
    {
        $files = glob($this->path.'/'.str_repeat('[0-9a-f]', 32).'.jpg') ?: [];

        return array_map(static fn (string $file): string => basename($file, '.jpg'), $files);
    }

    /** Whole or not at all. */
    private function write(string $file, string $bytes): void
    {
        WholeFile::put($this->path.'/'.$file, $bytes);
    }
}

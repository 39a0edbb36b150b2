<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Symfony\Component\Config\ConfigCache;
use Symfony\Component\Config\Resource\FileResource;
use Symfony\Component\Config\Resource\GlobResource;
use Symfony\Component\Filesystem\Exception\IOException;
use Symfony\Component\HttpKernel\CacheWarmer\CacheWarmerInterface;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** Reads the YAML of content/ once and keeps it as PHP until a file changes. */
final class ContentFiles implements CacheWarmerInterface
{
    /** @var array<string, array<array-key, mixed>>|null */
    private ?array $all = null;

    public function __construct(private readonly string $contentDir, private readonly string $cacheDir)
    {
    }

    public function isOptional(): bool
    {
        return false;
    }

    /** Read with the rest of what is compiled: on a disk that is full later it lies there already. */
    public function warmUp(string $cacheDir, ?string $buildDir = null): array
    {
        $this->all();

        return [];
    }

    /** Where a file is, by its name below content/ without ".yaml". */
    public function path(string $name): string
    {
        return $this->contentDir.'/'.$name.'.yaml';
    }

    /**
     * Every file by its path below content/, without ".yaml".
     *
     * @return array<string, array<array-key, mixed>>
     *
     * @throws BrokenContent
     */
    public function all(): array
    {
        return $this->all ??= $this->read();
    }

    /** Something that changes whenever a file does. */
    public function version(): string
    {
        $all = $this->all();

        return is_file($this->compiled()) ? filemtime($this->compiled()).' '.filesize($this->compiled()) : hash('xxh128', serialize($all));
    }

    /**
     * One file by its name below content/ without ".yaml".
     *
     * @return array<array-key, mixed>
     *
     * @throws BrokenContent when it is not there
     */
    public function file(string $name): array
    {
        return $this->all()[$name] ?? throw BrokenContent::at($name.'.yaml', 'the file', 'is not there.');
    }

    /**
     * An entry of a file, to be read field by field.
     *
     * @param string|null $place where it stands in the file, by its path of fields; its name where that is not given
     *
     * @throws BrokenContent when it is not there
     */
    public function entry(string $file, string $name, mixed $data, ?string $place = null): Entry
    {
        return new Entry(
            $file,
            $place ?? $name,
            \is_array($data) ? $data : throw BrokenContent::at($file.'.yaml', $name, 'is not there or not an entry.'),
            $this->path($file),
        );
    }

    /**
     * Every entry of a file by its name.
     *
     * @return array<string, Entry>
     *
     * @throws BrokenContent
     */
    public function entries(string $file): array
    {
        $entries = [];
        foreach ($this->file($file) as $id => $data) {
            $entries[(string) $id] = $this->entry($file, (string) $id, $data);
        }

        return $entries;
    }

    /**
     * @return array<string, array<array-key, mixed>>
     *
     * @throws BrokenContent
     */
    private function read(): array
    {
        $cache = new ConfigCache($this->compiled(), true);
        if (!$cache->isFresh()) {
            $all = [];
            $resources = [new GlobResource($this->contentDir, '/**.yaml', true)];
            foreach ([...glob($this->contentDir.'/*.yaml') ?: [], ...glob($this->contentDir.'/*/*.yaml') ?: []] as $file) {
                $name = substr($file, \strlen($this->contentDir) + 1, -5);
                try {
                    $parsed = Yaml::parseFile($file);
                } catch (ParseException $e) {
                    throw BrokenContent::at($name.'.yaml', 'line '.$e->getParsedLine(), $e->getMessage(), $e);
                }
                if (!\is_array($parsed)) {
                    throw BrokenContent::at($name.'.yaml', 'line 1', 'is not a list of entries.');
                }
                $all[$name] = $parsed;
                $resources[] = new FileResource($file);
            }
            ksort($all);
            try {
                $cache->write('<?php return '.var_export($all, true).';', $resources);
            } catch (IOException) {
                // Where there is no room it is read anew each time: slow, and right.
                return $all;
            }
        }

        return require $cache->getPath();
    }

    private function compiled(): string
    {
        return $this->cacheDir.'/content.php';
    }
}

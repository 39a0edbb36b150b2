<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Content;

use Symfony\Component\Config\ConfigCache;
use Symfony\Component\Config\Resource\FileResource;
use Symfony\Component\Config\Resource\GlobResource;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** Reads the YAML of content/ once and keeps it as PHP until a file changes. */
final readonly class ContentFiles
{
    public function __construct(private string $contentDir, private string $cacheDir)
    {
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
        $cache = new ConfigCache($this->cacheDir.'/content.php', true);
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
            $cache->write('<?php return '.var_export($all, true).';', $resources);
        }

        return require $cache->getPath();
    }
}

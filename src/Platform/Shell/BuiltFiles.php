<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Shell;

/** Which built script and styles the page loads first, read from the manifest that Vite writes. */
final readonly class BuiltFiles
{
    public function __construct(private string $buildDir)
    {
    }

    /** @return array{script: string, styles: list<string>, preloads: list<string>} */
    public function entry(): array
    {
        $file = $this->buildDir.'/manifest.json';
        if (!is_file($file)) {
            throw new \RuntimeException('The screens are not built yet: run ./pindle start, which builds them.');
        }
        /** @var array<string, array{file: string, css?: list<string>, imports?: list<string>}> $manifest */
        $manifest = json_decode((string) file_get_contents($file), true, 16, \JSON_THROW_ON_ERROR);
        $main = $manifest['web/main.ts'];
        $preloads = array_map(static fn (string $import): string => '/build/'.$manifest[$import]['file'], $main['imports'] ?? []);

        return [
            'script' => '/build/'.$main['file'],
            'styles' => array_map(static fn (string $css): string => '/build/'.$css, $main['css'] ?? []),
            'preloads' => $preloads,
        ];
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Platform\Face;
use Pindle\App\Platform\Pdf;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Text;
use Symfony\Component\HttpKernel\CacheWarmer\CacheWarmerInterface;

/** Reads the face of the printed page once, when Pindle is built: the first sheet is as quick as any, and two at once do not write it twice. */
final readonly class PaperWarmer implements CacheWarmerInterface
{
    public function isOptional(): bool
    {
        return true;
    }

    /** @return list<string> */
    public function warmUp(string $cacheDir, ?string $buildDir = null): array
    {
        $page = new Drawing(210.0, 297.0, [new Text(50.0, 50.0, 5.0, 'page', [], 'ink')], '');
        (new Pdf(['ink' => '#000'], new Face($cacheDir), $cacheDir))->write([$page], static fn (string $message): string => $message);

        return [];
    }
}

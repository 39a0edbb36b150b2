<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Shell;

use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Lock\Who;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\Routing\Attribute\Route;

/** What a browser keeps to open Pindle without the house: its worker, which must lie at the root to see every page, and the card of the app. */
final readonly class OfflineController
{
    private const TYPES = ['js' => 'text/javascript; charset=utf-8', 'webmanifest' => 'application/manifest+json'];

    public function __construct(private string $buildDir)
    {
    }

    #[Route('/{file}', name: 'offline', requirements: ['file' => 'sw\.js|workbox-[\w-]+\.js|manifest\.webmanifest'], methods: ['GET'], defaults: Who::PUBLIC)]
    public function __invoke(string $file): BinaryFileResponse
    {
        $path = $this->buildDir.'/'.$file;
        if (!is_file($path)) {
            throw Refusal::notFound('file', 'The screens are not built yet.');
        }

        return new BinaryFileResponse($path, 200, [
            'Content-Type' => self::TYPES[pathinfo($file, \PATHINFO_EXTENSION)],
            'Cache-Control' => 'no-cache',
            'Service-Worker-Allowed' => '/',
        ]);
    }
}

<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** What every answer tells the browser about how to treat it. */
#[AsEventListener]
final class SafeHeaders
{
    public const PAGE = "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; object-src 'none'; base-uri 'none'; "
        ."form-action 'self'; frame-ancestors 'none'";

    public function __invoke(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        $type = $headers->get('Content-Type', 'text/html');
        $isPage = str_starts_with($type, 'text/html');
        // What the worker of the page may ask for stands in the worker's own answer.
        $mayAsk = $isPage || str_starts_with($type, 'text/javascript');
        foreach ([
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'no-referrer',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Cross-Origin-Resource-Policy' => 'same-origin',
            'Content-Security-Policy' => $mayAsk ? self::PAGE : "default-src 'none'; frame-ancestors 'none'",
        ] as $name => $value) {
            $headers->set($name, $value);
        }
        if (!$isPage && !$headers->hasCacheControlDirective('max-age')) {
            $headers->set('Cache-Control', 'no-store');
        }
        header_remove('X-Powered-By');
    }
}

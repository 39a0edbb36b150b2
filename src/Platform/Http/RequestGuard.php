<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** Turns away what no room wants to see: bodies over a megabyte, anything but JSON, and requests from other sites' pages. */
#[AsEventListener(priority: 100)]
final class RequestGuard
{
    public const LARGEST_BODY = 1_048_576;

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!str_starts_with($request->getPathInfo(), '/api') || $request->isMethodSafe()) {
            return;
        }
        if ((int) $request->headers->get('Content-Length', '0') > self::LARGEST_BODY || \strlen($request->getContent()) > self::LARGEST_BODY) {
            throw Refusal::of(413, '', 'That is more than a megabyte. Nothing was stored.');
        }
        if ('' !== $request->getContent() && 'json' !== $request->getContentTypeFormat()) {
            throw Refusal::of(415, '', 'Send JSON with the content type application/json. Nothing was stored.');
        }
        if (!\in_array($request->headers->get('Sec-Fetch-Site', 'same-origin'), ['same-origin', 'none'], true)) {
            throw Refusal::of(403, '', 'Only this house\'s own pages may change something.');
        }
    }
}

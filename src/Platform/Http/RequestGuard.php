<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Turns away what no room wants to see, before anything runs: what is no text, bodies that are too large, and anything but JSON where a route
 * does not name another kind.
 */
final class RequestGuard
{
    public const LARGEST_BODY = 1_048_576;

    /** Before the router. */
    #[AsEventListener(priority: 100)]
    public function text(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $said = rawurldecode($request->getRequestUri());
        if (str_contains($said, "\0") || !mb_check_encoding($said, 'UTF-8')) {
            throw Refusal::of(400, '', 'The address holds something that is no text. Nothing was stored.');
        }
    }

    /** Right after the router, which knows what the route takes. */
    #[AsEventListener(priority: 31)]
    public function body(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if ($request->isMethodSafe()) {
            return;
        }
        [$takes, $most] = RawBody::wantedBy($request) ?? ['application/json', self::LARGEST_BODY];
        if ((int) $request->headers->get('Content-Length', '0') > $most || self::isLongerThan($request, $most)) {
            throw Refusal::of(413, '', \sprintf('That is more than %d megabytes. Nothing was stored.', max(1, intdiv($most, self::LARGEST_BODY))));
        }
        $type = strtolower(trim(explode(';', $request->headers->get('Content-Type', ''))[0]));
        if ($type !== $takes && ('application/json' !== $takes || self::isLongerThan($request, 0))) {
            throw Refusal::of(415, '', \sprintf('Send it with the content type %s. Nothing was stored.', $takes));
        }
    }

    /** Read only as far as needed: a body without a length may be endless. */
    private static function isLongerThan(Request $request, int $bytes): bool
    {
        $body = $request->getContent(true);

        return \strlen((string) stream_get_contents($body, min($bytes, self::LARGEST_BODY) + 1)) > $bytes;
    }
}

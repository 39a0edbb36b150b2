<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Guard;

use Pindle\App\Platform\Http\Refusal;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** Whoever changes something says where it comes from, and only this house's own pages may. Every browser says it; a page cannot lie about it. */
#[AsEventListener(priority: 200)]
final class OriginGuard
{
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if ($request->isMethodSafe()) {
            return;
        }
        $site = $request->headers->get('Sec-Fetch-Site');
        $origin = $request->headers->get('Origin');
        if (
            null === $site && null === $origin
            || null !== $site && 'same-origin' !== $site
            || null !== $origin && strtolower($origin) !== strtolower($request->getSchemeAndHttpHost())
        ) {
            throw Refusal::of(403, '', 'Only this house\'s own pages may change something. Nothing was changed.');
        }
    }
}

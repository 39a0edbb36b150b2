<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Pindle\App\Platform\Http\Refusal;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** Lets in whom the route names. After the firewall, before anything of a room. */
#[AsEventListener(priority: 5)]
final readonly class WhoMay
{
    public function __construct(private Security $security, private Lock $lock)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!str_starts_with($request->getPathInfo(), '/api')) {
            return;
        }
        $who = Who::from($request->attributes->getString('_who', Who::Parent->value));
        if (Who::Anyone === $who || $this->security->isGranted($who->role())) {
            return;
        }
        throw $this->security->isGranted(Who::Table->role())
            ? Refusal::of(403, '', 'This device is only for the table. Use one that was signed in with the passphrase.')
            : Refusal::of(401, '', $this->lock->isSet() ? 'This device is not signed in. Nothing was lost.' : 'Pindle has no passphrase yet.');
    }
}

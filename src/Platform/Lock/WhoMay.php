<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Pindle\App\Platform\Http\Refusal;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * Lets in whom the route names. It goes by the route that was matched, never by how the address was written: whatever does not say that it is
 * public is locked. After the firewall, before anything of a room.
 */
#[AsEventListener(priority: 5)]
final readonly class WhoMay
{
    public function __construct(private Security $security, private Lock $lock)
    {
    }

    public function __invoke(RequestEvent $event): void
    {
        if (!$event->isMainRequest()) {
            return;
        }
        $who = Who::of($event->getRequest()->attributes->all());
        if (Who::Public === $who || $this->security->isGranted($who->role())) {
            return;
        }
        throw $this->security->isGranted(Who::Table->role())
            ? Refusal::of(403, '', 'This device is only for the table. Use one that was signed in with the passphrase.')
            : Refusal::of(401, '', $this->lock->isSet()
                ? 'This device is not signed in. Nothing was lost.'
                : 'Pindle has no passphrase yet, so it answers only on the machine it runs on.');
    }
}

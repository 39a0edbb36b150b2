<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;

/** Knows a device by its token. Where there is no passphrase whoever reaches the house is its parent: then it listens on this machine only. */
final class DeviceAuthenticator extends AbstractAuthenticator
{
    public function __construct(private readonly Lock $lock)
    {
    }

    public function supports(Request $request): bool
    {
        return true;
    }

    public function authenticate(Request $request): SelfValidatingPassport
    {
        $device = $this->lock->isSet() ? $this->signedIn($request) : Device::machine();

        return new SelfValidatingPassport(new UserBadge(
            $device?->getUserIdentifier() ?? 'nobody',
            static fn (): Device => $device ?? new Device('', '', Who::Anyone, 0, 0),
        ));
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): ?Response
    {
        return null;
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): ?Response
    {
        return null;
    }

    private function signedIn(Request $request): ?Device
    {
        $token = TokenCookie::of($request);

        return null === $token ? null : $this->lock->device($token, time());
    }
}

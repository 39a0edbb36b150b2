<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Symfony\Component\HttpFoundation\IpUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;

/** Knows a device by its token. Where there is no passphrase, whoever asks from this machine itself is the parent, and nobody else is anybody. */
final class DeviceAuthenticator extends AbstractAuthenticator
{
    private const LOOPBACK = ['127.0.0.0/8', '::1'];
    private const NAMES = ['127.0.0.1', 'localhost', '[::1]'];
    private const FORWARDED = ['Forwarded', 'X-Forwarded-For', 'X-Forwarded-Host', 'X-Real-Ip', 'Via'];

    public function __construct(private readonly Lock $lock)
    {
    }

    public function supports(Request $request): bool
    {
        return true;
    }

    public function authenticate(Request $request): SelfValidatingPassport
    {
        $device = $this->lock->isSet() ? $this->signedIn($request) : (self::isThisMachine($request) ? Device::machine() : null);

        return new SelfValidatingPassport(new UserBadge(
            $device?->getUserIdentifier() ?? 'nobody',
            static fn (): Device => $device ?? new Device('', '', Who::Public, 0, 0),
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

    /** By where it comes from and by what name, and not by way of another server. */
    private static function isThisMachine(Request $request): bool
    {
        return IpUtils::checkIp((string) $request->server->get('REMOTE_ADDR'), self::LOOPBACK)
            && \in_array($request->getHost(), self::NAMES, true)
            && [] === array_filter(self::FORWARDED, $request->headers->has(...));
    }

    private function signedIn(Request $request): ?Device
    {
        $token = TokenCookie::of($request);

        return null === $token ? null : $this->lock->device($token, time());
    }
}

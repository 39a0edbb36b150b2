<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/** The cookie that a signed-in device carries. */
final class TokenCookie
{
    /** On https a name that no other host and no plain page can set. */
    private const SECURE = '__Host-pindle';
    private const PLAIN = 'pindle';

    public static function of(Request $request): ?string
    {
        $token = $request->cookies->get($request->isSecure() ? self::SECURE : self::PLAIN);

        return \is_string($token) && 1 === preg_match('/^[0-9a-f]{64}$/D', $token) ? $token : null;
    }

    public static function make(Request $request, string $token, int $now): Cookie
    {
        return Cookie::create($request->isSecure() ? self::SECURE : self::PLAIN)
            ->withValue($token)
            ->withExpires($now + Device::DAYS * 86_400)
            ->withPath('/')
            ->withSecure($request->isSecure())
            ->withHttpOnly(true)
            ->withSameSite(Cookie::SAMESITE_STRICT);
    }

    public static function gone(Request $request): Cookie
    {
        return self::make($request, '', -Device::DAYS * 86_400 + 1);
    }
}

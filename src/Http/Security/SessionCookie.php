<?php

declare(strict_types=1);

namespace App\Http\Security;

use App\UseCase\Access\Sessions;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/** What a signed-in device carries. Its prefix makes browsers refuse it over plain HTTP or for a whole domain (RFC 6265bis). */
final class SessionCookie
{
    private const NAME = '__Host-kontrast';
    private const SHAPE = '/^[A-Za-z0-9_-]{43}$/D';

    public static function issue(#[\SensitiveParameter] string $token, \DateTimeImmutable $now): Cookie
    {
        return Cookie::create(self::NAME, $token)
            ->withExpires($now->getTimestamp() + Sessions::LIFE_S)
            ->withPath('/')
            ->withSecure(true)
            ->withHttpOnly(true)
            ->withSameSite(Cookie::SAMESITE_STRICT);
    }

    public static function gone(): Cookie
    {
        return self::issue('', new \DateTimeImmutable('@0'))->withExpires(1);
    }

    public static function token(Request $request): ?string
    {
        $token = $request->cookies->all()[self::NAME] ?? null;

        return \is_string($token) && 1 === preg_match(self::SHAPE, $token) ? $token : null;
    }
}

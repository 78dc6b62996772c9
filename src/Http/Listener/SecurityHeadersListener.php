<?php

declare(strict_types=1);

namespace App\Http\Listener;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Tells the browser to load and run only what ships with the program. */
#[AsEventListener]
final class SecurityHeadersListener
{
    private const YEAR_S = 31_536_000;
    private const HEADERS = [
        'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data: "
            ."blob:; connect-src 'self'; manifest-src 'self'; worker-src 'self'; form-action 'none'; base-uri 'none'; "
            ."frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'no-referrer',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
        'Permissions-Policy' => 'camera=(self), geolocation=(), microphone=()',
    ];

    public function __invoke(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        foreach (self::HEADERS as $name => $value) {
            $headers->set($name, $value);
        }
        $request = $event->getRequest();
        if ($request->isSecure() && self::isName($request->getHost())) {
            $headers->set('Strict-Transport-Security', 'max-age='.self::YEAR_S);
        }
    }

    /** A bare address is somebody else's tomorrow, and so may be a name that only this home knows (RFC 6762, RFC 6797 8.1.1). */
    private static function isName(string $host): bool
    {
        return str_contains($host, '.') && !str_ends_with($host, '.local') && false === filter_var(trim($host, '[]'), \FILTER_VALIDATE_IP);
    }
}

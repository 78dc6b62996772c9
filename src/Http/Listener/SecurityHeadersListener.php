<?php

declare(strict_types=1);

namespace App\Http\Listener;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Tells the browser to load and run only what ships with the program. */
#[AsEventListener]
final class SecurityHeadersListener
{
    private const HEADERS = [
        'Content-Security-Policy' => "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; img-src 'self' data: "
            ."blob:; connect-src 'self'; form-action 'none'; base-uri 'none'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'no-referrer',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
        'Permissions-Policy' => 'camera=(self), geolocation=(), microphone=()',
    ];

    public function __invoke(ResponseEvent $event): void
    {
        foreach (self::HEADERS as $name => $value) {
            $event->getResponse()->headers->set($name, $value);
        }
    }
}

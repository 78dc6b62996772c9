<?php

declare(strict_types=1);

namespace App\Http\Listener;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

/** Turns away a write that another site's page has sent, and one that is not JSON. */
#[AsEventListener(priority: 64)]
final class SameOriginListener
{
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if ($request->isMethodSafe()) {
            return;
        }
        if (!self::isFromHere($request)) {
            throw new AccessDeniedHttpException('Only Kontrast’s own pages may change stored data.');
        }
        if ('' !== $request->getContent() && 'json' !== $request->getContentTypeFormat()) {
            throw new UnsupportedMediaTypeHttpException('Send JSON, with the header "Content-Type: application/json".');
        }
    }

    /** A browser names where a request comes from; a client that is no browser (no Origin) is not misused by a page. */
    private static function isFromHere(Request $request): bool
    {
        $origin = $request->headers->get('Origin');
        $site = $request->headers->get('Sec-Fetch-Site');

        return (null === $origin || $origin === $request->getSchemeAndHttpHost())
            && (null === $site || \in_array($site, ['same-origin', 'none'], true));
    }
}

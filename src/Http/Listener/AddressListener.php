<?php

declare(strict_types=1);

namespace App\Http\Listener;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** Turns away an address that no page and no client makes, before anything takes it for a name or an id. */
#[AsEventListener(priority: 128)]
final class AddressListener
{
    public function __invoke(RequestEvent $event): void
    {
        $address = rawurldecode($event->getRequest()->getRequestUri());
        if (1 === preg_match('/[\x00-\x1f\x7f]/', $address) || !mb_check_encoding($address, 'UTF-8')) {
            throw new BadRequestHttpException('The address cannot be read: use UTF-8 without control characters.');
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Listener;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Says how long an answer is, where it is known before it goes out, so that a client notices one that was cut short. */
// Before the framework takes the content off an answer to HEAD.
#[AsEventListener(priority: 16)]
final class AnswerLengthListener
{
    public function __invoke(ResponseEvent $event): void
    {
        $response = $event->getResponse();
        $content = $response->getContent();
        if (false !== $content && !$response->isEmpty() && !$response->headers->has('Transfer-Encoding')) {
            $response->headers->set('Content-Length', (string) \strlen($content));
        }
    }
}

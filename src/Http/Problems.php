<?php

declare(strict_types=1);

namespace App\Http;

use App\Exchange\Fault;
use App\Exchange\InvalidDocument;
use Doctrine\ORM\OptimisticLockException;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Every error leaves as application/problem+json (RFC 9457), in words a person can act on. */
#[AsEventListener(priority: 8)]
final class Problems
{
    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        [$status, $title, $faults] = match (true) {
            $error instanceof InvalidDocument => [422, 'This cannot be taken as it is.', $error->faults],
            $error instanceof OptimisticLockException => [409, 'This was changed in another place meanwhile. Nothing was written.', []],
            $error instanceof HttpExceptionInterface => [$error->getStatusCode(), '' === $error->getMessage() ? 'This request cannot be answered.' : $error->getMessage(), []],
            default => [500, 'Something broke inside the program. Nothing was stored; the log in var/log says more.', []],
        };
        $event->setResponse(new JsonResponse([
            'type' => 'about:blank',
            'title' => $title,
            'status' => $status,
            'detail' => [] === $faults ? $title : implode("\n", array_map(static fn (Fault $fault): string => $fault->line(), $faults)),
            'faults' => array_map(static fn (Fault $fault): array => ['field' => $fault->field, 'message' => $fault->message], $faults),
        ], $status, ['Content-Type' => 'application/problem+json']));
    }
}

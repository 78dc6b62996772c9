<?php

declare(strict_types=1);

namespace App\Http\Listener;

use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Error\NotSignedIn;
use App\Contract\Error\ProblemDocument;
use App\Contract\Error\StaleDocument;
use App\Contract\Error\TooManyAttempts;
use App\Contract\Reader\DocumentNormalizer;
use App\Device\NoDevice;
use App\Http\Precondition;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Doctrine\DBAL\Exception\ReadOnlyException;
use Doctrine\ORM\OptimisticLockException;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Filesystem\Exception\IOException;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Routing\Exception\ResourceNotFoundException;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Uid\Uuid;

/**
 * Every error leaves as application/problem+json (RFC 9457), in words a person can act on; one of the program's own is logged under a
 * reference.
 */
#[AsEventListener(priority: 8)]
final readonly class ProblemListener
{
    private const CODES = [
        400 => 'bad_request', 403 => 'forbidden', 404 => 'not_found', 405 => 'method_not_allowed', 413 => 'too_large',
        415 => 'not_json', 503 => 'not_available',
    ];
    private const RETRY_AFTER_S = 2;
    /** https://www.sqlite.org/rescode.html#full */
    private const SQLITE_FULL = 13;

    public function __construct(private LoggerInterface $logger, private DocumentNormalizer $documents)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        // Who is not let in is asked to sign in, which is the firewall's to do.
        if (!$error instanceof AccessDeniedException && !$error instanceof AuthenticationException) {
            $event->setResponse($this->answer($error, $event->getRequest()));
        }
    }

    public function answer(\Throwable $error, Request $request): JsonResponse
    {
        $problem = $this->problem($error, $request);
        $headers = $error instanceof HttpExceptionInterface ? $error->getHeaders() : [];
        if ($error instanceof LockWaitTimeoutException || $error instanceof ReadOnlyException) {
            $headers['Retry-After'] = (string) self::RETRY_AFTER_S;
        }
        if ($error instanceof TooManyAttempts) {
            $headers['Retry-After'] = (string) $error->waitS;
        }
        $answer = new JsonResponse(
            // What is wrong was worked out; what was stored meanwhile is shown as it is.
            [] === $problem->faults ? $this->documents->stored($problem) : $this->documents->written($problem),
            $problem->status,
            ['Content-Type' => 'application/problem+json'] + $headers,
        );
        if ($error instanceof StaleDocument && null !== $error->version) {
            $answer->setEtag(Precondition::tag($error->version));
        }

        return $answer;
    }

    private function problem(\Throwable $error, Request $request): ProblemDocument
    {
        return match (true) {
            $error instanceof InvalidDocument => new ProblemDocument(
                422,
                'This document has errors.',
                'invalid_document',
                $error->faults,
                $error->count,
            ),
            $error instanceof StaleDocument => new ProblemDocument(
                $request->headers->has('If-Match') ? 412 : 409,
                $error->getMessage(),
                'stale',
                current: $error->current,
            ),
            $error instanceof OptimisticLockException => new ProblemDocument(
                409,
                'This was changed somewhere else in the meantime. Nothing was stored.',
                'stale',
            ),
            $error instanceof NotFound => new ProblemDocument(404, $error->getMessage(), 'not_found'),
            $error instanceof NotSignedIn => new ProblemDocument(401, $error->getMessage(), 'signed_out'),
            $error instanceof TooManyAttempts => new ProblemDocument(429, $error->getMessage(), 'too_many_attempts'),
            $error instanceof NoDevice => new ProblemDocument(503, $error->getMessage(), 'no_device'),
            $error instanceof LockWaitTimeoutException => new ProblemDocument(
                503,
                'Kontrast is busy storing something else. Nothing was stored; try again in a moment.',
                'busy',
            ),
            self::isFull($error) => new ProblemDocument(
                503,
                'The disk is full, so nothing was stored. Make room on it, and try again. Everything that was stored can still be read.',
                'disk_full',
            ),
            $error instanceof IOException => new ProblemDocument(
                503,
                'A file beside the database cannot be written, so nothing was changed. Make room on the disk, or run ./kontrast doctor to '
                    .'see what to do.',
                'file_not_written',
            ),
            $error instanceof ReadOnlyException => new ProblemDocument(
                503,
                'The database is read-only right now, so nothing was stored. Run ./kontrast doctor to see what to do.',
                'read_only',
            ),
            $error instanceof HttpExceptionInterface => new ProblemDocument(
                $error->getStatusCode(),
                self::says($error),
                self::CODES[$error->getStatusCode()] ?? 'refused',
            ),
            default => $this->internal($error, $request),
        };
    }

    private static function isFull(\Throwable $error): bool
    {
        for ($cause = $error; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof \PDOException && self::SQLITE_FULL === ($cause->errorInfo[1] ?? null)) {
                return true;
            }
        }

        return false;
    }

    /** The router's own sentences speak of routes, which are nobody's business outside. */
    private static function says(HttpExceptionInterface $error): string
    {
        $allow = $error->getHeaders()['Allow'] ?? null;

        return match (true) {
            405 === $error->getStatusCode() && \is_string($allow) => "This address takes only $allow.",
            $error->getPrevious() instanceof ResourceNotFoundException => 'There is nothing at this address.',
            '' === $error->getMessage() => 'This request cannot be answered.',
            default => $error->getMessage(),
        };
    }

    private function internal(\Throwable $error, Request $request): ProblemDocument
    {
        $reference = Uuid::v7()->toBase58();
        $this->logger->critical('{method} {path} failed ({reference}): {message}', [
            'method' => $request->getMethod(),
            'path' => $request->getPathInfo(),
            'reference' => $reference,
            'message' => $error->getMessage(),
            'exception' => $error,
        ]);
        $says = "Something went wrong inside the program. Nothing was stored. Look for $reference in its log.";

        return new ProblemDocument(500, $says, 'internal', reference: $reference);
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use App\Contract\Error\InvalidDocument;
use App\Contract\OpenApi\Payload;
use App\Contract\Reader\DocumentReader;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Reads a request's document for the parameter that takes it; every fault is told at once. */
final readonly class PayloadResolver implements ValueResolverInterface
{
    public function __construct(private DocumentReader $reader)
    {
    }

    /**
     * @return iterable<int, mixed>
     *
     * @throws InvalidDocument
     */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        $payload = $argument->getAttributesOfType(Payload::class)[0] ?? null;
        if (!$payload instanceof Payload) {
            return [];
        }
        $class = $payload->listOf ?? $argument->getType();
        if (null === $class || !class_exists($class)) {
            throw new \LogicException("The parameter {$argument->getName()} names no document.");
        }
        if ($payload->isQuery) {
            return [$this->reader->read(json_encode((object) $request->query->all(), \JSON_THROW_ON_ERROR), $class)];
        }
        $content = self::content($request, $payload->mostBytes);

        return [null === $payload->listOf ? $this->reader->read($content, $class) : $this->reader->readList($content, $class)];
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T the document of a request of the usual size
     *
     * @throws InvalidDocument
     */
    public function document(Request $request, string $class): object
    {
        return $this->reader->read(self::content($request, Payload::USUAL_BYTES), $class);
    }

    private static function content(Request $request, int $mostBytes): string
    {
        $length = (int) $request->headers->get('Content-Length', '0');
        if ($length > $mostBytes || \strlen($request->getContent()) > $mostBytes) {
            throw new HttpException(413, \sprintf('This is too large. The limit is %s.', self::size($mostBytes)));
        }

        return $request->getContent();
    }

    private static function size(int $bytes): string
    {
        return $bytes < 1_000_000 ? intdiv($bytes, 1000).' kB' : intdiv($bytes, 1_000_000).' MB';
    }
}

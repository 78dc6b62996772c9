<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

/** The document that an endpoint takes, in its body or in its address. */
final readonly class Body
{
    /** @param class-string $document */
    public function __construct(public string $document, public bool $isList = false, public bool $isQuery = false)
    {
    }

    /** As the endpoint's own parameter says it. */
    public static function of(\ReflectionMethod $endpoint): ?self
    {
        foreach ($endpoint->getParameters() as $parameter) {
            $payload = ($parameter->getAttributes(Payload::class)[0] ?? null)?->newInstance();
            if (null !== $payload) {
                $type = $parameter->getType();
                $class = $payload->listOf ?? ($type instanceof \ReflectionNamedType ? $type->getName() : '');

                return class_exists($class) ? new self($class, null !== $payload->listOf, $payload->isQuery) : null;
            }
        }

        return null;
    }
}

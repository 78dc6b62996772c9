<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

/** The fields of a document that stands in an address, as OpenAPI has them: words and texts; what has a default may be left out. */
final class QueryParameters
{
    /**
     * @param class-string $document
     *
     * @return list<array<string, mixed>>
     */
    public static function of(string $document): array
    {
        return array_map(
            static fn (\ReflectionParameter $field): array => [
                'name' => $field->getName(),
                'in' => 'query',
                'required' => !$field->isOptional(),
                'schema' => self::schema($field),
            ],
            (new \ReflectionClass($document))->getConstructor()?->getParameters() ?? [],
        );
    }

    /** @return array<string, mixed> */
    private static function schema(\ReflectionParameter $field): array
    {
        $type = $field->getType();
        $words = $type instanceof \ReflectionNamedType && is_subclass_of($type->getName(), \BackedEnum::class)
            ? array_map(static fn (\BackedEnum $word): int|string => $word->value, $type->getName()::cases())
            : [];

        return ['type' => 'string', ...([] === $words ? [] : ['enum' => $words])];
    }
}

<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

use App\Contract\Reader\DocumentTypes;
use App\Contract\Reader\Shorthand;
use OpenApi\Attributes\Schema;
use Symfony\Component\PropertyInfo\Type;

/** Writes into the schemas what PHP says of each field already: its type, whether it may be null, whether it may be left out. */
final readonly class SchemaTypes
{
    private const BUILTIN = [
        Type::BUILTIN_TYPE_FLOAT => 'number', Type::BUILTIN_TYPE_INT => 'integer', Type::BUILTIN_TYPE_BOOL => 'boolean',
        Type::BUILTIN_TYPE_STRING => 'string',
    ];

    public function __construct(private DocumentTypes $types)
    {
    }

    /**
     * @param array<mixed>             $schema what the attributes of a document say
     * @param \ReflectionClass<object> $class  the document
     *
     * @return array<mixed> with all of its fields
     */
    public function applied(array $schema, \ReflectionClass $class): array
    {
        $said = \is_array($schema['properties'] ?? null) ? $schema['properties'] : [];
        $properties = [];
        foreach ($this->types->read($class->name) as $field => $type) {
            $own = \is_array($said[$field] ?? null) ? $said[$field] : [];
            if (is_subclass_of((string) $type->getClassName(), Shorthand::class)) {
                $properties[$field] = self::schemaOf($type);
                continue;
            }
            $properties[$field] = isset($own['oneOf']) || isset($own['$ref']) ? $own : [...self::schemaOf($type), ...self::stated($own)];
        }

        $required = array_values(array_filter(
            array_keys($properties),
            fn (string $field): bool => $this->types->isRequired($class->name, $field),
        ));

        return [
            'type' => 'object',
            ...([] === $required ? [] : ['required' => $required]),
            ...$schema,
            'properties' => [...$properties, ...array_diff_key($said, $properties)],
        ];
    }

    /**
     * @param array<mixed> $own
     *
     * @return array<mixed> without what the generator makes of a type by itself, which knows neither enumerations nor what is in a list
     */
    private static function stated(array $own): array
    {
        $isEnumeration = str_contains(implode(' ', array_filter((array) ($own['type'] ?? []), \is_string(...))), '\\');
        $isSaid = [] !== array_intersect_key($own, ['items' => 0, 'additionalProperties' => 0, 'enum' => 0])
            || !\in_array($own['format'] ?? 'float', ['float', 'int32', 'int64'], true);

        return match (true) {
            $isEnumeration => array_diff_key($own, ['type' => 0, 'enum' => 0]),
            $isSaid => $own,
            default => array_diff_key($own, ['type' => 0, 'format' => 0]),
        };
    }

    /** @return array<string, mixed> */
    private static function schemaOf(Type $type): array
    {
        $schema = self::withoutNull($type);
        if (!$type->isNullable() || [] === $schema) {
            return $schema;
        }

        return match (true) {
            isset($schema['$ref']) => ['oneOf' => [$schema, ['type' => 'null']]],
            isset($schema['oneOf']) => ['oneOf' => [...(array) $schema['oneOf'], ['type' => 'null']]],
            default => [...$schema, 'type' => [$schema['type'], 'null']],
        };
    }

    /** @return array<string, mixed> empty where anything is allowed */
    private static function withoutNull(Type $type): array
    {
        $class = $type->getClassName();
        if (null !== $class) {
            return self::named($class);
        }
        if (!$type->isCollection()) {
            return isset(self::BUILTIN[$type->getBuiltinType()]) ? ['type' => self::BUILTIN[$type->getBuiltinType()]] : [];
        }
        $value = $type->getCollectionValueTypes()[0] ?? null;
        $inner = null === $value ? [] : self::schemaOf($value);
        $isMap = Type::BUILTIN_TYPE_STRING === ($type->getCollectionKeyTypes()[0] ?? null)?->getBuiltinType();

        return $isMap ? ['type' => 'object', 'additionalProperties' => $inner] : ['type' => 'array', 'items' => $inner];
    }

    /** @return array<string, mixed> */
    private static function named(string $class): array
    {
        if (is_a($class, \DateTimeInterface::class, true)) {
            return ['type' => 'string', 'format' => 'date-time'];
        }
        if (is_subclass_of($class, \BackedEnum::class)) {
            $values = array_map(static fn (\BackedEnum $case): string|int => $case->value, $class::cases());

            return ['type' => \is_int($values[0] ?? null) ? 'integer' : 'string', 'enum' => $values];
        }
        $attribute = class_exists($class) ? (new \ReflectionClass($class))->getAttributes(Schema::class)[0] ?? null : null;
        $name = $attribute?->newInstance()->schema;
        $document = \is_string($name) ? ['$ref' => "#/components/schemas/$name"] : [];

        return is_subclass_of($class, Shorthand::class)
            ? ['oneOf' => [['type' => 'string', 'enum' => $class::words()], $document]]
            : $document;
    }
}

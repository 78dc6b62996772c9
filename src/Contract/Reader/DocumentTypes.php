<?php

declare(strict_types=1);

namespace App\Contract\Reader;

use Symfony\Component\PropertyInfo\PropertyInfoExtractorInterface;
use Symfony\Component\PropertyInfo\Type;

/** The declared fields of document classes with their types, and what to say of each. */
final class DocumentTypes
{
    /** @var array<class-string, array<string, Type>> */
    private array $types = [];
    /** @var array<class-string, string> */
    private array $unknown = [];
    /** @var array<class-string, array<string, bool>> */
    private array $required = [];

    public function __construct(private readonly PropertyInfoExtractorInterface $properties)
    {
    }

    /**
     * @param class-string $class
     *
     * @return array<string, Type> by field
     */
    public function read(string $class): array
    {
        if (!isset($this->types[$class])) {
            $types = [];
            foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
                $field = $parameter->getName();
                $types[$field] = $this->properties->getTypes($class, $field)[0] ?? new Type(Type::BUILTIN_TYPE_NULL, true);
            }
            $this->types[$class] = $types;
        }

        return $this->types[$class];
    }

    /** @param class-string $class */
    public function isRequired(string $class, string $field): bool
    {
        if (!isset($this->required[$class])) {
            $this->required[$class] = [];
            foreach ((new \ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
                $this->required[$class][$parameter->getName()] = !$parameter->isDefaultValueAvailable();
            }
        }

        return $this->required[$class][$field] ?? false;
    }

    /** @return class-string|null the class of a document inside a document */
    public static function document(Type $type): ?string
    {
        $class = $type->getClassName();
        $isDocument = null !== $class && class_exists($class) && !enum_exists($class) && !is_a($class, \DateTimeInterface::class, true);

        return $isDocument ? $class : null;
    }

    /** @param class-string $class */
    public function unknownField(string $class): string
    {
        return $this->unknown[$class] ??= 'Unknown field. Allowed here: '.implode(', ', array_keys($this->read($class))).'.';
    }

    /** A sentence that says what a field of this type takes. */
    public function expected(Type $type): string
    {
        $class = $type->getClassName();
        if (null !== $class && is_subclass_of($class, \BackedEnum::class)) {
            return 'Allowed: '.implode(
                ', ',
                array_map(static fn (\BackedEnum $case): string => (string) $case->value, $class::cases()),
            ).'.';
        }

        return match (true) {
            null !== $class && is_a(
                $class,
                \DateTimeInterface::class,
                true,
            ) => 'This must be a date and time, such as 2026-04-11T16:40:00+00:00.',
            null !== $class && is_subclass_of($class, Shorthand::class) => 'Allowed: '.implode(', ', $class::words())
                .', or an object with one of them for each of '.implode(', ', array_keys($this->read($class))).'.',
            null !== $class => 'This must be an object.',
            $type->isCollection() => 'This must be a list.',
            default => match ($type->getBuiltinType()) {
                Type::BUILTIN_TYPE_FLOAT => 'This must be a number.',
                Type::BUILTIN_TYPE_INT => 'This must be a whole number.',
                Type::BUILTIN_TYPE_BOOL => 'Allowed: true, false.',
                Type::BUILTIN_TYPE_STRING => 'This must be text.',
                default => 'This has the wrong type of value.',
            },
        };
    }
}

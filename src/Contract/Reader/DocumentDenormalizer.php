<?php

declare(strict_types=1);

namespace App\Contract\Reader;

use Symfony\Component\PropertyInfo\Type;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;

/**
 * Makes the documents under Contract, which have nothing but a constructor, for the serializer: its own way asks for every field of every
 * document what the class, its setters and its docblocks say, which takes a list of 5,000 parts over a second.
 */
final readonly class DocumentDenormalizer implements DenormalizerInterface
{
    private const DOCUMENTS = 'App\\Contract\\';

    public function __construct(private DocumentTypes $types)
    {
    }

    public function supportsDenormalization(mixed $data, string $type, ?string $format = null, array $context = []): bool
    {
        return str_starts_with($type, self::DOCUMENTS) && class_exists($type) && !enum_exists($type);
    }

    public function getSupportedTypes(?string $format): array
    {
        return ['object' => true];
    }

    public function denormalize(mixed $data, string $type, ?string $format = null, array $context = []): mixed
    {
        return class_exists($type) ? $this->make($data, $type) : throw new NotNormalizableValueException("There is no $type.");
    }

    /** @param class-string $class */
    private function make(mixed $data, string $class): object
    {
        if (\is_string($data) && is_subclass_of($class, Shorthand::class)) {
            $data = $class::inFull($data);
        }
        if (!\is_array($data)) {
            throw new NotNormalizableValueException(\sprintf('%s is no document.', get_debug_type($data)));
        }
        $arguments = [];
        foreach ($this->types->read($class) as $field => $type) {
            $value = $data[$field] ?? null;
            if (null !== $value || \array_key_exists($field, $data)) {
                $arguments[$field] = null === $value ? null : $this->value($value, $type);
            }
        }

        return new $class(...$arguments);
    }

    private function value(mixed $value, Type $type): mixed
    {
        if ($type->isCollection()) {
            $item = $type->getCollectionValueTypes()[0] ?? null;
            if (!\is_array($value)) {
                throw new NotNormalizableValueException(\sprintf('%s is no list.', get_debug_type($value)));
            }

            return null === $item ? $value : array_map(fn (mixed $one): mixed => null === $one ? null : $this->value($one, $item), $value);
        }
        $class = $type->getClassName();

        return match (true) {
            null === $class => Type::BUILTIN_TYPE_FLOAT === $type->getBuiltinType() && \is_int($value) ? (float) $value : $value,
            is_subclass_of($class, \BackedEnum::class) => self::choice($value, $class),
            is_a($class, \DateTimeInterface::class, true) => self::moment($value),
            class_exists($class) => $this->make($value, $class),
            default => throw new NotNormalizableValueException("There is no $class."),
        };
    }

    /** @param class-string<\BackedEnum> $enum */
    private static function choice(mixed $value, string $enum): \BackedEnum
    {
        return (\is_string($value) || \is_int($value) ? $enum::tryFrom($value) : null)
            ?? throw new NotNormalizableValueException(json_encode($value).' is no '.$enum.'.');
    }

    private static function moment(mixed $value): \DateTimeImmutable
    {
        try {
            return new \DateTimeImmutable(\is_string($value) ? $value : 'none');
        } catch (\Exception $error) {
            throw new NotNormalizableValueException($error->getMessage(), 0, $error);
        }
    }
}

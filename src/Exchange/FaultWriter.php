<?php

declare(strict_types=1);

namespace App\Exchange;

use Symfony\Component\PropertyInfo\PropertyInfoExtractorInterface;
use Symfony\Component\PropertyInfo\Type;
use Symfony\Component\Serializer\Exception\NotNormalizableValueException;

/** Puts a serializer's complaint into a sentence that says what the field takes. */
final readonly class FaultWriter
{
    public function __construct(private PropertyInfoExtractorInterface $properties)
    {
    }

    public static function join(string $path, string $field): string
    {
        return '' === $path || '' === $field ? $path.$field : $path.('[' === $field[0] ? '' : '.').$field;
    }

    /**
     * @param array<string, mixed> $data
     * @param class-string         $class
     */
    public function wrongType(NotNormalizableValueException $error, array $data, string $class, string $prefix): Fault
    {
        $path = (string) $error->getPath();

        return new Fault(self::join($prefix, $path), \sprintf('%s is not allowed here. %s', self::shown($data, $path), $this->allowed($class, $path)));
    }

    /** @param class-string $class */
    public function missing(string $class, string $field, string $prefix): Fault
    {
        return new Fault(self::join($prefix, $field), 'This field is missing. '.$this->allowed($class, $field));
    }

    /** @param class-string $class */
    private function allowed(string $class, string $path): string
    {
        $steps = explode('.', preg_replace('/\[\d+\]/', '.[]', $path) ?? $path);
        $type = null;
        foreach ($steps as $step) {
            if ('[]' === $step) {
                $type = $type?->getCollectionValueTypes()[0] ?? null;
                continue;
            }
            $owner = $type?->getClassName() ?? $class;
            $type = class_exists($owner) ? ($this->properties->getTypes($owner, $step)[0] ?? null) : null;
        }

        return null === $type ? 'Another kind of value is expected.' : self::expected($type);
    }

    private static function expected(Type $type): string
    {
        $class = $type->getClassName();
        if (null !== $class && is_subclass_of($class, \BackedEnum::class)) {
            return 'Allowed: '.implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $class::cases())).'.';
        }

        return match (true) {
            null !== $class && is_a($class, \DateTimeInterface::class, true) => 'A date with its time is expected, such as 2026-04-11T16:40:00+00:00.',
            null !== $class => 'An object is expected.',
            $type->isCollection() => 'A list is expected.',
            default => match ($type->getBuiltinType()) {
                Type::BUILTIN_TYPE_FLOAT => 'A number is expected.',
                Type::BUILTIN_TYPE_INT => 'A whole number is expected.',
                Type::BUILTIN_TYPE_BOOL => 'Allowed: true, false.',
                Type::BUILTIN_TYPE_STRING => 'Text is expected.',
                default => 'Another kind of value is expected.',
            },
        };
    }

    /** @param array<string, mixed> $data */
    private static function shown(array $data, string $path): string
    {
        $value = self::at($data, $path);
        $json = \is_array($value) ? (array_is_list($value) ? 'A list' : 'An object') : json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PARTIAL_OUTPUT_ON_ERROR);

        return mb_strimwidth((string) $json, 0, 60, '…');
    }

    /** @param array<string, mixed> $data */
    private static function at(array $data, string $path): mixed
    {
        $value = $data;
        $steps = preg_split('/[.\[\]]+/', $path, -1, \PREG_SPLIT_NO_EMPTY);
        foreach (false === $steps ? [] : $steps as $step) {
            if (!\is_array($value) || !\array_key_exists($step, $value)) {
                return null;
            }
            $value = $value[$step];
        }

        return $value;
    }
}

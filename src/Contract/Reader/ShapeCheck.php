<?php

declare(strict_types=1);

namespace App\Contract\Reader;

use App\Contract\Error\Fault;
use Symfony\Component\PropertyInfo\Type;

/**
 * Holds decoded JSON against the declared fields and types of a document class, once through: objects are stdClass and lists are arrays, so
 * that {"0": …} is no list. What is of the declared shape comes out as plain arrays; what is not is told and left out, and what is missing
 * is told.
 */
final readonly class ShapeCheck
{
    /** Anything below space but tab and line breaks, and DEL. */
    private const CONTROL = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/';

    public function __construct(private DocumentTypes $types)
    {
    }

    /**
     * @param class-string     $class
     * @param list<SoundPiece> $sound where there are faults: everything within that has none
     *
     * @return array<string, mixed>
     */
    public function object(\stdClass $data, string $class, string $path, FaultCollector $faults, array &$sound = []): array
    {
        $told = $faults->told();
        $known = $this->types->read($class);
        $limits = is_subclass_of($class, LimitsLists::class) ? $class::limits() : [];
        $clean = [];
        foreach (get_object_vars($data) as $name => $value) {
            $name = (string) $name;
            $field = self::join($path, $name);
            if (!isset($known[$name])) {
                $faults->add(new Fault($field, $faults->isFull() ? '' : $this->types->unknownField($class), Fault::UNKNOWN_FIELD));
                continue;
            }
            $most = $limits[$name] ?? null;
            if (null !== $most && \is_array($value) && \count($value) > $most) {
                $faults->add(
                    new Fault($field, \sprintf('%d are too many. The most allowed here is %d.', \count($value), $most), Fault::TOO_MANY),
                );
                continue;
            }
            $before = $faults->told();
            $checked = $this->value($value, $known[$name], $field, $faults, $sound);
            if ($before === $faults->told()) {
                $clean[$name] = $checked;
            }
        }
        foreach (array_diff_key($known, get_object_vars($data)) as $name => $type) {
            if ($this->types->isRequired($class, $name)) {
                $says = 'This field is missing. '.$this->types->expected($type);
                $faults->add(new Fault(self::join($path, $name), $says, Fault::MISSING));
            }
        }
        if ($told !== $faults->told()) {
            foreach ($clean as $name => $value) {
                $field = self::join($path, $name);
                array_push($sound, ...self::pieces($value, $known[$name], $field) ?? [new SoundPiece($class, $name, $value, $field)]);
            }
        }

        return $clean;
    }

    /** @return list<SoundPiece>|null the documents that a sound value is made of; null where it is made of none */
    private static function pieces(mixed $value, Type $type, string $path): ?array
    {
        $item = $type->getCollectionValueTypes()[0] ?? null;
        $class = DocumentTypes::document($item ?? $type);
        if (null === $class || !\is_array($value)) {
            return null;
        }
        if (null === $item) {
            return [new SoundPiece($class, null, $value, $path)];
        }
        $pieces = [];
        foreach ($value as $key => $entry) {
            $pieces[] = new SoundPiece($class, null, $entry, "{$path}[$key]");
        }

        return $pieces;
    }

    /** @param list<SoundPiece> $sound */
    private function value(mixed $value, Type $type, string $path, FaultCollector $faults, array &$sound): mixed
    {
        $class = $type->getClassName();

        return match (true) {
            null === $value && $type->isNullable() => null,
            \is_string($value) && self::isWordOf($value, $class) => $value,
            $type->isCollection() => $this->collection($value, $type, $path, $faults, $sound),
            null === $class => $this->scalar($value, $type, $path, $faults),
            is_subclass_of($class, \BackedEnum::class) => $this->choice($value, $class, $type, $path, $faults),
            is_a($class, \DateTimeInterface::class, true) => $this->date($value, $type, $path, $faults),
            $value instanceof \stdClass && class_exists($class) => $this->object($value, $class, $path, $faults, $sound),
            default => $this->wrong($value, $type, $path, $faults),
        };
    }

    private static function isWordOf(string $word, ?string $class): bool
    {
        return null !== $class && is_subclass_of($class, Shorthand::class) && \in_array($word, $class::words(), true);
    }

    /** @param list<SoundPiece> $sound */
    private function collection(mixed $value, Type $type, string $path, FaultCollector $faults, array &$sound): mixed
    {
        $told = $faults->told();
        $isMap = Type::BUILTIN_TYPE_STRING === ($type->getCollectionKeyTypes()[0] ?? null)?->getBuiltinType();
        if ($isMap ? !$value instanceof \stdClass && [] !== $value : !\is_array($value)) {
            return $this->wrong($value, $type, $path, $faults);
        }
        $item = $type->getCollectionValueTypes()[0] ?? null;
        $entries = $value instanceof \stdClass ? get_object_vars($value) : (array) $value;
        $checked = [];
        foreach ($entries as $key => $entry) {
            $place = $isMap ? self::join($path, (string) $key) : "{$path}[$key]";
            $before = $faults->told();
            $one = null === $item ? $entry : $this->value($entry, $item, $place, $faults, $sound);
            if ($before === $faults->told()) {
                $checked[$key] = $one;
            }
        }
        if ($told !== $faults->told()) {
            array_push($sound, ...self::pieces($checked, $type, $path) ?? []);
        }

        return $checked;
    }

    private function scalar(mixed $value, Type $type, string $path, FaultCollector $faults): mixed
    {
        $fits = match ($type->getBuiltinType()) {
            Type::BUILTIN_TYPE_FLOAT => \is_int($value) || (\is_float($value) && is_finite($value)),
            Type::BUILTIN_TYPE_INT => \is_int($value),
            Type::BUILTIN_TYPE_BOOL => \is_bool($value),
            Type::BUILTIN_TYPE_STRING => \is_string($value),
            default => true,
        };
        if (!$fits) {
            return $this->wrong($value, $type, $path, $faults);
        }
        if (\is_string($value) && 1 === preg_match(self::CONTROL, $value)) {
            $faults->add(new Fault($path, 'This text has a control character. Remove it.', Fault::NOT_ALLOWED));

            return null;
        }

        return Type::BUILTIN_TYPE_FLOAT === $type->getBuiltinType() && \is_int($value) ? (float) $value : $value;
    }

    /** @param class-string<\BackedEnum> $enum */
    private function choice(mixed $value, string $enum, Type $type, string $path, FaultCollector $faults): mixed
    {
        return \is_string($value) && null !== $enum::tryFrom($value) ? $value : $this->wrong($value, $type, $path, $faults);
    }

    /** A moment with its zone, on a day the calendar has, within the years the program keeps. */
    private function date(mixed $value, Type $type, string $path, FaultCollector $faults): mixed
    {
        $date = \is_string($value) ? \DateTimeImmutable::createFromFormat(\DateTimeInterface::ATOM, $value) : false;
        $errors = \DateTimeImmutable::getLastErrors();
        if (false === $date || (false !== $errors && $errors['warning_count'] > 0)) {
            return $this->wrong($value, $type, $path, $faults);
        }
        $year = (int) $date->setTimezone(new \DateTimeZone('UTC'))->format('Y');
        if ($year < Bounds::FIRST_YEAR || $year > Bounds::LAST_YEAR) {
            $says = \sprintf(
                '%s is not allowed here. A year runs from %d to %d.',
                json_encode($value),
                Bounds::FIRST_YEAR,
                Bounds::LAST_YEAR,
            );
            $faults->add(new Fault($path, $says, 'not_in_range'));

            return null;
        }

        return $value;
    }

    private function wrong(mixed $value, Type $type, string $path, FaultCollector $faults): mixed
    {
        $faults->add(
            new Fault($path, \sprintf('%s is not allowed here. %s', self::shown($value), $this->types->expected($type)), Fault::WRONG_TYPE),
        );

        return null;
    }

    public static function join(string $path, string $field): string
    {
        return '' === $path || '' === $field ? $path.$field : $path.('[' === $field[0] ? '' : '.').$field;
    }

    private static function shown(mixed $value): string
    {
        if (\is_array($value)) {
            return 'A list';
        }
        if ($value instanceof \stdClass) {
            return 'An object';
        }
        $json = json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PARTIAL_OUTPUT_ON_ERROR);

        return mb_strimwidth((string) $json, 0, 60, '…');
    }
}

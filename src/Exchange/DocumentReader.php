<?php

declare(strict_types=1);

namespace App\Exchange;

use Symfony\Component\PropertyInfo\PropertyInfoExtractorInterface;
use Symfony\Component\Serializer\Exception\PartialDenormalizationException;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Validator\ConstraintViolationInterface;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/**
 * Turns JSON into a document object, or says of every field what is wrong with it and what is allowed.
 * The shapes are the classes under Api/Document: their types and constraints are the only description there is.
 */
final readonly class DocumentReader
{
    public function __construct(
        private DenormalizerInterface $denormalizer,
        private ValidatorInterface $validator,
        private PropertyInfoExtractorInterface $properties,
        private FaultWriter $words,
    ) {
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws InvalidDocument
     */
    public function read(string $json, string $class): object
    {
        return $this->fromArray(self::decode($json), $class);
    }

    /**
     * A list of documents, all read or none; every fault of every one is told, with its place in the list.
     *
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return list<T>
     *
     * @throws InvalidDocument
     */
    public function readList(string $json, string $class): array
    {
        $documents = [];
        $faults = [];
        $data = self::json($json);
        foreach (\is_array($data) && array_is_list($data) ? $data : throw InvalidDocument::fault('', 'A JSON list is expected.') as $index => $entry) {
            try {
                $documents[] = $this->fromArray(self::object($entry, "[$index]"), $class, "[$index]");
            } catch (InvalidDocument $invalid) {
                $faults = [...$faults, ...$invalid->faults];
            }
        }

        return [] === $faults ? $documents : throw InvalidDocument::because($faults);
    }

    /**
     * A document that was checked before it was stored, read back without checking again.
     *
     * @template T of object
     *
     * @param array<string, mixed> $data
     * @param class-string<T>      $class
     *
     * @return T
     */
    public function trusted(array $data, string $class): object
    {
        $document = $this->denormalizer->denormalize($data, $class, 'json');
        \assert($document instanceof $class);

        return $document;
    }

    public static function isList(string $json): bool
    {
        return str_starts_with(ltrim($json), '[');
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidDocument
     */
    public static function decode(string $json): array
    {
        return self::object(self::json($json), '');
    }

    /** @throws InvalidDocument */
    private static function json(string $json): mixed
    {
        try {
            return json_decode($json, true, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw InvalidDocument::fault('', 'This is not JSON ('.lcfirst($error->getMessage()).'). A JSON object is expected.');
        }
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidDocument
     */
    private static function object(mixed $data, string $path): array
    {
        if (!\is_array($data) || (array_is_list($data) && [] !== $data)) {
            throw InvalidDocument::fault($path, 'A JSON object is expected, with its fields by name.');
        }

        /** @var array<string, mixed> $data */
        return $data;
    }

    /**
     * @template T of object
     *
     * @param array<string, mixed> $data
     * @param class-string<T>      $class
     *
     * @return T
     *
     * @throws InvalidDocument
     */
    public function fromArray(array $data, string $class, string $path = ''): object
    {
        self::refuseEndless($data, $class, $path);
        $faults = $this->unknown($data, $class, $path);
        $document = null;
        try {
            $document = $this->denormalizer->denormalize($data, $class, 'json', [
                DenormalizerInterface::COLLECT_DENORMALIZATION_ERRORS => true,
            ]);
        } catch (PartialDenormalizationException $partial) {
            foreach ($partial->getErrors() as $error) {
                $faults[] = $this->words->wrongType($error, $data, $class, $path);
            }
            $document = $partial->getData();
        }
        if (\is_object($document)) {
            $told = array_map(static fn (Fault $fault): string => $fault->field, $faults);
            foreach ([...$this->missing($document, $path), ...$this->outOfBounds($document, $path)] as $fault) {
                if (!\in_array($fault->field, $told, true)) {
                    $faults[] = $fault;
                    $told[] = $fault->field;
                }
            }
        }
        if ([] !== $faults) {
            throw InvalidDocument::because($faults);
        }
        \assert($document instanceof $class);

        return $document;
    }

    /**
     * @param array<string, mixed> $data
     * @param class-string         $class
     *
     * @throws InvalidDocument
     */
    private static function refuseEndless(array $data, string $class, string $path): void
    {
        if (!is_subclass_of($class, LimitsLists::class)) {
            return;
        }
        foreach ($class::limits() as $field => $most) {
            $list = $data[$field] ?? null;
            if (\is_array($list) && \count($list) > $most) {
                throw InvalidDocument::fault(FaultWriter::join($path, $field), \sprintf('%d are too many. At most %d are allowed here.', \count($list), $most));
            }
        }
    }

    /**
     * Fields without a default that nothing was given for, at any depth.
     *
     * @return list<Fault>
     */
    private function missing(object $document, string $path): array
    {
        $faults = [];
        foreach ((new \ReflectionClass($document))->getProperties() as $property) {
            if (!$property->isInitialized($document)) {
                $faults[] = $this->words->missing($document::class, $property->name, $path);
                continue;
            }
            $value = $property->getValue($document);
            foreach (\is_array($value) ? $value : ['' => $value] as $index => $inner) {
                if (\is_object($inner) && !$inner instanceof \UnitEnum) {
                    $faults = [...$faults, ...$this->missing($inner, FaultWriter::join($path, $property->name).('' === $index ? '' : "[$index]"))];
                }
            }
        }

        return $faults;
    }

    /** @return list<Fault> */
    private function outOfBounds(object $document, string $path): array
    {
        $faults = [];
        /** @var ConstraintViolationInterface $violation */
        foreach ($this->validator->validate($document) as $violation) {
            $faults[] = new Fault(FaultWriter::join($path, $violation->getPropertyPath()), (string) $violation->getMessage());
        }

        return $faults;
    }

    /**
     * Names no property answers to, at any depth.
     *
     * @param array<mixed> $data
     * @param class-string $class
     *
     * @return list<Fault>
     */
    private function unknown(array $data, string $class, string $path): array
    {
        $known = $this->properties->getProperties($class) ?? [];
        $faults = [];
        foreach ($data as $name => $value) {
            $field = FaultWriter::join($path, (string) $name);
            if (!\in_array($name, $known, true)) {
                $faults[] = new Fault($field, 'There is no such field. Allowed here: '.implode(', ', $known).'.');
                continue;
            }
            if (!\is_array($value)) {
                continue;
            }
            foreach ($this->properties->getTypes($class, $name) ?? [] as $type) {
                $inner = $type->getClassName();
                $item = ($type->getCollectionValueTypes()[0] ?? null)?->getClassName();
                if (null !== $inner && class_exists($inner) && !enum_exists($inner)) {
                    $faults = [...$faults, ...$this->unknown($value, $inner, $field)];
                } elseif (null !== $item && class_exists($item) && !enum_exists($item)) {
                    foreach ($value as $index => $entry) {
                        $faults = [...$faults, ...(\is_array($entry) ? $this->unknown($entry, $item, "{$field}[$index]") : [])];
                    }
                }
            }
        }

        return $faults;
    }
}

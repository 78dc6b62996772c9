<?php

declare(strict_types=1);

namespace App\Contract\Reader;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use Symfony\Component\Serializer\Exception\ExceptionInterface;
use Symfony\Component\Serializer\Normalizer\DenormalizerInterface;
use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\ConstraintViolation;
use Symfony\Component\Validator\ConstraintViolationInterface;
use Symfony\Component\Validator\ConstraintViolationListInterface;
use Symfony\Component\Validator\Exception\InvalidArgumentException;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/**
 * Turns JSON into a document object, or says of every field what is wrong with it and what is allowed, all at once.
 * The shapes are the classes under Contract: their types and constraints are the only description there is.
 */
final readonly class DocumentReader
{
    public function __construct(
        private DenormalizerInterface $denormalizer,
        private ValidatorInterface $validator,
        private ShapeCheck $shape,
        private OlderFiles $older,
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
        $data = self::object(self::json($json), '');
        $this->older->upgrade($data, $class);

        return $this->one($data, $class, '');
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
        $data = self::json($json);
        if (!\is_array($data)) {
            throw InvalidDocument::fault('', 'Send a JSON list.', Fault::WRONG_TYPE);
        }
        $documents = [];
        $faults = [];
        $count = 0;
        foreach (array_values($data) as $index => $entry) {
            try {
                $documents[] = $this->one(self::object($entry, "[$index]"), $class, "[$index]");
            } catch (InvalidDocument $invalid) {
                $count += $invalid->count;
                $faults = \count($faults) < InvalidDocument::MOST_TOLD ? [...$faults, ...$invalid->faults] : $faults;
            }
        }

        return [] === $faults ? $documents : throw InvalidDocument::because($faults, $count);
    }

    /**
     * @template T of object
     *
     * @param array<string, mixed> $data fields by name, as a line of a table has them
     * @param class-string<T>      $class
     *
     * @return T
     *
     * @throws InvalidDocument
     */
    public function fromArray(array $data, string $class): object
    {
        return $this->one((object) $data, $class, '');
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
     *
     * @throws InvalidDocument where it is no longer of this shape all the same
     */
    public function trusted(array $data, string $class): object
    {
        try {
            $document = $this->denormalizer->denormalize($data, $class, 'json');
        } catch (ExceptionInterface|\TypeError $error) {
            throw InvalidDocument::fault('', 'The stored document cannot be read: '.$error->getMessage());
        }
        \assert($document instanceof $class);

        return $document;
    }

    public static function isList(string $json): bool
    {
        return str_starts_with(ltrim($json), '[');
    }

    /**
     * @return mixed objects as stdClass, lists as arrays
     *
     * @throws InvalidDocument
     */
    public static function json(string $json): mixed
    {
        try {
            return json_decode($json, false, Bounds::MOST_DEPTH, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            $says = 'This is not valid JSON ('.lcfirst($error->getMessage()).'). Send a JSON object.';
            throw InvalidDocument::fault('', $says, Fault::NOT_JSON);
        }
    }

    /** @throws InvalidDocument */
    private static function object(mixed $data, string $path): \stdClass
    {
        return $data instanceof \stdClass
            ? $data
            : throw InvalidDocument::fault($path, 'Send a JSON object with named fields.', Fault::WRONG_TYPE);
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
    private function one(\stdClass $data, string $class, string $path): object
    {
        $faults = new FaultCollector();
        $sound = [];
        $clean = $this->shape->object($data, $class, $path, $faults, $sound);
        $document = null;
        if ($faults->isEmpty()) {
            $document = $this->trusted($clean, $class);
            $this->tell($this->validator->validate($document), $path, $faults);
        }
        foreach ($sound as $piece) {
            $this->tell($this->violations($piece), $piece->path, $faults);
        }
        $faults->throwIfAny();

        return $document ?? throw new \LogicException('A document without faults can be made.');
    }

    private function violations(SoundPiece $piece): ConstraintViolationListInterface
    {
        return null === $piece->field
            ? $this->validator->validate($this->denormalizer->denormalize($piece->value, $piece->class, 'json'))
            : $this->validator->validatePropertyValue($piece->class, $piece->field, $piece->value);
    }

    private function tell(ConstraintViolationListInterface $violations, string $path, FaultCollector $faults): void
    {
        foreach ($violations as $violation) {
            $field = ShapeCheck::join($path, $violation->getPropertyPath());
            $faults->add(new Fault($field, (string) $violation->getMessage(), self::code($violation)));
        }
    }

    /** The constraint's own name for what is wrong, such as "is_blank"; a callback sets its own. */
    private static function code(ConstraintViolationInterface $violation): string
    {
        $constraint = $violation instanceof ConstraintViolation ? $violation->getConstraint() : null;
        $code = $violation->getCode();
        if (null === $code || 1 === preg_match('/^[a-z_]+$/D', $code) || !$constraint instanceof Constraint) {
            return $code ?? Fault::NOT_ALLOWED;
        }
        try {
            return strtolower(str_replace('_ERROR', '', $constraint::getErrorName($code)));
        } catch (InvalidArgumentException) {
            return Fault::NOT_ALLOWED;
        }
    }
}

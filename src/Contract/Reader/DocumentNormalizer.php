<?php

declare(strict_types=1);

namespace App\Contract\Reader;

/**
 * The one way from a document object to plain data, in the shape it was declared in: public properties under their names, choices as their
 * words, moments by one clock. A serializer takes forty times as long.
 */
final class DocumentNormalizer
{
    /** @return array<string, mixed> every field, null where it is; documents within it are arrays too */
    public function toArray(object $document): array
    {
        return self::fields($document, false, self::asArray(...));
    }

    /**
     * @return array<string, mixed> only the fields that say something: an empty list, object or text says nothing that leaving it
     *                              out does not, and JSON could not tell the first two apart once stored
     */
    public function toStored(object $document): array
    {
        return self::fields($document, true, self::asArray(...));
    }

    /**
     * As it goes out: of documents, lists of them and words beside them every field, but of documents that are mostly empty only those that
     * say something.
     */
    public function written(mixed $documents): mixed
    {
        return self::value($documents, null, static fn (array $fields): \stdClass => (object) $fields);
    }

    /** @return array<string, mixed> the same as arrays, for a table */
    public function cells(object $document): array
    {
        return self::fields($document, null, self::asArray(...));
    }

    /**
     * @param bool|null                              $isSparse whether fields that say nothing are left out; null where that is for the
     *                                                         document to say, for all within it too
     * @param callable(array<string, mixed>): mixed $within   what becomes of the fields of a document inside it
     *
     * @return array<string, mixed>
     */
    private static function fields(object $document, ?bool $isSparse, callable $within): array
    {
        $isSparse = null === $isSparse && $document instanceof Sparse ? true : $isSparse;
        $given = $document instanceof \JsonSerializable ? (array) $document->jsonSerialize() : get_object_vars($document);
        $fields = [];
        foreach ($given as $name => $one) {
            $fields[(string) $name] = self::value($one, $isSparse, $within);
        }

        return true === $isSparse ? array_filter($fields, self::saysSomething(...)) : $fields;
    }

    /** @param callable(array<string, mixed>): mixed $within */
    private static function value(mixed $value, ?bool $isSparse, callable $within): mixed
    {
        return match (true) {
            \is_array($value) => array_map(static fn (mixed $one): mixed => self::value($one, $isSparse, $within), $value),
            !\is_object($value) => $value,
            $value instanceof \BackedEnum => $value->value,
            $value instanceof Shorthand && null !== $value->word() => $value->word(),
            $value instanceof \DateTimeImmutable => $value->setTimezone(new \DateTimeZone('UTC'))->format(\DATE_ATOM),
            default => $within(self::fields($value, $isSparse, $within)),
        };
    }

    private static function saysSomething(mixed $value): bool
    {
        return null !== $value && '' !== $value && [] !== ($value instanceof \stdClass ? (array) $value : $value);
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function asArray(array $fields): array
    {
        return $fields;
    }
}

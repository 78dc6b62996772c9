<?php

declare(strict_types=1);

namespace App\Contract\Reader;

use Kontrast\Measure\Said;

/**
 * The one way from a document object to plain data, in the shape it was declared in: public properties under their names, choices as their
 * words, moments by one clock. What was worked out says its quantities in the units chosen; what somebody stored stays letter for letter.
 * A serializer takes forty times as long.
 */
final readonly class DocumentNormalizer
{
    public function __construct(private UnitsInUse $chosen)
    {
    }

    /** @return array<string, mixed> every field, null where it is; documents within it are arrays too */
    public function toArray(object $document): array
    {
        return self::fields($document, false, self::asArray(...), self::verbatim(...));
    }

    /**
     * @return array<string, mixed> only the fields that say something: an empty list, object or text says nothing that leaving it
     *                              out does not, and JSON could not tell the first two apart once stored
     */
    public function toStored(object $document): array
    {
        return self::fields($document, true, self::asArray(...), self::verbatim(...));
    }

    /**
     * As it goes out: of documents, lists of them and words beside them every field, but of documents that are mostly empty only those that
     * say something.
     */
    public function written(mixed $documents): mixed
    {
        // Asked once, and only where there is a quantity to be said.
        $units = null;
        $said = function (string $text) use (&$units): string {
            return str_contains($text, Said::BEGINS) ? Said::in($text, $units ??= $this->chosen->units()) : $text;
        };

        return self::value($documents, null, self::asObject(...), $said);
    }

    /** The same of what is stored, letter for letter. */
    public function stored(mixed $documents): mixed
    {
        return self::value($documents, null, self::asObject(...), self::verbatim(...));
    }

    /** @return array<string, mixed> the same as arrays, for a table */
    public function cells(object $document): array
    {
        return self::fields($document, null, self::asArray(...), self::verbatim(...));
    }

    /**
     * @param bool|null                              $isSparse whether fields that say nothing are left out; null where that is for the
     *                                                         document to say, for all within it too
     * @param callable(array<string, mixed>): mixed $within   what becomes of the fields of a document inside it
     * @param callable(string): string              $said     what becomes of a sentence
     *
     * @return array<string, mixed>
     */
    private static function fields(object $document, ?bool $isSparse, callable $within, callable $said): array
    {
        $isSparse = null === $isSparse && $document instanceof Sparse ? true : $isSparse;
        $given = $document instanceof \JsonSerializable ? (array) $document->jsonSerialize() : get_object_vars($document);
        $fields = [];
        foreach ($given as $name => $one) {
            $fields[(string) $name] = self::value($one, $isSparse, $within, $said);
        }

        return true === $isSparse ? array_filter($fields, self::saysSomething(...)) : $fields;
    }

    /**
     * @param callable(array<string, mixed>): mixed $within
     * @param callable(string): string              $said
     */
    private static function value(mixed $value, ?bool $isSparse, callable $within, callable $said): mixed
    {
        return match (true) {
            \is_string($value) => $said($value),
            \is_array($value) => array_map(static fn (mixed $one): mixed => self::value($one, $isSparse, $within, $said), $value),
            !\is_object($value) => $value,
            $value instanceof \BackedEnum => $value->value,
            $value instanceof Shorthand && null !== $value->word() => $value->word(),
            $value instanceof \DateTimeImmutable => $value->setTimezone(new \DateTimeZone('UTC'))->format(\DATE_ATOM),
            default => $within(self::fields($value, $isSparse, $within, $said)),
        };
    }

    private static function saysSomething(mixed $value): bool
    {
        return null !== $value && '' !== $value && [] !== ($value instanceof \stdClass ? (array) $value : $value);
    }

    private static function verbatim(string $text): string
    {
        return $text;
    }

    /** @param array<string, mixed> $fields */
    private static function asObject(array $fields): \stdClass
    {
        return (object) $fields;
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

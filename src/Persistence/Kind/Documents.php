<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Persistence\Entity\StoredDocument;
use App\Persistence\UnreadableDocument;

/** From documents to what is stored of them, and back. */
final readonly class Documents
{
    public function __construct(private DocumentNormalizer $normalizer, private DocumentReader $reader)
    {
    }

    public function stored(object $document, Shape $shape): StoredDocument
    {
        return StoredDocument::of(array_diff_key($this->normalizer->toStored($document), $shape->elsewhere), $shape->number);
    }

    /**
     * @template T of object
     *
     * @param class-string<T>      $class
     * @param array<string, mixed> $fields
     *
     * @return T
     *
     * @throws UnreadableDocument
     */
    public function made(array $fields, string $class): object
    {
        try {
            return $this->reader->trusted($fields, $class);
        } catch (InvalidDocument $invalid) {
            throw UnreadableDocument::because($invalid->getMessage());
        }
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     *
     * @throws UnreadableDocument
     */
    public function read(StoredDocument $stored, string $class): object
    {
        return $this->made($stored->data(), $class);
    }
}

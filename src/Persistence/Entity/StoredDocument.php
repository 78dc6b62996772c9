<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Persistence\UnreadableDocument;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/**
 * A JSON document in a column, with the number of the shape it was written in. It is decoded when asked for, so that a broken one breaks
 * nothing else.
 */
#[ORM\Embeddable]
final class StoredDocument
{
    private const DEPTH = 64;

    private function __construct(
        #[ORM\Column(name: 'document', type: Types::TEXT)]
        private string $json,
        #[ORM\Column(name: 'shape', type: Types::INTEGER)]
        private int $shape,
    ) {
    }

    /** @param array<string, mixed> $data */
    public static function of(array $data, int $shape): self
    {
        return new self(self::encode($data), $shape);
    }

    /** @param array<string, mixed> $data */
    public static function encode(array $data): string
    {
        return json_encode(
            (object) $data,
            \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR,
        );
    }

    /**
     * @return array<string, mixed>
     *
     * @throws UnreadableDocument
     */
    public function data(): array
    {
        $data = $this->read(true);

        /** @var array<string, mixed> */
        return \is_array($data) && str_starts_with(ltrim($this->json), '{') ? $data : throw UnreadableDocument::notJson('it is no object');
    }

    /**
     * The same with objects as stdClass, so that an object and a list can be told apart.
     *
     * @throws UnreadableDocument
     */
    public function decoded(): \stdClass
    {
        $data = $this->read(false);

        return $data instanceof \stdClass ? $data : throw UnreadableDocument::notJson('it is no object');
    }

    /** @throws UnreadableDocument */
    private function read(bool $isAsArray): mixed
    {
        try {
            return json_decode($this->json, $isAsArray, self::DEPTH, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw UnreadableDocument::notJson($error->getMessage());
        }
    }

    /** As it stands in the column. */
    public function raw(): string
    {
        return $this->json;
    }

    public function shape(): int
    {
        return $this->shape;
    }
}

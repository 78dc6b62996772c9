<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A table of one row that is one document: the settings, what is on the bench. */
trait OnlyOne
{
    use Versioned;

    public const ONLY = 'only';

    #[ORM\Id]
    #[ORM\Column(length: 10)]
    private string $id = self::ONLY;
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;

    /** @param array<string, mixed> $data a document of its kind */
    public function __construct(array $data)
    {
        $this->replace($data);
    }

    /** @param array<string, mixed> $data */
    public function replace(array $data): void
    {
        $this->document = StoredDocument::of($data, $this->kindOfDocument());
    }

    public function id(): string
    {
        return $this->id;
    }

    public function document(): StoredDocument
    {
        return $this->document;
    }
}

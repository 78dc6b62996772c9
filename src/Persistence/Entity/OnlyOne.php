<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;

/** A table of one row that is one document: the settings, what is on the bench. */
trait OnlyOne
{
    use Documented;
    use Versioned;

    public const ONLY = 'only';

    #[ORM\Id]
    #[ORM\Column(length: 10)]
    private string $id = self::ONLY;

    public function __construct(StoredDocument $document)
    {
        $this->replace($document);
    }

    public function replace(StoredDocument $document): void
    {
        $this->document = $document;
    }

    public function id(): string
    {
        return $this->id;
    }
}

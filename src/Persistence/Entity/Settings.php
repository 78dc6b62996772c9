<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Persistence\Upgrade\DocumentKind;
use Doctrine\ORM\Mapping as ORM;

/** The angler's standing choices. One row. */
#[ORM\Entity]
#[ORM\Table(name: 'settings')]
class Settings implements HasDocument
{
    use Versioned;

    public const ONLY = 'only';

    #[ORM\Id]
    #[ORM\Column(length: 10)]
    private string $id = self::ONLY;
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;

    /** @param array<string, mixed> $choices a settings document */
    public function __construct(array $choices)
    {
        $this->replace($choices);
    }

    /** @param array<string, mixed> $choices */
    public function replace(array $choices): void
    {
        $this->document = StoredDocument::of($choices, DocumentKind::Settings);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function document(): StoredDocument
    {
        return $this->document;
    }

    public function kindOfDocument(): DocumentKind
    {
        return DocumentKind::Settings;
    }

    public function title(): string
    {
        return 'Settings';
    }
}

<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Persistence\Upgrade\DocumentKind;
use Doctrine\ORM\Mapping as ORM;

/** What is on the bench: builds, the ones that undo brings back, the place in each checklist. One row. */
#[ORM\Entity]
#[ORM\Table(name: 'workbench')]
class Workbench implements HasDocument
{
    use Versioned;

    public const ONLY = 'only';

    #[ORM\Id]
    #[ORM\Column(length: 10)]
    private string $id = self::ONLY;
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;

    /** @param array<string, mixed> $workbench a workbench document */
    public function __construct(array $workbench)
    {
        $this->replace($workbench);
    }

    /** @param array<string, mixed> $workbench */
    public function replace(array $workbench): void
    {
        $this->document = StoredDocument::of($workbench, DocumentKind::Workbench);
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
        return DocumentKind::Workbench;
    }

    public function title(): string
    {
        return 'What is on the bench';
    }
}

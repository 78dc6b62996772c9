<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Persistence\Upgrade\DocumentKind;
use Doctrine\ORM\Mapping as ORM;

/** The reading being worked on, which is where the angler starts next time. One row. */
#[ORM\Entity]
#[ORM\Table(name: 'current_reading')]
class CurrentReading implements HasDocument
{
    use Versioned;

    public const ONLY = 'only';

    #[ORM\Id]
    #[ORM\Column(length: 10)]
    private string $id = self::ONLY;
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;

    /** @param array<string, mixed> $reading */
    public function __construct(
        array $reading,
        #[ORM\ManyToOne]
        private ?Water $water = null,
    ) {
        $this->document = StoredDocument::of($reading, DocumentKind::Reading);
    }

    /** The water it names, also where that was deleted since. */
    public function water(): ?Water
    {
        return $this->water;
    }

    /** @param array<string, mixed> $reading */
    public function replace(array $reading, ?Water $water): void
    {
        $this->document = StoredDocument::of($reading, DocumentKind::Reading);
        $this->water = $water;
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
        return DocumentKind::Reading;
    }

    public function title(): string
    {
        return 'Current reading';
    }

    /** @return array<string, mixed> a current reading document */
    public function toArray(): array
    {
        return ['reading' => $this->document->data(), 'water_id' => $this->water?->id()];
    }
}

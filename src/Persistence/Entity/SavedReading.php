<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Persistence\Upgrade\DocumentKind;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Reading\LureChoice;
use Symfony\Component\Uid\Uuid;

/** A reading saved with its time and place, to be reopened or compared. */
#[ORM\Entity]
#[ORM\Table(name: 'saved_reading')]
#[ORM\Index(name: 'saved_reading_taken', columns: ['taken_at', 'id'])]
class SavedReading implements HasDocument
{
    use Deletable;
    use Versioned;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;
    #[ORM\Column]
    private \DateTimeImmutable $takenAt;
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;

    /** @param array<string, mixed> $reading */
    public function __construct(
        ?string $id,
        \DateTimeImmutable $takenAt,
        array $reading,
        #[ORM\Column(length: 20, enumType: LureChoice::class)]
        private LureChoice $lure,
        #[ORM\ManyToOne]
        private ?Water $water,
        #[ORM\Column(length: 1000)]
        private string $note,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->takenAt = InUtc::of($takenAt);
        $this->document = StoredDocument::of($reading, DocumentKind::Reading);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function takenAt(): \DateTimeImmutable
    {
        return InUtc::read($this->takenAt);
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
        return \sprintf('Reading for a %s, %s', $this->lure->value, $this->takenAt()->format('Y-m-d H:i'));
    }

    public function water(): ?Water
    {
        return $this->water;
    }

    /** @return array<string, mixed> a saved reading document */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'taken_at' => InUtc::written($this->takenAt),
            'reading' => $this->document->data(),
            'water_id' => $this->water?->id(),
            'note' => $this->note,
        ];
    }
}

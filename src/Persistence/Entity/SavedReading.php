<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Contract\Reading\SavedReadingDocument;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Reading\LureChoice;
use Symfony\Component\Uid\Uuid;

/** A reading saved with its time and place, to be reopened or compared. */
#[ORM\Entity]
#[ORM\Table(name: 'saved_reading')]
#[ORM\Index(name: 'saved_reading_taken', columns: ['taken_at', 'id'])]
class SavedReading implements HasDocument, Deletable
{
    use DeletedAt;
    use Documented;
    use Identified;
    use Versioned;

    #[ORM\Column]
    private \DateTimeImmutable $takenAt;
    #[ORM\Column(length: 20, enumType: LureChoice::class)]
    private LureChoice $lure;
    #[ORM\ManyToOne]
    private ?Water $water;
    #[ORM\Column(length: 1000)]
    private string $note;

    public function __construct(SavedReadingDocument $reading, \DateTimeImmutable $takenAt, ?Water $water, StoredDocument $document)
    {
        $this->id = $reading->id ?? Uuid::v7()->toRfc4122();
        $this->takenAt = InUtc::convert($takenAt);
        $this->lure = $reading->reading->lure;
        $this->water = $water;
        $this->note = $reading->note;
        $this->document = $document;
    }

    public function title(): string
    {
        return \sprintf('Reading for a %s, %s', $this->lure->value, $this->takenAt()->format('Y-m-d H:i'));
    }

    public function takenAt(): \DateTimeImmutable
    {
        return InUtc::read($this->takenAt);
    }

    public function note(): string
    {
        return $this->note;
    }

    /** The water it names, also where that was deleted since. */
    public function water(): ?Water
    {
        return $this->water;
    }
}

<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Persistence\Upgrade\DocumentKind;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A day on the water as it was planned. */
#[ORM\Entity]
#[ORM\Table(name: 'trip')]
#[ORM\Index(name: 'trip_date', columns: ['date', 'id'])]
class Trip implements HasDocument
{
    use Deletable;
    use Versioned;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;

    /**
     * @param string               $date such as 2026-05-09
     * @param array<string, mixed> $trip a trip request document
     */
    public function __construct(
        ?string $id,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(length: 2000)]
        private string $note,
        #[ORM\Column(length: 10)]
        private string $date,
        #[ORM\ManyToOne]
        private ?Water $water,
        array $trip,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->document = StoredDocument::of($trip, DocumentKind::Trip);
    }

    /** The water it names, also where that was deleted since. */
    public function water(): ?Water
    {
        return $this->water;
    }

    /** @param array<string, mixed> $trip */
    public function replace(string $name, string $note, string $date, ?Water $water, array $trip): void
    {
        $this->name = $name;
        $this->note = $note;
        $this->date = $date;
        $this->water = $water;
        $this->document = StoredDocument::of($trip, DocumentKind::Trip);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function title(): string
    {
        return $this->name;
    }

    public function date(): string
    {
        return $this->date;
    }

    public function document(): StoredDocument
    {
        return $this->document;
    }

    public function kindOfDocument(): DocumentKind
    {
        return DocumentKind::Trip;
    }

    /** @return array<string, mixed> a saved trip document */
    public function toArray(): array
    {
        return ['id' => $this->id, 'version' => $this->version(), ...$this->fields()];
    }

    /** @return array<string, mixed> the same without what tells this row from others */
    public function fields(): array
    {
        return [
            'name' => $this->name,
            'note' => $this->note,
            'water_id' => $this->water?->id(),
            'trip' => $this->document->data(),
        ];
    }
}

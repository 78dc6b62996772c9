<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Contract\Trip\SavedTripDocument;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A day on the water as it was planned. */
#[ORM\Entity]
#[ORM\Table(name: 'trip')]
#[ORM\Index(name: 'trip_date', columns: ['date', 'id'])]
class Trip implements HasDocument, Deletable
{
    use DeletedAt;
    use Documented;
    use Identified;
    use Named;
    use Versioned;

    #[ORM\Column(length: 2000)]
    private string $note;
    #[ORM\Column(length: 10)]
    private string $date;
    #[ORM\ManyToOne]
    private ?Water $water;

    public function __construct(SavedTripDocument $trip, ?Water $water, StoredDocument $document)
    {
        $this->id = $trip->id ?? Uuid::v7()->toRfc4122();
        $this->replace($trip, $water, $document);
    }

    public function replace(SavedTripDocument $trip, ?Water $water, StoredDocument $document): void
    {
        $this->name = trim($trip->name);
        $this->note = $trip->note;
        $this->date = $trip->trip->date;
        $this->water = $water;
        $this->document = $document;
    }

    /** Such as 2026-05-09. */
    public function date(): string
    {
        return $this->date;
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

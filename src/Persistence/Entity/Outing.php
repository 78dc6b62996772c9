<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Contract\Outing\OutingDocument;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A day on the water as it was: the stints fished and what happened in them. */
#[ORM\Entity]
#[ORM\Table(name: 'outing')]
#[ORM\Index(name: 'outing_started', columns: ['started_at', 'id'])]
class Outing implements HasDocument, Deletable
{
    use DeletedAt;
    use Documented;
    use Identified;
    use Versioned;

    #[ORM\Column]
    private \DateTimeImmutable $startedAt;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $endedAt;
    #[ORM\ManyToOne]
    private ?Water $water;
    #[ORM\ManyToOne]
    private ?Trip $trip;
    #[ORM\Column(length: 2000)]
    private string $note;
    /** Counts what is noted in it, so that its version counts with it. */
    #[ORM\Column]
    private int $notes = 0;
    /** @var Collection<int, Stint> */
    #[ORM\OneToMany(targetEntity: Stint::class, mappedBy: 'outing', cascade: ['persist', 'remove'], orphanRemoval: true)]
    #[ORM\OrderBy(['startedAt' => 'ASC', 'id' => 'ASC'])]
    private Collection $stints;

    public function __construct(OutingDocument $outing, ?Water $water, ?Trip $trip, StoredDocument $box)
    {
        $this->id = $outing->id ?? Uuid::v7()->toRfc4122();
        $this->stints = new ArrayCollection();
        $this->replace($outing, $water, $trip, $box);
    }

    public function replace(OutingDocument $outing, ?Water $water, ?Trip $trip, StoredDocument $box): void
    {
        $this->startedAt = InUtc::convert($outing->started_at);
        $this->endedAt = null === $outing->ended_at ? null : InUtc::convert($outing->ended_at);
        $this->water = $water;
        $this->trip = $trip;
        $this->note = $outing->note;
        $this->fill($box);
    }

    /** @param StoredDocument $box a carried box document */
    public function fill(StoredDocument $box): void
    {
        $this->document = $box;
        $this->noted();
    }

    public function end(\DateTimeImmutable $at): void
    {
        $this->endedAt = InUtc::convert($at);
        $this->noted();
    }

    /** Something in it was noted or changed. */
    public function noted(): void
    {
        ++$this->notes;
    }

    public function add(Stint $stint): void
    {
        $this->stints->add($stint);
    }

    public function remove(Stint $stint): void
    {
        $this->stints->removeElement($stint);
    }

    public function title(): string
    {
        return 'Outing of '.InUtc::read($this->startedAt)->format('Y-m-d');
    }

    public function startedAt(): \DateTimeImmutable
    {
        return InUtc::read($this->startedAt);
    }

    public function endedAt(): ?\DateTimeImmutable
    {
        return null === $this->endedAt ? null : InUtc::read($this->endedAt);
    }

    public function water(): ?Water
    {
        return $this->water;
    }

    public function trip(): ?Trip
    {
        return $this->trip;
    }

    public function note(): string
    {
        return $this->note;
    }

    /** As others see it: null where the plan was deleted. */
    public function tripId(): ?string
    {
        return null === $this->trip || $this->trip->isDeleted() ? null : $this->trip->id();
    }

    /** @return list<Stint> in order of time */
    public function stints(): array
    {
        $stints = array_values($this->stints->toArray());
        usort($stints, static fn (Stint $a, Stint $b): int => [$a->startedAt(), $a->id()] <=> [$b->startedAt(), $b->id()]);

        return $stints;
    }

    public function stint(string $id): ?Stint
    {
        foreach ($this->stints as $stint) {
            if ($stint->id() === $id) {
                return $stint;
            }
        }

        return null;
    }
}
